"use client";

import { useId } from "react";
import { inUse, isHeld, isSwitched, MINUTES_A_DAY, onSpans, type Span } from "@/core/gear";
import { GEAR_COLORS } from "@/ui/section";
import { capital, useFigures, useSay, monthNames, runSaid } from "@/words";
import { useOutlook } from "./season";
import css from "./Strip.module.css";

const HOURS = [0, 6, 12, 18, 24];
/** Seconds of mist are drawn this wide at least, so that they are seen. */
const LEAST_SHARE = 0.006;
const HIGH = 18;

/** A span as a shape: it rises and falls over its ramp. */
function shapeOf({ fromMin, untilMin, rampMin }: Span): string {
  const wide = Math.max(LEAST_SHARE, (untilMin - fromMin) / MINUTES_A_DAY) * 1000;
  const from = (fromMin / MINUTES_A_DAY) * 1000;
  const ramp = Math.min(wide / 2, (rampMin / MINUTES_A_DAY) * 1000);
  return `M${from},${HIGH} L${from + ramp},0 L${from + wide - ramp},0 L${from + wide},${HIGH} Z`;
}

/** When each piece of gear runs, from midnight to midnight, one row each; what a controller holds is hatched. */
export function DayStrip({ minute }: { minute: number | undefined }) {
  const say = useSay();
  const figures = useFigures();
  const hatch = useId();
  const { all, on } = useOutlook();
  const rows = all.filter(({ kind }) => isSwitched(kind));
  if (rows.length === 0) return null;
  const month = monthNames()[Number(on.slice(5, 7)) - 1] ?? "";
  return (
    <section className={css.strip} aria-label={say("climate:strip.label")}>
      <ul>
        {rows.map((one) => {
          const { piece, kind } = one;
          const name = capital(say.nameOf("gear", kind.id));
          const used = inUse(piece, on);
          const run = used ? runSaid(piece.run, on, say, figures) : say("climate:strip.off", { month });
          const color = GEAR_COLORS[kind.purpose];
          return (
            <li key={piece.id} aria-label={say("climate:strip.row", { name, run })}>
              <span title={name}>{name}</span>
              <svg viewBox={`0 0 1000 ${HIGH}`} preserveAspectRatio="none" aria-hidden>
                <pattern id={`${hatch}-${piece.id}`} width={12} height={HIGH} patternUnits="userSpaceOnUse">
                  <rect width={5} height={HIGH} fill={color} />
                </pattern>
                {used
                  ? onSpans(piece.run, on).map((span) => (
                      <path
                        key={span.fromMin}
                        d={shapeOf(span)}
                        fill={isHeld(piece.run) ? `url(#${hatch}-${piece.id})` : color}
                      />
                    ))
                  : null}
              </svg>
            </li>
          );
        })}
      </ul>
      <div className={css.hours} aria-hidden>
        {HOURS.map((hour) => (
          <span key={hour} className="measure" style={{ left: `${(hour / 24) * 100}%` }}>
            {hour}
          </span>
        ))}
        {minute === undefined ? null : <i style={{ left: `${(minute / MINUTES_A_DAY) * 100}%` }} />}
      </div>
    </section>
  );
}
