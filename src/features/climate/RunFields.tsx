"use client";

import { useState } from "react";
import { hoursOn } from "@/core/gear";
import { LIMITS, type Run } from "@/core/habitat";
import { MeasureField, NumberInput } from "@/ui/measure";
import { useFigures, useSay, clockOf, minutesOf, timesOf } from "@/words";
import css from "./Gear.module.css";

type Props = { run: Run; name: string; on: string; onRun: (run: Run, gesture?: string) => void };
type Of<K extends Run["by"]> = Extract<Run, { by: K }>;

/** A time of the day. */
function Clock({ label, minutes, onTell }: { label: string; minutes: number; onTell: (minutes: number) => void }) {
  return (
    <input
      type="time"
      className={css.clock}
      aria-label={label}
      value={clockOf(minutes === 24 * 60 ? 0 : minutes)}
      onChange={(event) => {
        const read = minutesOf(event.target.value);
        if (read !== undefined) onTell(read);
      }}
    />
  );
}

/** From when until when, and how many hours that is. */
function Hours<R extends { fromMin: number; untilMin: number }>({
  run,
  labels: [from, until],
  onRun,
}: {
  run: R;
  labels: readonly [string, string];
  onRun: (run: R) => void;
}) {
  return (
    <span className={css.hours}>
      <Clock label={from} minutes={run.fromMin} onTell={(fromMin) => onRun({ ...run, fromMin })} />–
      <Clock label={until} minutes={run.untilMin} onTell={(untilMin) => onRun({ ...run, untilMin })} />
    </span>
  );
}

function Number({
  label,
  value,
  limits,
  onTell,
}: {
  label: string;
  value: number;
  limits: { min: number; max: number };
  onTell: (value: number, gesture: string) => void;
}) {
  return (
    <label className={css.told}>
      <span>{label}</span>
      <NumberInput whole label={label} value={value} limits={limits} onCommit={onTell} />
    </label>
  );
}

/** Times as they are written in a row; what is none of them is said, and nothing is lost. */
function Times({ run, name, onRun }: { run: Of<"bursts">; name: string; onRun: Props["onRun"] }) {
  const say = useSay();
  const [draft, setDraft] = useState<string | undefined>(undefined);
  const wrong = draft !== undefined && timesOf(draft) === undefined;
  return (
    <span className={css.times}>
      <input
        className={css.clock}
        aria-label={say("climate:gear.times", { name })}
        aria-invalid={wrong}
        value={draft ?? run.atMin.map(clockOf).join(", ")}
        onChange={(event) => {
          setDraft(event.target.value);
          const atMin = timesOf(event.target.value);
          if (atMin) onRun({ ...run, atMin });
        }}
        onBlur={() => !wrong && setDraft(undefined)}
      />
      {wrong ? <small role="alert">{say("climate:gear.timesWrong")}</small> : null}
    </span>
  );
}

/** What is held by day and by night; by night it may be off. */
function Warmth({ run, name, onRun }: { run: Of<"warmth">; name: string; onRun: Props["onRun"] }) {
  const say = useSay();
  const alarm = (side: "alarmLowC" | "alarmHighC", label: string) => (
    <MeasureField
      label={label}
      kind="temperature"
      value={run[side] ?? undefined}
      limits={LIMITS.readingC}
      onCommit={(value, gesture) => onRun({ ...run, [side]: value }, gesture)}
      onClear={() => onRun({ ...run, [side]: null })}
    />
  );
  return (
    <>
      <Hours
        run={run}
        labels={[say("climate:gear.dayFrom", { name }), say("climate:gear.dayUntil", { name })]}
        onRun={onRun}
      />
      <div className={css.places}>
        <MeasureField
          label={say("climate:gear.dayHold")}
          kind="temperature"
          value={run.dayC}
          limits={LIMITS.readingC}
          onCommit={(dayC, gesture) => onRun({ ...run, dayC }, gesture)}
        />
        <MeasureField
          label={say("climate:gear.nightHold")}
          kind="temperature"
          value={run.nightC ?? undefined}
          limits={LIMITS.readingC}
          help={run.nightC === null ? say("climate:gear.nightOff") : ""}
          onCommit={(nightC, gesture) => onRun({ ...run, nightC }, gesture)}
          onClear={() => onRun({ ...run, nightC: null })}
        />
        {alarm("alarmLowC", say("climate:gear.alarmLow"))}
        {alarm("alarmHighC", say("climate:gear.alarmHigh"))}
      </div>
    </>
  );
}

