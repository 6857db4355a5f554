"use client";

import type { Scheduled } from "@/core/build";
import { daysAfter, daysBetween } from "@/core/units";
import { dayPrinted, useSay } from "@/words";
import css from "./Build.module.css";
import { usePlan, useStepWords } from "./plan";

/** Rows there is room for; what waits longest is what the dates hang on. */
const MOST_ROWS = 9;

/** Steps worth a bar: those on the path, and the longest waits beside them. */
function shown(steps: readonly Scheduled[]): Scheduled[] {
  const waits = steps.filter(({ wait }) => wait[1] > 0);
  const open = waits.filter(({ state }) => state !== "done");
  // Of a build that is over, how it went.
  const waiting = open.length > 0 ? open : waits;
  const kept = new Set(
    waiting
      .toSorted((a, b) => Number(b.governs) - Number(a.governs) || b.wait[1] - a.wait[1])
      .slice(0, MOST_ROWS)
      .map(({ id }) => id),
  );
  return waiting.filter(({ id }) => kept.has(id));
}

/** The build as bars over the days: work by hand, then its wait, then by how much it may slip; the path stands out. */
export function Timeline() {
  const say = useSay();
  const words = useStepWords();
  const { plan, today } = usePlan();
  const first = plan.steps[0];
  const last = plan.steps.at(-1);
  if (!first || !last) return <div className={css.waits} />;
  const begin = plan.steps.reduce((day, { startOn }) => (startOn < day ? startOn : day), first.startOn);
  const span = Math.max(1, daysBetween(begin, last.startOn));
  const at = (day: string) => Math.min(100, Math.max(0, (daysBetween(begin, day) / span) * 100));
  return (
    <div className={css.waits} aria-hidden>
      {shown(plan.steps).map((step) => {
        const { startOn, readyOn, governs, floatDays } = step;
        const wide = at(readyOn) - at(startOn);
        return (
          <div key={step.id} className={css.waitRow}>
            <span title={words.title(step)}>{words.title(step)}</span>
            <div className={css.track}>
              {!governs && floatDays > 0 ? (
                <u style={{ left: `${at(readyOn)}%`, width: `${at(daysAfter(readyOn, floatDays)) - at(readyOn)}%` }} />
              ) : null}
              <i data-governs={governs} style={{ left: `${at(startOn)}%`, width: `max(6px, ${wide}%)` }}>
                {wide > 18 ? say("build:waits", { count: Math.ceil(step.wait[1]) }) : ""}
              </i>
              {today > begin && today < last.startOn ? <s style={{ left: `${at(today)}%` }} /> : null}
            </div>
          </div>
        );
      })}
      <div className={`${css.waitRow} ${css.axis} measure`}>
        <span />
        <div>
          <span>{dayPrinted(begin)}</span>
          <span>{dayPrinted(last.startOn)}</span>
        </div>
      </div>
      <p className={css.key}>
        <i data-governs /> {say("build:plan.path")} <u /> {say("build:plan.slack")}
      </p>
    </div>
  );
}
