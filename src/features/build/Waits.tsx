"use client";

import { type Scheduled } from "@/core/build";
import { daysBetween } from "@/core/units";
import { dayPrinted, useSay } from "@/words";
import css from "./Build.module.css";

/** The build as bars over the days: which waits run side by side, and which of them sets the move-in. */
export function Waits({ plan }: { plan: readonly Scheduled[] }) {
  const say = useSay();
  const first = plan[0];
  const last = plan.at(-1);
  if (!first || !last) return <div className={css.waits} />;
  const begin = plan.reduce((day, task) => (task.startOn < day ? task.startOn : day), first.startOn);
  const span = Math.max(1, daysBetween(begin, last.startOn));
  const waiting = plan.filter((task) => task.waitDays > 0);
  const at = (day: string) => (daysBetween(begin, day) / span) * 100;
  return (
    <div className={css.waits} aria-hidden>
      {waiting.map((task) => (
        <div key={task.id} className={css.waitRow}>
          <span>{say(`build:tasks.${task.id}.title`)}</span>
          <div className={css.track}>
            <i
              data-governs={task.governs}
              style={{ left: `${at(task.startOn)}%`, width: `max(6px, ${at(task.readyOn) - at(task.startOn)}%)` }}
            >
              {at(task.readyOn) - at(task.startOn) > 18 ? say("build:waits", { count: task.waitDays }) : ""}
            </i>
          </div>
        </div>
      ))}
      <div className={`${css.waitRow} ${css.axis} measure`}>
        <span />
        <div>
          <span>{dayPrinted(begin)}</span>
          <span>{dayPrinted(last.startOn)}</span>
        </div>
      </div>
    </div>
  );
}
