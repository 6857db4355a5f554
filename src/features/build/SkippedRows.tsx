"use client";

import Button from "@mui/material/Button";
import { activities } from "@/core/build";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { stepTitle, useLibrary, useSay } from "@/words";
import css from "./Build.module.css";

/** What was left out, why, and the way back. */
export function SkippedRows() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const skipped = habitat.build.changes.filter(({ skipped: is }) => is);
  const steps = activities(derived).flatMap((step) => {
    const change = skipped.find(({ taskId }) => taskId === step.id);
    return change ? [{ step, change }] : [];
  });
  if (steps.length === 0) return null;
  return (
    <LedgerPart title={say("build:plan.skippedTitle")}>
      <ul className={css.plain}>
        {steps.map(({ step, change }) => (
          <li key={step.id}>
            <span>
              {stepTitle(step, { say, library, mixes: habitat.mixes })}
              {change.reason ? <small>{change.reason}</small> : null}
            </span>
            <Button
              size="small"
              onClick={() => edit([{ name: "changeTask", args: { taskId: step.id, skipped: false, reason: null } }])}
            >
              {say("build:plan.putBack")}
            </Button>
          </li>
        ))}
      </ul>
    </LedgerPart>
  );
}
