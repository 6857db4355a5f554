"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Scheduled } from "@/core/build";
import { useOpen } from "@/store";
import { useSay } from "@/words";
import css from "./Build.module.css";

/** Another wait, a day of its own, or left out with a reason; of a step of one's own, also gone. */
export function StepChange({ step, title }: { step: Scheduled; title: string }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const [reason, setReason] = useState("");
  const change = habitat.build.changes.find(({ taskId }) => taskId === step.id);
  const set = (to: { waitDays?: number | null; pinnedOn?: string | null; skipped?: boolean; reason?: string | null }) =>
    edit([{ name: "changeTask", args: { taskId: step.id, ...to } }]);
  const given = reason.trim() === "" ? null : reason.trim();
  return (
    <div className={css.change} role="group" aria-label={say("build:plan.change", { task: title })}>
      <div className={css.changeRow}>
        <TextField
          key={`${Math.ceil(step.wait[1])}`}
          type="number"
          size="small"
          label={say("build:plan.waitDays")}
          defaultValue={Math.ceil(step.wait[1])}
          onBlur={(event) => {
            const days = Number(event.target.value);
            if (event.target.value === "" || !Number.isInteger(days) || days === Math.ceil(step.wait[1])) return;
            set({ waitDays: days, ...(given ? { reason: given } : {}) });
          }}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: 0, max: 400, step: 1 } }}
        />
        <TextField
          type="date"
          size="small"
          label={say("build:plan.pinnedOn")}
          value={change?.pinnedOn ?? ""}
          onChange={(event) => event.target.validity.valid && set({ pinnedOn: event.target.value || null })}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: "2000-01-01", max: "2100-12-31" } }}
        />
      </div>
      <TextField
        size="small"
        fullWidth
        label={say("build:plan.reason")}
        value={reason}
        placeholder={change?.reason ?? ""}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <div className={css.buttons}>
        {step.job === "own" ? (
          <Button size="small" variant="outlined" onClick={() => edit([{ name: "removeTask", args: { id: step.id } }])}>
            {say("build:plan.own.remove", { name: title })}
          </Button>
        ) : (
          <Button
            size="small"
            variant="outlined"
            disabled={given === null}
            onClick={() => set({ skipped: true, reason: given })}
          >
            {say("build:plan.skipNow")}
          </Button>
        )}
        {change ? (
          <Button
            size="small"
            variant="text"
            onClick={() => set({ waitDays: null, pinnedOn: null, skipped: false, reason: null })}
          >
            {say("build:plan.asPlanned")}
          </Button>
        ) : null}
      </div>
    </div>
  );
}
