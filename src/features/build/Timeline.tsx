"use client";

import { useRef, useState, type PointerEvent, type ReactNode } from "react";
import type { Scheduled } from "@/core/build";
import { daysAfter, daysBetween } from "@/core/units";
import { useOpen } from "@/store";
import { dayPrinted, useSay, type Say } from "@/words";
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
  const { plan, today } = usePlan();
  const first = plan.steps[0];
  const last = plan.steps.at(-1);
  if (!first || !last) return <div className={css.waits} />;
  const begin = plan.steps.reduce((day, { startOn }) => (startOn < day ? startOn : day), first.startOn);
  const span = Math.max(1, daysBetween(begin, last.startOn));
  const at = (day: string) => Math.min(100, Math.max(0, (daysBetween(begin, day) / span) * 100));
  return (
    <div className={css.waits} aria-hidden>
      {shown(plan.steps).map((step) => (
        <Bar key={step.id} step={step} at={at} spanDays={span}>
          {today > begin && today < last.startOn ? <s style={{ left: `${at(today)}%` }} /> : null}
        </Bar>
      ))}
      <div className={`${css.waitRow} ${css.axis} measure`}>
        <span />
        <div>
          <span>{dayPrinted(begin)}</span>
          <span>{dayPrinted(last.startOn)}</span>
        </div>
      </div>
      <p className={css.key}>
        {plan.steps.some(({ state }) => state === "todo") ? say("build:plan.drag") : null} <i data-governs />{" "}
        {say("build:plan.path")} <u /> {say("build:plan.slack")}
      </p>
    </div>
  );
}

type BarProps = { step: Scheduled; at: (day: string) => number; spanDays: number; children: ReactNode };

/** One step as a bar; drawn along the days it is fixed on the day it is let go. Fields do the same in its row. */
function Bar({ step, at, spanDays, children }: BarProps) {
  const say = useSay();
  const words = useStepWords();
  const { habitat, edit } = useOpen();
  const track = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState<{ fromX: number; days: number }>();
  const { startOn, readyOn, governs, floatDays, state } = step;
  const isPinned = habitat.build.changes.some(({ taskId, pinnedOn }) => taskId === step.id && pinnedOn !== null);
  const wide = at(readyOn) - at(startOn);
  const moved = drawn?.days ?? 0;
  const daysAt = (clientX: number, fromX: number): number =>
    Math.round(((clientX - fromX) / (track.current?.clientWidth ?? 1)) * spanDays);
  const take = (event: PointerEvent<HTMLElement>) => {
    if (state !== "todo") return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrawn({ fromX: event.clientX, days: 0 });
  };
  const letGo = () => {
    setDrawn(undefined);
    if (moved !== 0) edit([{ name: "changeTask", args: { taskId: step.id, pinnedOn: daysAfter(startOn, moved) } }]);
  };
  return (
    <div className={css.waitRow}>
      <span title={words.title(step)}>{words.title(step)}</span>
      <div className={css.track} ref={track}>
        {!governs && floatDays > 0 ? (
          <u style={{ left: `${at(readyOn)}%`, width: `${at(daysAfter(readyOn, floatDays)) - at(readyOn)}%` }} />
        ) : null}
        <i
          data-governs={governs}
          data-pinned={isPinned}
          data-draws={state === "todo"}
          style={{ left: `${at(daysAfter(startOn, moved))}%`, width: `max(6px, ${wide}%)` }}
          onPointerDown={take}
          onPointerMove={({ clientX }) => drawn && setDrawn({ ...drawn, days: daysAt(clientX, drawn.fromX) })}
          onPointerUp={letGo}
          onPointerCancel={() => setDrawn(undefined)}
        >
          {moved !== 0 ? dayPrinted(daysAfter(startOn, moved)) : wide > 18 ? said(step, say) : ""}
        </i>
        {children}
      </div>
    </div>
  );
}

const said = ({ wait }: Scheduled, say: Say): string => say("build:waits", { count: Math.ceil(wait[1]) });
