import * as z from "zod";
import { BuildSchema, OwnTaskSchema, type Build, type TaskChange } from "../buildPlan";
import { DateSchema } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";

const part = BuildSchema.shape;
const ChangeArgs = part.changes.element.partial({ waitDays: true, pinnedOn: true, skipped: true, reason: true });

const changes = ({ waitDays, pinnedOn, skipped }: TaskChange): boolean =>
  waitDays !== null || pinnedOn !== null || skipped;

/** The changes with one told anew; one that changes nothing any more is no change. */
function withChange({ changes: all }: Build, told: z.infer<typeof ChangeArgs>): TaskChange[] {
  const before = all.find(({ taskId }) => taskId === told.taskId);
  const unchanged = { waitDays: null, pinnedOn: null, skipped: false, reason: null };
  const change = part.changes.element.parse({ ...unchanged, ...before, ...told });
  const others = all.filter(({ taskId }) => taskId !== told.taskId);
  return changes(change) ? [...others, change] : others;
}

/** Edits of the plan of the build. */
export const buildEdits = {
  setStart: edit(z.strictObject({ startOn: DateSchema }), (habitat, { startOn }) => ({
    ...habitat,
    build: { ...habitat.build, startOn },
  })),
  /** The day wished for, the evenings there are. */
  setPlan: edit(
    z.strictObject({ wishedOn: part.wishedOn, minutesByWeekday: part.minutesByWeekday }).partial(),
    (habitat, args) => ({ ...habitat, build: BuildSchema.parse({ ...habitat.build, ...args }) }),
  ),
  /** Whether wood comes before the foam of its wall. */
  setWoodFirst: edit(BuildSchema.pick({ woodFirst: true }), (habitat, told) => ({
    ...habitat,
    build: { ...habitat.build, ...told },
  })),
  /** Which school of waiting is followed. */
  setWaiting: edit(part.waiting.partial(), (habitat, args) => ({
    ...habitat,
    build: { ...habitat.build, waiting: part.waiting.parse({ ...habitat.build.waiting, ...args }) },
  })),
  /** Another wait for a step, a day of its own, left out or in again. */
  changeTask: edit(ChangeArgs, (habitat, args) => ({
    ...habitat,
    build: { ...habitat.build, changes: withChange(habitat.build, args) },
  })),
  /** Forgets changes of steps, such as of those the design no longer needs. */
  forgetChanges: edit(z.strictObject({ taskIds: z.array(part.changes.element.shape.taskId) }), (habitat, args) => ({
    ...habitat,
    build: {
      ...habitat.build,
      changes: habitat.build.changes.filter(({ taskId }) => !args.taskIds.includes(taskId)),
    },
  })),
  addTask: edit(OwnTaskSchema, (habitat, task) => {
    mustBeFree(habitat.build.own, task.id);
    return { ...habitat, build: { ...habitat.build, own: [...habitat.build.own, task] } };
  }),
  setTask: edit(OwnTaskSchema.partial().required({ id: true }), (habitat, { id, ...to }) => {
    const { own } = habitat.build;
    mustFind(own, (task) => task.id === id, "id", id);
    const next = own.map((task) => (task.id === id ? OwnTaskSchema.parse({ ...task, ...to }) : task));
    return { ...habitat, build: { ...habitat.build, own: next } };
  }),
  removeTask: edit(OwnTaskSchema.pick({ id: true }), (habitat, { id }) => {
    const { own } = habitat.build;
    mustFind(own, (task) => task.id === id, "id", id);
    return { ...habitat, build: { ...habitat.build, own: own.filter((task) => task.id !== id) } };
  }),
};
