"use client";

import Checkbox from "@mui/material/Checkbox";
import ExpandMoreOutlined from "@mui/icons-material/ExpandMoreOutlined";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { marking, unmarking, type Scheduled } from "@/core/build";
import { useOpen, useSession } from "@/store";
import { Cautions } from "@/ui/parts";
import { dayPrinted, useFigures, useSay } from "@/words";
import css from "./Build.module.css";
import { usePlan, useStepWords } from "./plan";
import { StepChange } from "./StepChange";

/** Every step by its day: what to do with its figures, how long by hand, how long it then stands, what it may slip. */
export function StepRows({ onMoveIn }: { onMoveIn: () => void }) {
  const { steps } = usePlan().plan;
  return (
    <ol className={css.tasks}>
      {steps.map((step, at) => {
        const before = steps.slice(0, at).flatMap((other) => (other.state === "done" ? [] : other.cautions));
        const cautions = step.state === "done" ? [] : step.cautions.filter((code) => !before.includes(code));
        return <StepRow key={step.id} step={step} cautions={cautions} onMoveIn={onMoveIn} />;
      })}
    </ol>
  );
}

type RowProps = { step: Scheduled; cautions: Scheduled["cautions"]; onMoveIn: () => void };

function StepRow({ step, cautions, onMoveIn }: RowProps) {
  const say = useSay();
  const words = useStepWords();
  const { habitat, act, strike } = useOpen();
  const events = useSession((session) => session.events);
  const { today } = usePlan();
  const [open, setOpen] = useState(false);
  const title = words.title(step);
  const mark = () => {
    if (step.state === "done") return strike(unmarking(step, events));
    if (step.job === "moveIn") return onMoveIn();
    const { told, commands } = marking(step, habitat, today);
    act(told, commands);
  };
  const next = step.state === "waiting" ? "over" : step.wait[1] > 0 && step.state === "todo" ? "begun" : undefined;
  return (
    <li className={css.task} data-done={step.state === "done"}>
      <Checkbox
        checked={step.state === "done"}
        indeterminate={step.state === "waiting"}
        onChange={mark}
        slotProps={{
          input: {
            "aria-label": next ? say(`build:plan.${next}`, { task: title }) : say("build:markDone", { task: title }),
          },
        }}
      />
      <div>
        <p className={css.title}>
          <b>{title}</b>
          <span className="measure">{dayPrinted(step.startOn)}</span>
        </p>
        <p className={css.why}>{words.why(step)}</p>
        <StepFacts step={step} />
        <Cautions codes={cautions} />
        {open ? <StepChange step={step} title={title} /> : null}
      </div>
      {step.state === "done" || step.job === "moveIn" ? null : (
        <IconButton
          size="small"
          aria-expanded={open}
          aria-label={say("build:plan.change", { task: title })}
          onClick={() => setOpen(!open)}
          className={css.more}
        >
          <ExpandMoreOutlined fontSize="small" style={{ rotate: open ? "180deg" : "none" }} />
        </IconButton>
      )}
    </li>
  );
}

/** Minutes by hand, the wait after it, and whether the move-in hangs on it. */
function StepFacts({ step }: { step: Scheduled }) {
  const say = useSay();
  const figures = useFigures();
  const { handsMin, wait, state, governs, floatDays } = step;
  const days = Math.ceil(wait[1]);
  const facts = [
    state === "todo" && handsMin[1] > 0
      ? say("build:plan.minutes", { low: figures.number(handsMin[0], 0), high: figures.number(handsMin[1], 0) })
      : undefined,
    state === "waiting" ? say("build:plan.waitsSince", { begunOn: step.startOn }) : undefined,
    days > 0 && state !== "done"
      ? `${say("build:waits", { count: days })}, ${say("build:readyOn", { readyOn: step.readyOn })}`
      : undefined,
    state !== "done" && !governs && floatDays > 0 ? say("build:plan.float", { count: floatDays }) : undefined,
  ].filter((fact) => fact !== undefined);
  if (facts.length === 0 && !governs) return null;
  return (
    <p className={css.wait} data-governs={governs && state !== "done"}>
      {facts.join(" · ")}
      {governs && days > 0 && state !== "done" ? <b> · {say("build:governs")}</b> : null}
    </p>
  );
}
