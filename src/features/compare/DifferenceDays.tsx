"use client";

import useMediaQuery from "@mui/material/useMediaQuery";
import type { Measurable } from "@/core/log";
import type { DailyDifference, Interval } from "@/core/trial";
import { daysBetween } from "@/core/units";
import type { Standing } from "@/store";
import { channelApart, dayPrinted, useFigures, useSay, useUnits } from "@/words";
import css from "./Trial.module.css";

const HIGH = 132;
/** Drawn as wide as it is shown, so that its figures stay readable on a phone. */
const WIDE = { desk: 640, phone: 330 } as const;
const EDGE = { left: 64, right: 8, top: 8, bottom: 20 } as const;

type Props = {
  days: readonly DailyDifference[];
  interval: Interval;
  what: Measurable;
  pair: readonly [Standing, Standing];
};

/** The differences day by day about the line of no difference, with the mean and its interval laid over them. */
export function DifferenceDays({ days, interval, what, pair: [a, b] }: Props) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const wide = useMediaQuery("(max-width: 760px)") ? WIDE.phone : WIDE.desk;
  const [first, last] = [days[0], days.at(-1)];
  if (!first || !last) return null;
  const most =
    Math.max(...days.map(({ by }) => Math.abs(by)), Math.abs(interval.low), Math.abs(interval.high)) * 1.1 || 1;
  const span = Math.max(1, daysBetween(first.on, last.on));
  const x = (on: string) => EDGE.left + (daysBetween(first.on, on) / span) * (wide - EDGE.left - EDGE.right);
  const y = (by: number) => EDGE.top + ((most - by) / (2 * most)) * (HIGH - EDGE.top - EDGE.bottom);
  const printed = (by: number) => `${by < 0 ? "−" : "+"}${channelApart(by, what, system, figures)}`;
  const label = say("compare:trial.picture", {
    ...{ a: a.design.name, b: b.design.name, pairs: `${days.length}`, mean: printed(interval.mean) },
  });
  return (
    <svg className={css.days} viewBox={`0 0 ${wide} ${HIGH}`} role="img" aria-label={label}>
      <rect
        x={EDGE.left}
        y={y(interval.high)}
        width={wide - EDGE.left - EDGE.right}
        height={Math.max(1, y(interval.low) - y(interval.high))}
        fill="var(--moss)"
        opacity={0.22}
      />
      <path d={`M${EDGE.left} ${y(interval.mean)}H${wide - EDGE.right}`} stroke="var(--moss)" strokeWidth={2} />
      <path
        d={`M${EDGE.left} ${y(0)}H${wide - EDGE.right}`}
        stroke="var(--ink)"
        strokeWidth={1}
        strokeDasharray="3 3"
      />
      {days.map(({ on, by }) => (
        <circle key={on} cx={x(on)} cy={y(by)} r={3} fill="var(--clay)" />
      ))}
      <g className="measure" fontSize={11} fill="var(--soft)">
        {[most / 1.1, 0, -most / 1.1].map((by) => (
          <text key={by} x={EDGE.left - 6} y={y(by) + 4} textAnchor="end">
            {by === 0 ? "0" : printed(by)}
          </text>
        ))}
        <text x={EDGE.left} y={HIGH - 4}>
          {dayPrinted(first.on)}
        </text>
        <text x={wide - EDGE.right} y={HIGH - 4} textAnchor="end">
          {dayPrinted(last.on)}
        </text>
      </g>
    </svg>
  );
}
