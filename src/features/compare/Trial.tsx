"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { daysAfter } from "@/core/units";
import { NO_TRIALS, trialOf, withoutTrial, withTrial, type Trial as TrialKept } from "@/core/trial";
import { putTrials, useTrials, type Standing } from "@/store";
import { useSay } from "@/words";
import css from "./Trial.module.css";
import { TrialForm } from "./TrialForm";
import { TrialTold } from "./TrialTold";

type Pair = readonly [Standing, Standing];
type Props = { pair: Pair; today: string; asked: boolean };

/** A trial of the two: the one there is with its verdict, or the way to begin one. */
export function Trial({ pair, today, asked }: Props) {
  const trials = useTrials();
  const [changing, setChanging] = useState(false);
  if (!trials || today === "") return null;
  const [a, b] = pair;
  const trial = trialOf(trials, a.design.id, b.design.id);
  const put = (next: TrialKept) => void putTrials(withTrial(trials ?? NO_TRIALS, next)).then(() => setChanging(false));
  if (!trial) return <Begin pair={pair} today={today} asked={asked} onBegin={put} />;
  // In the order the trial was begun in, whichever stands left now.
  const inOrder: Pair = trial.aId === a.design.id ? [a, b] : [b, a];
  return (
    <section className={css.trial} aria-labelledby="trial">
      <h2 id="trial">{trial.question}</h2>
      {changing ? (
        <TrialForm trial={trial} isNew={false} onKeep={put} onCancel={() => setChanging(false)} />
      ) : (
        <>
          <TrialTold trial={trial} pair={inOrder} today={today} />
          <Acts
            trial={trial}
            today={today}
            onChange={() => setChanging(true)}
            onEnd={() => put({ ...trial, endOn: today })}
            onRemove={() => void putTrials(withoutTrial(trials, trial.id))}
          />
        </>
      )}
    </section>
  );
}

type ActsProps = { trial: TrialKept; today: string; onChange: () => void; onEnd: () => void; onRemove: () => void };

function Acts({ trial, today, onChange, onEnd, onRemove }: ActsProps) {
  const say = useSay();
  return (
    <div className={css.buttons}>
      {(trial.endOn === null || trial.endOn > today) && trial.startOn < today ? (
        <Button size="small" variant="outlined" onClick={onEnd}>
          {say("compare:trial.end")}
        </Button>
      ) : null}
      <Button size="small" variant="text" onClick={onChange}>
        {say("compare:trial.change")}
      </Button>
      <Button size="small" variant="text" onClick={onRemove}>
        {say("compare:trial.remove")}
      </Button>
    </div>
  );
}

const USUAL_DAYS = 60;

type BeginProps = { pair: Pair; today: string; asked: boolean; onBegin: (trial: TrialKept) => void };

function Begin({ pair: [a, b], today, asked, onBegin }: BeginProps) {
  const say = useSay();
  const trial: TrialKept = {
    ...{ id: crypto.randomUUID(), question: "", aId: a.design.id, bId: b.design.id, series: "coolEnd.humidityRh" },
    ...{ startOn: today, endOn: daysAfter(today, USUAL_DAYS) },
  };
  return (
    <details className={css.begin} open={asked}>
      <summary>{say("compare:trial.start")}</summary>
      <p>{say("compare:trial.help")}</p>
      <TrialForm trial={trial} isNew onKeep={onBegin} onCancel={undefined} />
    </details>
  );
}
