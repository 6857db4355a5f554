import { z } from "zod";
import { provenanceShape } from "./provenance";

/** What the schemas of all shelves are put together from. */
export const positive = z.number().positive();
export const percent = z.number().min(0).max(100);

/** Plain text: no angle brackets, no control characters, so no markup can ride in on a name. */
export const PlainTextSchema = z
  .string()
  .trim()
  .min(1)
  .max(60)
  .regex(/^[^<>\p{Cc}]*$/u, { message: "markup" });

export const TEXTURES = ["pebble", "grain", "flake", "fibre", "leaf", "moss", "mesh", "crumb", "chip"] as const;
/** How a material is drawn: a kind of texture and the ground colour under it. */
export const look = z.strictObject({ texture: z.enum(TEXTURES), color: z.string().regex(/^#[0-9a-f]{6}$/) });

export const entryShape = { id: z.string().regex(/^[a-z][A-Za-z0-9]*$/), ...provenanceShape };

/** A closed interval, low first. */
export const RangeSchema = z
  .tuple([z.number(), z.number()])
  .refine(([low, high]) => low <= high, { message: "low above high" });
export type Range = z.infer<typeof RangeSchema>;

/** Cautions are codes; the words for them stand in `words`. */
export const CAUTIONS = [
  "handWashing",
  "protectedSpecies",
  "quarantineVet",
  "sting",
  "toxicSkin",
  "dust",
  "sap",
  "blades",
  "weight",
  "electricityWater",
  "heat",
  "sharpSpines",
  "escape",
  "lid",
  "amphibianSkin",
  "neverRelease",
  "ovenWatched",
  "fumes",
  "stacked",
  "notForAmphibians",
  "notToDigIn",
] as const;
export type Caution = (typeof CAUTIONS)[number];

/** The steepest slope the stuff stands at when moist and lightly pressed. */
export const reposeDeg = z.number().min(10).max(90);
