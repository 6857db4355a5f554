"use client";

import { LIMITS, type Run } from "@/core/habitat";
import { MeasureField } from "@/ui/measure";
import { useFigures, useSay } from "@/words";
import css from "./Gear.module.css";

const MINUTES_A_DAY = 24 * 60;
const two = (n: number): string => String(n).padStart(2, "0");

/** Minutes after midnight as a clock shows them. @example clockOf(495) // "08:15" */
const clockOf = (minutes: number): string => `${two(Math.floor(minutes / 60) % 24)}:${two(minutes % 60)}`;

function minutesOf(clock: string): number | undefined {
  const read = /^(\d{1,2}):(\d{2})$/.exec(clock);
  return read ? Number(read[1]) * 60 + Number(read[2]) : undefined;
}

/** How long it is on; over midnight where it ends before it begins. */
const hoursOn = (fromMin: number, untilMin: number): number =>
  ((untilMin - fromMin + MINUTES_A_DAY) % MINUTES_A_DAY) / 60;

type Props = { run: Run; name: string; onRun: (run: Run, gesture?: string) => void };

/** What belongs to the way a piece of gear is switched: its hours, or what it holds. */
export function RunFields({ run, name, onRun }: Props) {
  const say = useSay();
  const figures = useFigures();
  switch (run.by) {
    case "always":
      return null;
    case "warmth":
      return (
        <MeasureField
          label={say("climate:gear.hold", { name })}
          kind="temperature"
          value={run.holdC}
          limits={LIMITS.readingC}
          onCommit={(holdC, gesture) => onRun({ by: "warmth", holdC }, gesture)}
        />
      );
    case "damp":
      return (
        <MeasureField
          label={say("climate:gear.hold", { name })}
          kind="humidity"
          value={run.holdRh}
          limits={LIMITS.humidityRh}
          onCommit={(holdRh, gesture) => onRun({ by: "damp", holdRh }, gesture)}
        />
      );
    case "hours": {
      const clock = (label: string, minutes: number, told: (minutes: number) => Run) => (
        <input
          type="time"
          className={css.clock}
          aria-label={label}
          value={clockOf(minutes)}
          onChange={(event) => {
            const read = minutesOf(event.target.value);
            if (read !== undefined) onRun(told(read));
          }}
        />
      );
      return (
        <span className={css.hours}>
          {clock(say("climate:gear.from", { name }), run.fromMin, (fromMin) => ({ ...run, fromMin }))}–
          {clock(say("climate:gear.until", { name }), run.untilMin, (untilMin) => ({ ...run, untilMin }))}
          <small>{say("climate:gear.hours", { hours: figures.number(hoursOn(run.fromMin, run.untilMin), 1) })}</small>
        </span>
      );
    }
  }
}
