"use client";

import Checkbox from "@mui/material/Checkbox";
import ExpandMoreOutlined from "@mui/icons-material/ExpandMoreOutlined";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { marking, unmarking, type Scheduled } from "@/core/build";
import { useOpen, useSession } from "@/store";
import { Cautions } from "@/ui/parts";
import { dayPrinted, useFigures, useSay, type Figures, type Say } from "@/words";
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

/** What is worth knowing of a step that is not done: minutes by hand, its wait, and what it may slip. */
function openFacts(step: Scheduled, say: Say, figures: Figures): (string | undefined)[] {
  const { handsMin, wait, state, governs, floatDays, startOn, readyOn } = step;
  const [low, high] = handsMin.map((minutes) => figures.number(minutes, 0));
  const days = Math.ceil(wait[1]);
  return [
    state === "todo" && handsMin[1] > 0 ? say("build:plan.minutes", { low, high }) : undefined,
    state === "waiting" ? say("build:plan.waitsSince", { begunOn: startOn }) : undefined,
    days > 0 ? `${say("build:waits", { count: days })}, ${say("build:readyOn", { readyOn })}` : undefined,
    !governs && floatDays > 0 ? say("build:plan.float", { count: floatDays }) : undefined,
  ];
}

/** The facts of a step, and whether the move-in hangs on it. */
function StepFacts({ step }: { step: Scheduled }) {
  const say = useSay();
  const figures = useFigures();
  const usedL = useOpen().log.state.usedL[step.id];
  const isDone = step.state === "done";
  const doneFacts = usedL === undefined ? [] : [say("build:plan.used", { usedL })];
  const facts = (isDone ? doneFacts : openFacts(step, say, figures)).filter((fact) => fact !== undefined);
  const governs = step.governs && !isDone;
  if (facts.length === 0 && !governs) return null;
  return (
    <p className={css.wait} data-governs={governs}>
      {facts.join(" · ")}
      {governs && step.wait[1] > 0 ? <b> · {say("build:governs")}</b> : null}
    </p>
  );
}
