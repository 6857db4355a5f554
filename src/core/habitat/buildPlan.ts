import * as z from "zod";
import { DateSchema, NameSchema, ReasonSchema, within } from "./fields";

/** A step of the build: its job, and where there are several, what it is about. @example "laySoil:soil-1" */
export const TaskIdSchema = z.string().regex(/^[a-z][A-Za-z0-9]{0,63}(:[A-Za-z0-9_-]{1,64})?$/, { message: "id" });

/** The job of a step, whatever it is about. @example jobOf("laySoil:soil-1") // "laySoil" */
export const jobOf = (taskId: string): string => taskId.split(":")[0] ?? taskId;

/** A step that was one before it was told in parts: its id without the number of the part. */
const wholeOf = (taskId: string): string => taskId.replace(/_\d+$/, "");

/**
 * What a step may be called in a log: by itself, as the whole it was once told as, by its job.
 *
 * @example namesInLog("finishWalls:back_2") // ["finishWalls:back_2", "finishWalls:back", "finishWalls"]
 */
export const namesInLog = (taskId: string): string[] => [...new Set([taskId, wholeOf(taskId), jobOf(taskId)])];

/** How long others wait: weeks of airing silicone, of growing in, of letting the crew breed. */
export const WAITING_SCHOOLS = { airingWeeks: [2, 3, 4], growInWeeks: [1, 3, 8], crewWeeks: [2, 4, 6] } as const;

const weeks = <const T extends readonly [number, number, number]>(choices: T) =>
  z.union([z.literal(choices[0]), z.literal(choices[1]), z.literal(choices[2])]).nullable();

/** Which school of waiting is followed; null: what the animal and the build want. */
const WaitingSchema = z.strictObject({
  airingWeeks: weeks(WAITING_SCHOOLS.airingWeeks),
  growInWeeks: weeks(WAITING_SCHOOLS.growInWeeks),
  crewWeeks: weeks(WAITING_SCHOOLS.crewWeeks),
  /** Whether the animal is kept apart in this home before it comes, or comes from quarantine. */
  quarantine: z.enum(["here", "elsewhere"]),
});
export type Waiting = z.infer<typeof WaitingSchema>;

/** What a builder changed of a step: how long it waits, on which day it is done, or that it is left out; and why. */
const ChangeSchema = z.strictObject({
  taskId: TaskIdSchema,
  waitDays: within("taskDays").int().nullable(),
  pinnedOn: DateSchema.nullable(),
  skipped: z.boolean(),
  reason: ReasonSchema.nullable(),
});
export type TaskChange = z.infer<typeof ChangeSchema>;

/** A step of a builder's own, with what must be over before it and what waits for it. */
export const OwnTaskSchema = z.strictObject({
  id: TaskIdSchema,
  name: NameSchema,
  after: z.array(TaskIdSchema).max(20),
  before: z.array(TaskIdSchema).max(20),
  minutes: within("taskMinutes").int(),
  waitDays: within("taskDays").int(),
});
export type OwnTask = z.infer<typeof OwnTaskSchema>;

const MINUTES_A_DAY = 1440;

export const BuildSchema = z.strictObject({
  startOn: DateSchema,
  /** The day the animal is wished to come. */
  wishedOn: DateSchema.nullable(),
  /** Minutes there are for work by hand on each day of the week, Monday first. */
  minutesByWeekday: z.array(z.number().int().min(0).max(MINUTES_A_DAY)).length(7),
  waiting: WaitingSchema,
  /** Whether wood is set into a foamed wall before it is foamed round it, or into a bed carved out of the set foam. */
  woodFirst: z.boolean(),
  changes: z.array(ChangeSchema).max(200),
  own: z.array(OwnTaskSchema).max(60),
});
export type Build = z.infer<typeof BuildSchema>;

/** Two hours of an evening, four on each day of a weekend: Rincon's own guess, to be changed. */
export const USUAL_MINUTES = [120, 120, 120, 120, 120, 240, 240];

/** A plan nobody has changed yet. */
export const unchangedBuild = (startOn: string): Build => ({
  startOn,
  wishedOn: null,
  minutesByWeekday: [...USUAL_MINUTES],
  waiting: { airingWeeks: null, growInWeeks: null, crewWeeks: null, quarantine: "elsewhere" },
  woodFirst: true,
  changes: [],
  own: [],
});
