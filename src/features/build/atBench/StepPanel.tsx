"use client";

import { useState } from "react";
import Button from "@mui/material/Button";
import type { Scheduled } from "@/core/build";
import { depthFrom } from "@/core/supply";
import { L_PER_US_DRY_QUART } from "@/core/units";
import { keepPhoto, useOpen } from "@/store";
import { NoteForm } from "@/ui/journal";
import { Cautions } from "@/ui/parts";
import { useFigures, useSay, useUnits } from "@/words";
import { useStepWords } from "../plan";
import css from "./AtBench.module.css";

/** One step, large: what can hurt first, then what, how much, to which line. */
export function StepPanel({
  step,
  usedL,
  onUsed,
}: {
  step: Scheduled;
  usedL: number | undefined;
  onUsed: (litres: number) => void;
}) {
  const say = useSay();
  const words = useStepWords();
  const figures = useFigures();
  const { habitat, act } = useOpen();
  const litres = step.plannedL ?? step.quantities.looseL;
  const big = litres === undefined ? undefined : figures.shown(litres, "volume");
  const about =
    step.about?.kind === "wall" || step.about === undefined ? "" : words.title(step).split(": ").slice(1).join(": ");
  return (
    <section className={css.step} aria-live="polite" aria-label={words.title(step)}>
      <Cautions codes={step.cautions} />
      <h1>{words.title(step)}</h1>
      {big ? (
        <p className={css.big}>
          <b>{big.figure}</b> {big.unit} {about}
        </p>
      ) : null}
      <p className={css.what}>{words.why(step)}</p>
      {step.plannedL === undefined || step.layerId === undefined ? null : (
        <Used
          step={step}
          plannedL={step.plannedL}
          layerId={step.layerId}
          usedL={usedL}
          onUsed={onUsed}
          key={`${habitat.id} ${step.id}`}
        />
      )}
      <details className={css.noting} key={step.id}>
        <summary>{say("build:bench.note")}</summary>
        <NoteForm taskId={step.id} keep={(file) => keepPhoto(habitat.id, file)} onWrite={(told) => act([told])} />
      </details>
    </section>
  );
}

type UsedProps = {
  step: Scheduled;
  plannedL: number;
  layerId: string;
  usedL: number | undefined;
  onUsed: (litres: number) => void;
};

/** What it took where that is not what was planned; the design may take it over, and what comes later follows. */
function Used({ plannedL, layerId, usedL, onUsed }: UsedProps) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const { derived, edit } = useOpen();
  const [taken, setTaken] = useState(false);
  const stepL = system === "us" ? L_PER_US_DRY_QUART : 1;
  const nowL = usedL ?? plannedL;
  const differs = Math.abs(nowL - plannedL) > 0.05;
  const made = differs ? depthFrom(derived, layerId, nowL) : undefined;
  const by = (litres: number) => {
    setTaken(false);
    onUsed(Math.max(0.1, nowL + litres));
  };
  return (
    <div className={css.used}>
      <span>{say("build:bench.used")}</span>
      <button type="button" aria-label={say("build:bench.less")} onClick={() => by(-stepL)}>
        −
      </button>
      <output className="measure">{figures.printed(nowL, "volume")}</output>
      <button type="button" aria-label={say("build:bench.more")} onClick={() => by(stepL)}>
        +
      </button>
      {made && !taken ? (
        <Button
          variant="outlined"
          onClick={() => {
            if (!edit(made.commands)) setTaken(true);
          }}
        >
          {say("build:bench.takeOver", { depthCm: made.frontCm })}
        </Button>
      ) : null}
    </div>
  );
}
