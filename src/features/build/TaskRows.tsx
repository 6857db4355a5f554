"use client";

import Checkbox from "@mui/material/Checkbox";
import type { Scheduled, TaskId } from "@/core/build";
import type { Command, Design } from "@/core/habitat";
import { doneEvents, standing, type LogEvent, type Told } from "@/core/log";
import { useOpen, useSession } from "@/store";
import { Cautions } from "@/ui/parts";
import { dayPrinted, useSay } from "@/words";
import css from "./Build.module.css";

/** What is written when a step is done: the step, and what it means for who lives there and what grows there. */
function doing(taskId: TaskId, { crew }: Design, on: string): { told: Told[]; commands: Command[] } {
  const done: Told = { kind: "taskDone", on, taskId };
  if (taskId === "moveIn") return { told: [done, { kind: "movedIn", on }], commands: [] };
  if (taskId === "plantOut") return { told: [done], commands: [{ name: "plantedOn", args: { on } }] };
  if (taskId !== "seedCrew") return { told: [done], commands: [] };
  return {
    told: [done, ...crew.map(({ crewId, count }): Told => ({ kind: "seeded", on, crewId, count }))],
    commands: [],
  };
}

/** What has to be struck when a step is not done after all. */
function undoing(taskId: TaskId, events: readonly LogEvent[]): LogEvent[] {
  const meant: Partial<Record<TaskId, LogEvent["kind"]>> = { moveIn: "movedIn", seedCrew: "seeded" };
  const days = doneEvents(events, taskId).map(({ on }) => on);
  const others = standing(events).filter((event) => event.kind === meant[taskId] && days.includes(event.on));
  return [...doneEvents(events, taskId), ...others];
}

/**
 * One row for each step: the day, what to do with its figures, how long it then stands, and each caution where it first
 * comes up.
 */
export function TaskRows({ plan, today }: { plan: readonly Scheduled[]; today: string }) {
  const say = useSay();
  const { habitat, act, strike } = useOpen();
  const events = useSession((session) => session.events);
  const mark = (task: Scheduled) => {
    if (task.doneOn) return strike(undoing(task.id, events));
    const { told, commands } = doing(task.id, habitat, today);
    act(told, commands);
  };
  return (
    <ol className={css.tasks}>
      {plan.map((task, at) => {
        const before = plan.slice(0, at).flatMap((other) => (other.doneOn ? [] : other.cautions));
        const title = say(`build:tasks.${task.id}.title`);
        return (
          <li key={task.id} className={css.task} data-done={task.doneOn !== undefined}>
            <Checkbox
              checked={task.doneOn !== undefined}
              onChange={() => mark(task)}
              slotProps={{ input: { "aria-label": say("build:markDone", { task: title }) } }}
            />
            <div>
              <p className={css.title}>
                <b>{title}</b>
                <span className="measure">{dayPrinted(task.startOn)}</span>
              </p>
              <p className={css.why}>{say(`build:tasks.${task.id}.why`, task.quantities)}</p>
              {task.waitDays > 0 ? (
                <p className={css.wait} data-governs={task.governs}>
                  {say("build:waits", { count: task.waitDays })}, {say("build:readyOn", { readyOn: task.readyOn })}
                  {task.governs ? <b> · {say("build:governs")}</b> : null}
                </p>
              ) : null}
              {task.doneOn ? null : <Cautions codes={task.cautions.filter((code) => !before.includes(code))} />}
            </div>
          </li>
        );
      })}
    </ol>
  );
}