function Damp({ run, name, onRun }: { run: Of<"damp">; name: string; onRun: Props["onRun"] }) {
  const say = useSay();
  return (
    <>
      <Hours
        run={run}
        labels={[say("climate:gear.dayFrom", { name }), say("climate:gear.dayUntil", { name })]}
        onRun={onRun}
      />
      <div className={css.places}>
        <MeasureField
          label={say("climate:gear.dayHold")}
          kind="humidity"
          value={run.dayRh}
          limits={LIMITS.humidityRh}
          onCommit={(dayRh, gesture) => onRun({ ...run, dayRh }, gesture)}
        />
        <MeasureField
          label={say("climate:gear.nightHold")}
          kind="humidity"
          value={run.nightRh ?? undefined}
          limits={LIMITS.humidityRh}
          help={run.nightRh === null ? say("climate:gear.nightOff") : ""}
          onCommit={(nightRh, gesture) => onRun({ ...run, nightRh }, gesture)}
          onClear={() => onRun({ ...run, nightRh: null })}
        />
      </div>
    </>
  );
}

/** What belongs to the way a piece of gear is switched: its hours, its seconds, or what it holds. */
export function RunFields({ run, name, on, onRun }: Props) {
  const say = useSay();
  const figures = useFigures();
  const labels = [say("climate:gear.from", { name }), say("climate:gear.until", { name })] as const;
  const hours = <small>{say("climate:gear.hours", { hours: figures.number(hoursOn(run, on), 1) })}</small>;
  switch (run.by) {
    case "always":
      return null;
    case "warmth":
      return <Warmth run={run} name={name} onRun={onRun} />;
    case "damp":
      return <Damp run={run} name={name} onRun={onRun} />;
    case "bursts":
      return (
        <>
          <Times run={run} name={name} onRun={onRun} />
          <Number
            label={say("climate:gear.forS")}
            value={run.forS}
            limits={LIMITS.burstS}
            onTell={(forS, gesture) => onRun({ ...run, forS }, gesture)}
          />
        </>
      );
    case "cycle":
      return (
        <>
          <Number
            label={say("climate:gear.onMin")}
            value={run.onMin}
            limits={{ min: LIMITS.cycleMin.min, max: run.everyMin }}
            onTell={(onMin, gesture) => onRun({ ...run, onMin }, gesture)}
          />
          <Number
            label={say("climate:gear.everyMin")}
            value={run.everyMin}
            limits={{ min: run.onMin, max: LIMITS.cycleMin.max }}
            onTell={(everyMin, gesture) => onRun({ ...run, everyMin }, gesture)}
          />
          <Hours run={run} labels={labels} onRun={onRun} />
          {hours}
        </>
      );
    case "sun":
      return (
        <>
          <Number
            label={say("climate:gear.latitude")}
            value={run.latitudeDeg}
            limits={LIMITS.latitudeDeg}
            onTell={(latitudeDeg, gesture) => onRun({ ...run, latitudeDeg }, gesture)}
          />
          <small>{say("climate:gear.sunSays", { hours: figures.number(hoursOn(run, on), 1) })}</small>
        </>
      );
    case "hours":
      return (
        <>
          <Hours run={run} labels={labels} onRun={onRun} />
          {hours}
          <Number
            label={say("climate:gear.ramp")}
            value={run.rampMin}
            limits={LIMITS.rampMin}
            onTell={(rampMin, gesture) => onRun({ ...run, rampMin }, gesture)}
          />
        </>
      );
  }
}
