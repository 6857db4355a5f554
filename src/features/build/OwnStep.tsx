"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./Build.module.css";
import { usePlan, useStepWords } from "./plan";

const ANY_TIME = "";
const whole = (text: string): number => Math.max(0, Math.round(Number(text) || 0));

/** Puts a step of the builder's own into the plan. */
export function OwnStep() {
  const say = useSay();
  const words = useStepWords();
  const { edit } = useOpen();
  const { steps } = usePlan().plan;
  const [name, setName] = useState("");
  const [minutes, setMinutes] = useState("30");
  const [waitDays, setWaitDays] = useState("0");
  const [after, setAfter] = useState(ANY_TIME);
  const add = () => {
    const id = `own:${crypto.randomUUID().slice(0, 8)}`;
    const args = {
      ...{ id, name: name.trim(), before: [], after: after === ANY_TIME ? [] : [after] },
      ...{ minutes: whole(minutes), waitDays: whole(waitDays) },
    };
    if (!edit([{ name: "addTask", args }])) setName("");
  };
  return (
    <LedgerPart title={say("build:plan.own.title")}>
      <div className={css.own}>
        <TextField
          size="small"
          label={say("build:plan.own.name")}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 80 } }}
        />
        <div className={css.changeRow}>
          <TextField
            size="small"
            type="number"
            label={say("build:plan.own.minutes")}
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
            slotProps={{ htmlInput: { min: 0, max: 1440 } }}
          />
          <TextField
            size="small"
            type="number"
            label={say("build:plan.own.wait")}
            value={waitDays}
            onChange={(event) => setWaitDays(event.target.value)}
            slotProps={{ htmlInput: { min: 0, max: 400 } }}
          />
        </div>
        <TextField
          select
          size="small"
          label={say("build:plan.own.after")}
          value={after}
          onChange={(event) => setAfter(event.target.value)}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        >
          <option value={ANY_TIME}>{say("build:plan.own.anyTime")}</option>
          {steps
            .filter(({ job }) => job !== "moveIn")
            .map((step) => (
              <option key={step.id} value={step.id}>
                {words.title(step)}
              </option>
            ))}
        </TextField>
        <Button variant="outlined" disabled={name.trim() === ""} onClick={add}>
          {say("build:plan.own.add")}
        </Button>
      </div>
    </LedgerPart>
  );
}
