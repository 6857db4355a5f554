import type { LogState } from "../log";
import type { Scene } from "../scene";
import { daysAfter } from "../units";
import { tasks, type Task, type TaskId } from "./tasks";

/** A task with its dates. Dates are calendar days, ISO 8601. */
export type Scheduled = Task & {
  startOn: string;
  /** The day its waiting is over and what follows may begin. */
  readyOn: string;
  doneOn: string | undefined;
  /** True when the move-in day hangs on this task. */
  governs: boolean;
};

const latest = (days: readonly string[]): string => days.reduce((a, b) => (a > b ? a : b));

function governing(all: readonly Omit<Scheduled, "governs">[]): Set<TaskId> {
  const byId = new Map(all.map((task) => [task.id, task]));
  const found = new Set<TaskId>();
  const walk = (id: TaskId): void => {
    if (found.has(id)) return;
    found.add(id);
    const task = byId.get(id);
    for (const before of task?.after ?? []) {
      if (byId.get(before)?.readyOn === task?.startOn) walk(before);
    }
  };
  const last = all.at(-1);
  if (last) walk(last.id);
  return found;
}

/**
 * The build with dates: each task starts when all before it are ready, waits run side by side, a finished
 * task keeps the day it was done, and nothing undone is planned before today.
 *
 * @param today calendar day, ISO 8601
 * @example schedule(scene, state, "2026-01-05").at(-1)?.startOn // the day the animal can move in
 */
export function schedule(scene: Scene, { doneOn }: Pick<LogState, "doneOn">, today: string): Scheduled[] {
  const { startOn: plannedOn } = scene.habitat.build;
  const dated: Omit<Scheduled, "governs">[] = [];
  for (const task of tasks(scene)) {
    const done = doneOn[task.id];
    const ready = dated.filter((other) => task.after.includes(other.id)).map((other) => other.readyOn);
    const startOn = done ?? latest([plannedOn, today, ...ready]);
    dated.push({ ...task, startOn, doneOn: done, readyOn: daysAfter(startOn, task.waitDays) });
  }
  const governed = governing(dated);
  return dated.map((task) => ({ ...task, governs: governed.has(task.id) }));
}
