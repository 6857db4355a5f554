"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { LIMITS } from "@/core/habitat";
import type { Due, Duty } from "@/core/keeping";
import { daysAfter } from "@/core/units";
import { useOpen } from "@/store";
import { useSay } from "@/words";
import { ComesFields } from "./ComesFields";
import css from "./Keeping.module.css";

type Props = { duty: Duty | Due; title: string; today: string; onDone: () => void };

const SNOOZES = [1, 3, 7] as const;

/** Put off, left out this time, changed for good, or off; with the reason where one is asked for. */
export function DutyChange({ duty, title, today, onDone }: Props) {
  const say = useSay();
  const { habitat, act, edit } = useOpen();
  const [reason, setReason] = useState("");
  const given = reason.trim();
  const own = habitat.care.own.find(({ id }) => `own-${id}` === duty.id);
  const change = (to: object) => edit([{ name: "changeDuty", args: { dutyId: duty.id, ...to } }]);
  const leave = (done: unknown) => {
    if (done === undefined) onDone();
  };
  return (
    <div className={css.change} role="group" aria-label={say("journal:change.label", { duty: title })}>
      {"dueOn" in duty ? (
        <div className={css.row}>
          <span>{say("journal:change.putOff")}</span>
          {SNOOZES.map((days) => (
            <button
              key={days}
              type="button"
              onClick={() =>
                leave(act([{ kind: "snoozed", on: today, dutyId: duty.id, untilOn: daysAfter(today, days) }]))
              }
            >
              {say("journal:change.byDays", { count: days })}
            </button>
          ))}
        </div>
      ) : null}
      <ComesFields comes={duty.comes} onChange={(comes) => change({ comes })} />
      <label className={css.tickLine}>
        <input
          type="checkbox"
          checked={duty.keepsPace}
          onChange={({ target }) => change({ keepsPace: target.checked })}
        />
        {say("journal:change.keepsPace")}
      </label>
      <label className={css.tickLine}>
        {say("journal:change.minutes")}
        <input
          type="number"
          min={0}
          max={LIMITS.taskMinutes.max}
          defaultValue={duty.minutes ?? ""}
          onBlur={({ target }) => {
            const minutes = target.value === "" ? null : Math.round(Number(target.value));
            if (minutes === null || (minutes >= 0 && minutes <= LIMITS.taskMinutes.max)) change({ minutes });
          }}
        />
      </label>
      <TextField
        size="small"
        fullWidth
        label={say("journal:change.reason")}
        value={reason}
        onChange={({ target }) => setReason(target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <div className={css.row}>
        {"dueOn" in duty ? (
          <Button
            size="small"
            variant="outlined"
            disabled={given === ""}
            onClick={() => leave(act([{ kind: "skipped", on: today, dutyId: duty.id, reason: given }]))}
          >
            {say("journal:change.skip")}
          </Button>
        ) : null}
        {own ? (
          <Button size="small" variant="outlined" onClick={() => edit([{ name: "removeDuty", args: { id: own.id } }])}>
            {say("journal:change.remove")}
          </Button>
        ) : (
          <Button
            size="small"
            variant="outlined"
            disabled={given === ""}
            onClick={() => leave(change({ off: true, reason: given }))}
          >
            {say("journal:change.off")}
          </Button>
        )}
      </div>
    </div>
  );
}
