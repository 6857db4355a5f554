import * as z from "zod";
import { DateSchema, DutyIdSchema, IdSchema, LIMITS, ReasonSchema, TaskIdSchema } from "../habitat";
import { CatalogIdSchema, event } from "./event";
import { journalEvents } from "./journal";

const litres = z.number().min(LIMITS.topUpL.min).max(LIMITS.topUpL.max);

export const LOSSES = ["died", "replaced"] as const;

/** What happened in a habitat. Events are only ever added: one that was wrong is struck by another. */
export const EventSchema = z.discriminatedUnion("kind", [
  /** A duty was done, and how long it took where it was told. */
  event("tick", { dutyId: DutyIdSchema, minutes: z.number().int().min(0).max(LIMITS.taskMinutes.max).optional() }),
  /** A duty was left out this time, and why. */
  event("skipped", { dutyId: DutyIdSchema, reason: ReasonSchema }),
  /** A duty is put off to a day. */
  event("snoozed", { dutyId: DutyIdSchema, untilOn: DateSchema }),
  /** The work of a step of the build was begun, or is done and its waiting began. */
  event("taskBegun", { taskId: TaskIdSchema }),
  /** A step of the build was done, its waiting too; with what was used where that was not what was planned. */
  event("taskDone", { taskId: TaskIdSchema, usedL: litres.optional() }),
  /** The keeper looked, and what has to be before the animal comes is so. */
  event("checked", { gate: CatalogIdSchema }),
  /** The animals moved in, and the duties began: how many, and why although something was still open. */
  event("movedIn", {
    count: z.number().int().min(1).max(LIMITS.count.max).optional(),
    reason: ReasonSchema.optional(),
  }),
  /** A running box was opened again, to become what another habitat is; its steps are told until it is closed. */
  event("opened", { towardId: IdSchema }),
  /** It is closed again, and the animals are back. */
  event("closed", {}),
  ...journalEvents,
  /** Crew were put in. */
  event("seeded", { crewId: CatalogIdSchema, count: z.number().int().min(1).max(LIMITS.crewCount.max) }),
  /** Fresh mix was laid on old soil: litres as they lie in the box. */
  event("toppedUp", { mixId: IdSchema, volumeL: litres }),
  /** A plant is no more: it teaches. */
  event("lost", { plantId: CatalogIdSchema, how: z.enum(LOSSES) }),
  /** Standing water was drawn off. */
  event("drawnOff", { waterL: litres }),
  /** A lamp, a filter, a nozzle was renewed, or a gauge set right: its age begins again. */
  event("renewed", { gearId: IdSchema }),
  /** The UV index a meter read straight under a lamp, so far below it, with what is between them in place. */
  event("metered", {
    gearId: IdSchema,
    uvIndex: z.number().min(0).max(LIMITS.uvIndex.max),
    belowCm: z.number().min(1).max(LIMITS.boxCm.max),
  }),
  /** An earlier event was wrong, or was taken back. */
  event("struck", { eventId: IdSchema }),
]);
export type LogEvent = z.infer<typeof EventSchema>;
type EventKind = LogEvent["kind"];
/** An event as it is told, before it is given an id and a time. */
export type Told = { [K in EventKind]: Omit<Extract<LogEvent, { kind: K }>, "id" | "at"> }[EventKind];

/**
 * What stands: struck events gone, and what struck them.
 *
 * @example standing([tick, { kind: "struck", eventId: tick.id, … }]) // []
 */
export function standing(events: readonly LogEvent[]): LogEvent[] {
  const struck = new Set(events.flatMap((one) => (one.kind === "struck" ? [one.eventId] : [])));
  return events.filter((one) => one.kind !== "struck" && !struck.has(one.id));
}
