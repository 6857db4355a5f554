"use client";

import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { roomIn, roomKinds } from "@/core/catalog";
import { useNow } from "@/ui/parts";
import { useSay, words } from "@/words";
import css from "./Start.module.css";

const OWN = "";
const MONTHS = Array.from({ length: 12 }, (_, at) => at + 1);
const monthName = (month: number): string =>
  new Intl.DateTimeFormat(words.language, { month: "long", timeZone: "UTC" }).format(Date.UTC(2026, month - 1, 15));

/** Rooms like many others, by month, for who has no gauge at hand. */
export function RoomPreset({ onTake }: { onTake: (room: { temperatureC: number; humidityRh: number }) => void }) {
  const say = useSay();
  const today = useNow();
  const [kindId, setKindId] = useState(OWN);
  const [chosen, setChosen] = useState<number | undefined>(undefined);
  const month = chosen ?? (today === "" ? 1 : Number(today.slice(5, 7)));
  const take = (id: string, at: number) => {
    const kind = roomKinds.find((one) => one.id === id);
    if (kind) onTake(roomIn(kind, at));
  };
  return (
    <div className={css.preset}>
      <TextField
        select
        label={say("start:roomKind")}
        value={kindId}
        slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        onChange={(event) => {
          setKindId(event.target.value);
          take(event.target.value, month);
        }}
      >
        <MenuItem value={OWN}>{say("start:roomOwn")}</MenuItem>
        {roomKinds.map(({ id }) => (
          <MenuItem key={id} value={id}>
            {say(`start:rooms.${id as "coolCellar"}`)}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={say("start:month")}
        value={String(month)}
        disabled={kindId === OWN}
        onChange={(event) => {
          setChosen(Number(event.target.value));
          take(kindId, Number(event.target.value));
        }}
      >
        {MONTHS.map((at) => (
          <MenuItem key={at} value={String(at)}>
            {monthName(at)}
          </MenuItem>
        ))}
      </TextField>
    </div>
  );
}
