import { weakMapMemoize } from "reselect";
import { namesInLog } from "../habitat";
import type { LogState } from "../log";
import type { Scene } from "../scene";
import { daysAfter, daysBetween } from "../units";
import { activities, type Activity } from "./activities";
import { adapted, type Adapted, type PlanProblem } from "./adapted";
import { Evenings, type Booked } from "./evenings";
import { criticalPath, workingOrder } from "./network";

/** A step with its dates. Dates are calendar days, ISO 8601. */
export type Scheduled = Activity & {
  /** The day its work begins, and the day it is done. */
  startOn: string;
  handsOn: string;
  /** The day its waiting is over and what follows may begin. */
  readyOn: string;
  state: "todo" | "waiting" | "done";
  doneOn: string | undefined;
  /** Days it may slip before the animal comes later. */
  floatDays: number;
  /** True when the move-in day hangs on this step. */
  governs: boolean;
};

export type Plan = {
  /** By date, the animal's coming last. */
  steps: readonly Scheduled[];
  problems: readonly PlanProblem[];
};

export type Progress = Pick<LogState, "doneOn" | "begunOn">;

type Dated = Activity & Pick<Scheduled, "startOn" | "handsOn" | "readyOn" | "state" | "doneOn">;

const latest = (days: readonly string[]): string => days.reduce((a, b) => (a > b ? a : b));
const waitDays = ({ wait }: Pick<Activity, "wait">): number => Math.ceil(wait[1]);
const minutesOf = ({ handsMin: [least, most] }: Activity): number => Math.round((least + most) / 2);

/** A log of before told whole jobs, or a finish whole: one of them stands for all its steps. */
const toldOf = (days: Readonly<Record<string, string>>, { id }: Activity): string | undefined =>
  namesInLog(id).flatMap((name) => days[name] ?? [])[0];

/** Steps in an order they can be worked in, those with the least time to lose first. */
function byUrgency(steps: readonly Activity[]): Activity[] {
  const nodes = steps.map(({ id, after, wait }) => ({ id, after, days: Math.ceil(wait[1]) }));
  const { spans } = criticalPath(nodes);
  const sorted = workingOrder(nodes);
  const place = new Map("order" in sorted ? sorted.order.map(({ id }, at) => [id, at]) : []);
  const key = ({ id }: Activity) => [spans.get(id)?.lateStart ?? 0, place.get(id) ?? 0] as const;
  return steps.toSorted((a, b) => key(a)[0] - key(b)[0] || key(a)[1] - key(b)[1]);
}

/** What has been begun or done already keeps its days. */
function fromLog(step: Activity, { doneOn, begunOn }: Progress, today: string): Dated | undefined {
  const [done, begun] = [toldOf(doneOn, step), toldOf(begunOn, step)];
  const over = (day: string) => daysAfter(day, waitDays(step));
  if (done !== undefined) {
    const startOn = begun ?? done;
    return { ...step, startOn, handsOn: startOn, readyOn: begun ? done : over(done), state: "done", doneOn: done };
  }
  if (begun === undefined) return undefined;
  return {
    ...step,
    startOn: begun,
    handsOn: begun,
    readyOn: latest([over(begun), today]),
    state: "waiting",
    doneOn: undefined,
  };
}

type Pins = ReadonlyMap<string, string>;

/** Every step as early as it can be: after what it waits for, not before today, on evenings that are free. */
function forward(steps: readonly Activity[], scene: Scene, progress: Progress, today: string, evenings: Evenings) {
  const { startOn: plannedOn, changes } = scene.habitat.build;
  const pins: Pins = new Map(
    changes.flatMap(({ taskId, pinnedOn }) => (pinnedOn === null ? [] : [[taskId, pinnedOn] as const])),
  );
  const dated = new Map<string, Dated>();
  const booked = new Map<string, Booked>();
  const problems: PlanProblem[] = [];
  for (const step of byUrgency(steps)) {
    const told = fromLog(step, progress, today);
    if (told) {
      dated.set(step.id, told);
      continue;
    }
    const before = step.after.flatMap((id) => dated.get(id)?.readyOn ?? []);
    const readyOn = latest([plannedOn, today, ...before]);
    const pinnedOn = pins.get(step.id);
    if (pinnedOn !== undefined && pinnedOn < readyOn)
      problems.push({ code: "pinnedTooEarly", taskId: step.id, readyOn });
    const found = evenings.find(minutesOf(step), latest([readyOn, pinnedOn ?? readyOn]));
    evenings.book(found);
    booked.set(step.id, found);
    dated.set(step.id, datedAt(step, found));
  }
  return { dated, booked, problems, pins };
}

const datedAt = (step: Activity, { firstOn, lastOn }: Booked): Dated => ({
  ...step,
  startOn: firstOn,
  handsOn: lastOn,
  readyOn: daysAfter(lastOn, waitDays(step)),
  state: "todo",
  doneOn: undefined,
});

