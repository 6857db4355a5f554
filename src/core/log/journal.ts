import * as z from "zod";
import { IdSchema, LIMITS, SUPPLEMENTS, TaskIdSchema } from "../habitat";
import { CatalogIdSchema, event } from "./event";

/** A word to find a note by again, in any script. */
const TagSchema = z.string().regex(/^[\p{L}\p{N}][\p{L}\p{N} _-]{0,39}$/u, { message: "tag" });
const text = z.string().max(LIMITS.noteLength.max);
const count = z.number().int().min(1).max(LIMITS.crewCount.max);
/** Which animal, where they are told apart; left out: all in the box. */
const individualId = IdSchema.optional();

export const TAKEN = ["all", "some", "refused"] as const;
export const OFFSPRING = ["laid", "hatched", "born"] as const;
export const SIGHTINGS = ["mould", "gnats", "mites", "algae", "escape", "other"] as const;

/** What a keeper writes down of animals, plants and box beside the duties. */
export const journalEvents = [
  /** Food was offered: what, how many pieces, dusted with what, and whether it was taken. */
  event("fed", {
    individualId,
    /** One of the foods of the catalogue. */
    food: CatalogIdSchema,
    count: count.optional(),
    dusted: z.array(z.enum(SUPPLEMENTS)).max(SUPPLEMENTS.length),
    taken: z.enum(TAKEN),
    apart: z.boolean(),
  }),
  /** It shed, in one piece or not. */
  event("shed", { individualId, whole: z.boolean() }),
  event("weighed", {
    individualId,
    massG: z.number().min(LIMITS.massG.min).max(LIMITS.massG.max),
    lengthCm: z.number().min(LIMITS.pieceCm.min).max(LIMITS.boxCm.max).optional(),
  }),
  event("bred", { individualId, what: z.enum(OFFSPRING), count }),
  /** Something about an animal's health, and whether a vet saw it. */
  event("health", { individualId, text, vet: z.boolean() }),
  /** An animal died, or went away to another keeper or box. */
  event("left", { individualId, how: z.enum(["died", "rehomed"]), count, text }),
  /** Something was seen in the box. */
  event("saw", { what: z.enum(SIGHTINGS), text }),
  /** Something was changed that the design does not hold, or that readings may answer to. */
  event("changed", { text }),
  /** A plant was measured. */
  event("grew", { standId: IdSchema, heightCm: z.number().min(LIMITS.pieceCm.min).max(LIMITS.boxCm.max) }),
  /** Crew were counted, as on a board of bark or in a handful of litter. */
  event("counted", { crewId: CatalogIdSchema, count: z.number().int().min(0).max(LIMITS.crewCount.max) }),
  /** Money was spent on the box, in the keeper's own currency. */
  event("spent", { amount: z.number().min(0).max(LIMITS.amount.max), text }),
  /** What was seen or thought of: words, photographs, or both; and at which step of the build. */
  event("noted", {
    text,
    tags: z.array(TagSchema).max(12),
    photoIds: z.array(IdSchema).max(12),
    taskId: TaskIdSchema.optional(),
  }),
] as const;
