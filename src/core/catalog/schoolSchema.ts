import * as z from "zod";
import { notNegative, AmountsSchema } from "./fields";

/** Questions that good keepers answer differently. */
export const SCHOOL_QUESTIONS = [
  "nocturnalUv",
  "group",
  "glassOrMesh",
  "drainage",
  "soilDepth",
  "heating",
  "feeding",
] as const;
export type SchoolQuestion = (typeof SCHOOL_QUESTIONS)[number];

/** Figures one school puts in the place of the entry's; an empty view follows the entry, or differs in no figure. */
const ViewSchema = z.strictObject({
  uvNeed: z.enum(["needed", "beneficial", "none"]).optional(),
  uvIndexAtBack: AmountsSchema.optional(),
  drainage: z.enum(["wanted", "optional", "avoided"]).optional(),
  leastSoilCm: notNegative.optional(),
  company: z.enum(["alone", "pair", "group", "colony"]).optional(),
  mostTogether: z.number().int().positive().optional(),
  heating: z.enum(["always", "inCoolRooms", "never"]).optional(),
});
export type SchoolView = z.infer<typeof ViewSchema>;

/** Two answers to one question; their reasons stand in the words, in the same order. */
export const SchoolSchema = z.strictObject({
  about: z.enum(SCHOOL_QUESTIONS),
  views: z.tuple([ViewSchema, ViewSchema]),
});
