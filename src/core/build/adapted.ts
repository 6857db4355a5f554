import { jobOf, type Build, type OwnTask, type TaskChange } from "../habitat";
import type { Activity } from "./activities";
import { workingOrder } from "./network";

/** What does not add up in a plan: named, and to be mended by whoever made it. */
export type PlanProblem =
  | { code: "goesRound"; taskIds: readonly string[] }
  | { code: "gone"; taskIds: readonly string[] }
  | { code: "pinnedTooEarly"; taskId: string; readyOn: string }
  | { code: "doneTooSoon"; taskId: string; beforeId: string }
  | { code: "noTime" };

/** Steps as they are wanted, and what does not add up among them. */
export type Adapted = { steps: readonly Activity[]; problems: readonly PlanProblem[] };

const answers = (ref: string, { id }: Pick<Activity, "id">): boolean => id === ref || jobOf(id) === ref;

const ownStep = ({ id, name, after, minutes, waitDays }: OwnTask, others: readonly Activity[]): Activity => ({
  id,
  job: "own",
  way: undefined,
  about: undefined,
  name,
  after: others.flatMap((other) => (after.some((ref) => answers(ref, other)) ? [other.id] : [])),
  handsMin: [minutes, minutes],
  wait: [waitDays, waitDays, waitDays],
  spoils: false,
  layerId: undefined,
  plannedL: undefined,
  quantities: {},
  cautions: [],
});

/** A builder's own steps put in where they are wanted. The last is the animal's coming: all of them come before it. */
function withOwn(steps: readonly Activity[], own: readonly OwnTask[]): Activity[] {
  const pairs = own.map((task) => ({ task, id: task.id }));
  const names = [...steps, ...own.map((task) => ({ ...ownStep(task, []) }))];
  const last = steps.at(-1)?.id;
  const waitsFor = (step: Activity): string[] => [
    ...step.after,
    ...pairs.flatMap(({ task, id }) => (task.before.some((ref) => answers(ref, step)) ? [id] : [])),
    ...(step.id === last ? pairs.map(({ id }) => id) : []),
  ];
  const made = steps.map((step) => ({ ...step, after: [...new Set(waitsFor(step))] }));
  const mine = own.map((task) => {
    const step = ownStep(task, names);
    return { ...step, after: [...new Set(waitsFor(step))] };
  });
  return [...made.slice(0, -1), ...mine, ...made.slice(-1)];
}

/** Without the steps left out: what waited for one waits for what that waited for. */
function without(steps: readonly Activity[], skipped: ReadonlySet<string>): Activity[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const through = (id: string, seen: readonly string[] = []): string[] => {
    if (!skipped.has(id) || seen.includes(id)) return skipped.has(id) ? [] : [id];
    return (byId.get(id)?.after ?? []).flatMap((before) => through(before, [...seen, id]));
  };
  return steps
    .filter(({ id }) => !skipped.has(id))
    .map((step) => ({ ...step, after: [...new Set(step.after.flatMap((id) => through(id)))] }));
}

/** Own steps that go round wait for nothing that waits for them: the rest of the plan stands. */
function unwound(steps: readonly Activity[]): Adapted {
  const problems: PlanProblem[] = [];
  let now = [...steps];
  for (let sorted = workingOrder(nodes(now)); "round" in sorted; sorted = workingOrder(nodes(now))) {
    const { round } = sorted;
    problems.push({ code: "goesRound", taskIds: round });
    const own = new Set(now.flatMap(({ id, job }) => (job === "own" && round.includes(id) ? [id] : [])));
    now = now.map((step) => ({
      ...step,
      after: step.after.filter((id) => !own.has(id) && !(own.has(step.id) && round.includes(id))),
    }));
  }
  return { steps: now, problems };
}

const nodes = (steps: readonly Activity[]) => steps.map(({ id, after }) => ({ id, after, days: 0 }));

/** What was changed of steps the design no longer needs, and own steps put beside such. */
function gone(steps: readonly Activity[], { changes, own }: Build): PlanProblem[] {
  const all = [...steps.map(({ id }) => ({ id })), ...own.map(({ id }) => ({ id }))];
  const lost = changes.flatMap(({ taskId }) => (all.some((one) => answers(taskId, one)) ? [] : [taskId]));
  return lost.length > 0 ? [{ code: "gone", taskIds: lost }] : [];
}

const changeOf = (changes: readonly TaskChange[], step: Activity): TaskChange | undefined =>
  changes.find(({ taskId }) => taskId === step.id) ?? changes.find(({ taskId }) => taskId === step.job);

/**
 * The steps as their builder wants them: other waits, own steps, some left out. What does not add up is named, and the
 * rest stands.
 *
 * @example adapted(activities(scene), habitat.build).problems // []
 */
export function adapted(made: readonly Activity[], build: Build): Adapted {
  const { changes, own } = build;
  const waiting = made.map((step): Activity => {
    const days = changeOf(changes, step)?.waitDays ?? null;
    return days === null ? step : { ...step, wait: [days, days, days] };
  });
  const skipped = new Set(
    waiting.flatMap((step) => (changeOf(changes, step)?.skipped && step.job !== "moveIn" ? [step.id] : [])),
  );
  const { steps, problems } = unwound(without(withOwn(waiting, own), skipped));
  return { steps, problems: [...problems, ...gone(made, build)] };
}