/** Those on which the last step hangs: from it back along what was ready last. */
function governing(dated: ReadonlyMap<string, Dated>, last: Activity | undefined): Set<string> {
  const found = new Set<string>();
  const walk = (id: string): void => {
    if (found.has(id)) return;
    found.add(id);
    const before = (dated.get(id)?.after ?? []).flatMap((other) => dated.get(other) ?? []);
    const readyOn = before.length > 0 ? latest(before.map((other) => other.readyOn)) : "";
    for (const other of before) if (other.readyOn === readyOn) walk(other.id);
  };
  if (last) walk(last.id);
  return found;
}

/** Days each may slip: from the end back, with all as long as they are now. */
function floats(dated: ReadonlyMap<string, Dated>): ReadonlyMap<string, number> {
  const all = [...dated.values()];
  const end = latest(all.map(({ readyOn }) => readyOn));
  const lateReady = new Map(all.map(({ id }) => [id, end]));
  for (const step of all.toReversed()) {
    const lateStart = daysAfter(lateReady.get(step.id) ?? end, -daysBetween(step.startOn, step.readyOn));
    for (const id of step.after) if (lateStart < (lateReady.get(id) ?? end)) lateReady.set(id, lateStart);
  }
  return new Map(all.map(({ id, readyOn }) => [id, Math.max(0, daysBetween(readyOn, lateReady.get(id) ?? end))]));
}

/** What spoils, as late as can be without keeping anything waiting. */
function delayed(dated: Map<string, Dated>, booked: ReadonlyMap<string, Booked>, pins: Pins, evenings: Evenings): void {
  for (const step of [...dated.values()].toReversed()) {
    const was = booked.get(step.id);
    if (!step.spoils || step.state !== "todo" || !was || pins.has(step.id)) continue;
    const next = [...dated.values()].filter(({ after, state }) => state === "todo" && after.includes(step.id));
    if (next.length === 0) continue;
    const wantedOn = next.map(({ startOn }) => startOn).reduce((a, b) => (a < b ? a : b));
    evenings.free(was);
    const overBy = daysAfter(wantedOn, -waitDays(step));
    const found = evenings.findLatest(minutesOf(step), was.firstOn, overBy) ?? was;
    evenings.book(found);
    dated.set(step.id, datedAt(step, found));
  }
}

/** Steps that are done although what they need is not even begun. */
const tooSoon = (steps: readonly Dated[]): PlanProblem[] => {
  const todo = new Set(steps.flatMap(({ id, state }) => (state === "todo" ? [id] : [])));
  return steps.flatMap(({ id, state, after }) => {
    const beforeId = state === "done" ? after.find((before) => todo.has(before)) : undefined;
    return beforeId === undefined ? [] : [{ code: "doneTooSoon" as const, taskId: id, beforeId }];
  });
};

/**
 * The plan of a build: each step when all before it are ready and an evening is free, waits side by side, what spoils
 * as late as can be; what is done keeps its day, and nothing undone is planned before today.
 *
 * @param today calendar day, ISO 8601
 * @example planOf(scene, state, "2026-01-05").steps.at(-1)?.startOn // the day the animal can move in
 */
export const planOf = (scene: Scene, progress: Progress, today: string): Plan =>
  planOfSteps(adapted(activities(scene), scene.habitat.build), scene, progress, today);

/** The plan of steps, whoever made them, on the evenings of a habitat: see {@link planOf}. */
export function planOfSteps({ steps, problems }: Adapted, scene: Scene, progress: Progress, today: string): Plan {
  const { build } = scene.habitat;
  const evenings = new Evenings(build.minutesByWeekday);
  const found = forward(steps, scene, progress, today, evenings);
  const last = steps.at(-1);
  const governed = governing(found.dated, last);
  const slack = floats(found.dated);
  delayed(found.dated, found.booked, found.pins, evenings);
  const place = new Map(steps.map(({ id }, at) => [id, at]));
  const inOrder = [...found.dated.values()].toSorted(
    (a, b) =>
      Number(a.id === last?.id) - Number(b.id === last?.id) ||
      a.startOn.localeCompare(b.startOn) ||
      (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0),
  );
  const noTime: PlanProblem[] = build.minutesByWeekday.every((minutes) => minutes <= 0) ? [{ code: "noTime" }] : [];
  return {
    steps: inOrder.map((step) => ({
      ...step,
      floatDays: slack.get(step.id) ?? 0,
      governs: governed.has(step.id),
    })),
    problems: [...problems, ...noTime, ...found.problems, ...tooSoon(inOrder)],
  };
}

/** The plan, worked out once for all that ask for it: see {@link planOf}. */
export const planFor = weakMapMemoize(planOf);

/** The steps of a plan alone: see {@link planOf}. */
export const schedule = (scene: Scene, progress: Progress, today: string): readonly Scheduled[] =>
  planOf(scene, progress, today).steps;
