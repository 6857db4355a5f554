import * as z from "zod";
import { CatalogIdSchema, DateSchema, IdSchema, NameSchema, ReasonSchema, within } from "./fields";

/** A duty that follows from the design, or one of a keeper's own: "own-" and its id. */
export const DutyIdSchema = z.string().regex(/^[A-Za-z][A-Za-z0-9_-]{0,69}$/, { message: "id" });

/** A rule of recurrence as RFC 5545 writes it (section 3.3.10), without its start. @example "FREQ=WEEKLY;BYDAY=MO,TH" */
const RuleSchema = z
  .string()
  .max(200)
  .regex(/^FREQ=(DAILY|WEEKLY|MONTHLY|YEARLY)(;[A-Z]+=[A-Z0-9,+-]+)*$/, { message: "rule" });

/** When a duty comes: so many days after it was last done, by a rule of the calendar, or when a reading calls for it. */
const ComesSchema = z.discriminatedUnion("by", [
  z.strictObject({ by: z.literal("days"), days: within("dutyDays").int() }),
  z.strictObject({ by: z.literal("rule"), rule: RuleSchema }),
  z.strictObject({
    by: z.literal("need"),
    series: z.string().regex(/^[a-zA-Z]+\.[a-zA-Z]+$/, { message: "series" }),
    side: z.enum(["above", "below"]),
    value: z.number().min(-1000).max(1_000_000),
  }),
]);
export type Comes = z.infer<typeof ComesSchema>;

/** What a keeper changed of a duty: when it comes, that it is off and why, how long it takes. Null: as Rincon has it. */
const DutyChangeSchema = z.strictObject({
  dutyId: DutyIdSchema,
  comes: ComesSchema.nullable(),
  off: z.boolean(),
  /** Whether it keeps its pace: done late, the next is due as if it had been in time. */
  keepsPace: z.boolean(),
  minutes: within("taskMinutes").int().nullable(),
  reason: ReasonSchema.nullable(),
});
export type DutyChange = z.infer<typeof DutyChangeSchema>;

export const OwnDutySchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  comes: ComesSchema,
  keepsPace: z.boolean(),
  minutes: within("taskMinutes").int().nullable(),
});

export const SUPPLEMENTS = ["calcium", "vitamins"] as const;

/** How the habitat is kept, as its keeper wants it. */
export const CareSchema = z.strictObject({
  changes: z.array(DutyChangeSchema).max(100),
  own: z.array(OwnDutySchema).max(60),
  /** The day the tub of each supplement in use was opened. */
  openedOn: z.partialRecord(z.enum(SUPPLEMENTS), DateSchema),
});
export type Care = z.infer<typeof CareSchema>;

export const unchangedCare = (): Care => ({ changes: [], own: [], openedOn: {} });

export const SEXES = ["unknown", "female", "male"] as const;

/** One animal, where a keeper tells them apart. */
export const IndividualSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  animalId: CatalogIdSchema,
  sex: z.enum(SEXES),
  hatchedOn: DateSchema.nullable(),
  /** Where it came from, in the keeper's words. */
  origin: z.string().trim().max(300),
});
export type Individual = z.infer<typeof IndividualSchema>;
