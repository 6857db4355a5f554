"use client";

import Button from "@mui/material/Button";
import { forgetAside, type useAside } from "@/store";
import { saveRawFile } from "@/ui/files";
import { useSay } from "@/words";
import css from "./Shelf.module.css";

const whenFormat = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  hour: "2-digit",
  minute: "2-digit",
});

/** When a copy was set aside; one that tells no time there is goes without. */
const whenSaid = (at: string): string => {
  const atMs = Date.parse(at);
  return Number.isNaN(atMs) ? "" : whenFormat.format(atMs);
};

/** Copies that could not be kept in their place: offered as files until they are forgotten. */
export function SetAside({ copies }: { copies: ReturnType<typeof useAside> }) {
  const say = useSay();
  return (
    <section className={css.aside} aria-label={say("problems:aside.title")}>
      <h2>{say("problems:aside.title")}</h2>
      <ul>
        {copies.map(({ id, name, why, at, raw }) => (
          <li key={id}>
            <span>{say(`problems:aside.${why}`, { name, time: whenSaid(at) })}</span>
            <Button size="small" variant="outlined" onClick={() => saveRawFile(name, raw)}>
              {say("problems:aside.save")}
            </Button>
            <Button size="small" variant="text" onClick={() => void forgetAside(id)}>
              {say("problems:aside.forget")}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
