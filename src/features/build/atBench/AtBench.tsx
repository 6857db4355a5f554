"use client";

import Dialog from "@mui/material/Dialog";
import Button from "@mui/material/Button";
import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import { marking, type Scheduled } from "@/core/build";
import { useOpen } from "@/store";
import { LitSection } from "@/ui/section";
import { useSay, useUnits } from "@/words";
import { usePlan, useStepWords } from "../plan";
import css from "./AtBench.module.css";
import { StepPanel } from "./StepPanel";
import { Timers } from "./Timers";
import { useAwake } from "./useAwake";
import { useTurning } from "./useTurning";
import { Arrival } from "../Arrival";

/** The build at the bench: one step at a time, large, for a tablet or a phone and dirty hands. */
export function AtBench() {
  const router = useRouter();
  const { habitat } = useOpen();
  const say = useSay();
  const leave = () => router.push(`/h/${habitat.id}/build`);
  return (
    <Dialog
      fullScreen
      open
      onClose={leave}
      slotProps={{
        paper: { className: css.paper ?? "", "aria-label": say("build:bench.label", { name: habitat.name }) },
      }}
    >
      <Steps onLeave={leave} />
    </Dialog>
  );
}

/** What is at hand: begun steps wait by themselves and come up again when their wait is over. */
const isOpen = ({ state, readyOn }: Scheduled, today: string): boolean =>
  state === "todo" || (state === "waiting" && readyOn <= today);

function Steps({ onLeave }: { onLeave: () => void }) {
  const say = useSay();
  const words = useStepWords();
  const system = useUnits();
  const { habitat, derived, act } = useOpen();
  const { plan, today } = usePlan();
  const { steps } = plan;
  const [at, setAt] = useState<string>();
  const [used, setUsed] = useState<Readonly<Record<string, number>>>({});
  const [moving, setMoving] = useState(false);
  useAwake();
  const first = steps.findIndex((step) => isOpen(step, today));
  const chosen = steps.findIndex(({ id }) => id === at);
  const index = chosen >= 0 ? chosen : first >= 0 ? first : steps.length - 1;
  const step = steps[index];
  const goTo = useCallback((to: number) => setAt(steps[Math.min(steps.length - 1, Math.max(0, to))]?.id), [steps]);
  const swipe = useTurning(useCallback((by: 1 | -1) => goTo(index + by), [goTo, index]));
  if (!step) return <div className={css.page} aria-busy />;
  const next = steps.slice(index + 1).find((one) => isOpen(one, today));
  const done = () => {
    if (step.job === "moveIn") return setMoving(true);
    if (isOpen(step, today)) {
      const { told, commands } = marking(step, habitat, today, used[step.id]);
      if (act(told, commands)) return undefined;
    }
    return setAt(next?.id ?? steps.at(-1)?.id);
  };
  const title = words.title(step);
  return (
    <div className={css.page} {...swipe}>
      <header className={css.head}>
        <b>{habitat.name}</b>
        <span>
          {say("build:bench.place", { nth: index + 1, of: steps.length })}
          {step.handsMin[1] > 0
            ? ` · ${say("build:bench.byHand", { low: step.handsMin[0], high: step.handsMin[1] })}`
            : ""}
          {step.startOn > today ? ` · ${say("build:bench.plannedOn", { startOn: step.startOn })}` : ""}
        </span>
        <span className={css.dots} aria-hidden>
          {steps.map((one, n) => (
            <i key={one.id} data-state={n === index ? "now" : one.state} />
          ))}
        </span>
        <Button size="small" variant="outlined" onClick={onLeave}>
          {say("build:bench.leave")}
        </Button>
      </header>
      <main className={css.main}>
        <LitSection habitat={habitat} ground={derived.ground} layerId={step.layerId} label={title} system={system} />
        <StepPanel step={step} usedL={used[step.id]} onUsed={(litres) => setUsed({ ...used, [step.id]: litres })} />
      </main>
      <Timers habitatId={habitat.id} label={title} />
      <footer className={css.foot}>
        <button type="button" disabled={index === 0} onClick={() => goTo(index - 1)}>
          ‹ {say("build:bench.back")}
        </button>
        <button type="button" className={css.done} onClick={done}>
          {doneSaid(step, next, today, say, words.title)}
        </button>
        <ReadAloud
          text={[title, words.why(step), ...step.cautions.map((code) => say(`cautions:${code}`))].join(". ")}
        />
        <button type="button" onClick={() => goTo(index + 1)} disabled={index === steps.length - 1}>
          {say("build:bench.notNow")}
        </button>
      </footer>
      <Arrival open={moving} onClose={() => setMoving(false)} />
    </div>
  );
}

function doneSaid(
  step: Scheduled,
  next: Scheduled | undefined,
  today: string,
  say: ReturnType<typeof useSay>,
  title: (step: Scheduled) => string,
): string {
  if (!isOpen(step, today)) return say("build:bench.next");
  const waits = step.state === "todo" && step.wait[1] > 0;
  const what = waits ? say("build:bench.begun") : say("build:bench.done");
  if (!next) return what;
  return next.startOn > today
    ? say("build:bench.doneThen", { done: what, nextOn: next.startOn })
    : say("build:bench.doneNext", { done: what, next: title(next) });
}

/** Reads the step aloud when it is asked to; nothing where the browser has no voice. */
function ReadAloud({ text }: { text: string }) {
  const say = useSay();
  if (typeof window === "undefined" || !("speechSynthesis" in window)) return null;
  const read = () => {
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
  };
  return (
    <button type="button" onClick={read}>
      {say("build:bench.aloud")}
    </button>
  );
}
