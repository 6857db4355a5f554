"use client";

import { useMemo } from "react";
import { differences } from "@/core/compare";
import { measurableOf, SERIES, type Measurable, type SeriesId } from "@/core/log";
import { outcomeOf, trialLog, type Interval, type Outcome, type Trial } from "@/core/trial";
import { daysBetween, type TimeZone } from "@/core/units";
import { useTrialRead, type Standing, type TrialRead } from "@/store";
import { channelApart, seriesSaid, useFigures, useSay, useUnits } from "@/words";
import { DifferenceDays } from "./DifferenceDays";
import css from "./Trial.module.css";
import { TrialLogs } from "./TrialLogs";
import { TrialPhotos } from "./TrialPhotos";

type Pair = readonly [Standing, Standing];
type Props = { trial: Trial; pair: Pair; today: string };

/** A trial as it stands: the verdict, the days it goes by, what else was read, what both logs tell. */
export function TrialTold({ trial, pair, today }: Props) {
  const untilOn = trial.endOn !== null && trial.endOn < today ? trial.endOn : today;
  const zone = pair[0].design.timeZone;
  const read = useTrialRead(trial.aId, trial.bId, { fromOn: trial.startOn, untilOn, zone });
  const told = useMemo(() => read && toldBy(trial, read, untilOn, zone), [trial, read, untilOn, zone]);
  if (!told) return null;
  const { main, others, logs } = told;
  return (
    <>
      <Span trial={trial} today={today} />
      <p className={css.verdict} data-kind={main.verdict.kind}>
        <VerdictSaid read={main} pair={pair} />
      </p>
      {main.interval && main.verdict.kind !== "tooFew" ? (
        <>
          <IntervalSaid interval={main.interval} what={measurableOf(main.series)} pair={pair} />
          <DifferenceDays days={main.days} interval={main.interval} what={measurableOf(main.series)} pair={pair} />
        </>
      ) : null}
      <Held pair={pair} />
      <Others others={others} pair={pair} />
      <TrialLogs logs={logs} pair={pair} />
      <TrialPhotos logs={logs} pair={pair} />
    </>
  );
}

/** What was read in both and what both logs tell, worked out once for what was read. */
function toldBy({ series, startOn }: Trial, [a, b]: readonly [TrialRead, TrialRead], untilOn: string, zone: TimeZone) {
  const outcome = (one: SeriesId) => outcomeOf(one, a.hours[one] ?? [], b.hours[one] ?? [], zone);
  return {
    main: outcome(series),
    others: SERIES.filter((one) => one !== series)
      .map(outcome)
      .filter(({ days }) => days.length > 0),
    logs: [trialLog(a.events, startOn, untilOn), trialLog(b.events, startOn, untilOn)] as const,
  };
}

function Span({ trial: { series, startOn, endOn }, today }: { trial: Trial; today: string }) {
  const say = useSay();
  const what = seriesSaid(series, say);
  const isOver = endOn !== null && endOn <= today;
  const count = daysBetween(startOn, isOver ? endOn : today);
  if (count < 0) return <p className={css.span}>{say("compare:trial.notBegun", { what, startOn })}</p>;
  return (
    <p className={css.span}>
      {isOver
        ? say("compare:trial.until", { what, startOn, endOn, count })
        : say("compare:trial.since", { what, startOn, count })}
    </p>
  );
}

function VerdictSaid({ read: { series, verdict, interval }, pair }: { read: Outcome; pair: Pair }) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  switch (verdict.kind) {
    case "tooFew":
      return say("compare:trial.verdict.tooFew", { count: verdict.days, needed: `${verdict.needed}` });
    case "higher":
      return say(verdict.isWorth ? "compare:trial.verdict.higher" : "compare:trial.verdict.little", {
        name: pair[verdict.which === "a" ? 0 : 1].design.name,
        much: channelApart(interval?.mean ?? 0, measurableOf(series), system, figures),
      });
    case "open":
      return verdict.moreDays === undefined
        ? say("compare:trial.verdict.open")
        : say("compare:trial.verdict.openMore", { count: verdict.moreDays });
    default:
      return say("compare:trial.verdict.alike");
  }
}

function IntervalSaid({ interval, what, pair }: { interval: Interval; what: Measurable; pair: Pair }) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const printed = (by: number) => channelApart(by, what, system, figures);
  const { low, high, n, effectiveN } = interval;
  const [near, far] = [low, high].toSorted((one, other) => Math.abs(one) - Math.abs(other)) as [number, number];
  const range =
    low * high > 0
      ? say("compare:trial.interval.between", { from: printed(near), to: printed(far) })
      : say("compare:trial.interval.across", { name: pair[0].design.name, from: printed(low), to: printed(high) });
  return (
    <p className={css.span}>
      {range} {say("compare:trial.paired", { pairs: `${n}`, worth: `${Math.round(effectiveN)}` })}{" "}
      {say("compare:trial.swap")}
    </p>
  );
}

/** What differs between the two, and that the rest is held equal. */
function Held({ pair: [a, b] }: { pair: Pair }) {
  const say = useSay();
  const parts = differences(a.design, b.design).map(({ part }) => say(`compare:parts.${part}`));
  const kind = parts.length === 0 ? "none" : parts.length === 1 ? "one" : "many";
  return (
    <p className={css.held} data-kind={kind}>
      {say(`compare:trial.differs.${kind}`, { parts: parts.join(", ").toLocaleLowerCase() })}
    </p>
  );
}

function Others({ others, pair }: { others: readonly Outcome[]; pair: Pair }) {
  const say = useSay();
  if (others.length === 0) return null;
  return (
    <>
      <h3>{say("compare:trial.also")}</h3>
      <ul className={css.others}>
        {others.map((read) => (
          <li key={read.series}>
            <span>{seriesSaid(read.series, say)}</span>
            <span>
              <VerdictSaid read={read} pair={pair} />
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
