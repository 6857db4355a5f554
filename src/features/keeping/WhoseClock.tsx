"use client";

import Button from "@mui/material/Button";
import { useOpen, zoneHere } from "@/store";
import { useSay } from "@/words";
import css from "./Keeping.module.css";

/** Says by whose clock days and hours are told, where that is not this device's, and lets it become this one's. */
export function WhoseClock() {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const [told, here] = [habitat.timeZone, zoneHere()];
  if (told === null || told === here) return null;
  const zone = told.replaceAll("_", " ");
  return (
    <p className={css.clock}>
      <span>{say("journal:clock.told", { zone })}</span>
      <Button size="small" variant="text" onClick={() => edit([{ name: "setTimeZone", args: { timeZone: here } }])}>
        {say("journal:clock.here", { zone: here.replaceAll("_", " ") })}
      </Button>
    </p>
  );
}
