import * as z from "zod";
import { provenanceShape } from "./provenance";

/** What the schemas of all shelves are put together from. */
export const positive = z.number().positive();
export const notNegative = z.number().min(0);
export const percent = z.number().min(0).max(100);

/** A sign that can be seen: no space, no mark by itself, no filler, nothing that only steers how others are set. */
const SHOWS = /[^\p{Z}\p{Cc}\p{Cf}\p{Cs}\p{M}\u115F\u1160\u3164\uFFA0\u2800]/u;

/**
 * Plain text with something to see in it: no angle brackets, no control characters, no halves of signs, so that no
 * markup can ride in on a name and every format can hold it.
 */
export const PlainTextSchema = z
  .string()
  .trim()
  .min(1)
  .max(60)
  .regex(/^[^<>\p{Cc}\p{Cs}]*$/u, { message: "markup" })
  .regex(SHOWS, { message: "invisible" });

export const TEXTURES = ["pebble", "grain", "flake", "fibre", "leaf", "moss", "mesh", "crumb", "chip"] as const;
export const hexColor = z.string().regex(/^#[0-9a-f]{6}$/);
/** How a material is drawn: a kind of texture and the ground colour under it. */
export const look = z.strictObject({ texture: z.enum(TEXTURES), color: hexColor });

/**
 * What every entry has: its id, where its figures come from, and the paths of those figures that its writer would look
 * up first.
 */
export const entryShape = {
  id: z.string().regex(/^[a-z][A-Za-z0-9]*$/),
  ...provenanceShape,
  unsure: z.array(z.string().regex(/^[A-Za-z0-9]+(\.[A-Za-z0-9]+)*$/)).optional(),
};

const rangeOf = (end: z.ZodNumber) =>
  z.tuple([end, end]).refine(([low, high]) => low <= high, { message: "low above high" });
/** A closed interval, low first. */
export const RangeSchema = rangeOf(z.number());
/** A range of what cannot be less than nothing: sizes, masses, days. */
export const AmountsSchema = rangeOf(notNegative);
/** A range of per cents. */
export const PercentsSchema = rangeOf(percent);
export type Range = z.infer<typeof RangeSchema>;

/** What a species bears, and the part of it in which it thrives. */
const envelopeOf = (range: typeof RangeSchema) =>
  z
    .strictObject({ tolerated: range, preferred: range })
    .refine((e) => e.tolerated[0] <= e.preferred[0] && e.preferred[1] <= e.tolerated[1], {
      message: "preferred outside tolerated",
    });
export const envelope = envelopeOf(RangeSchema);
export const amountsEnvelope = envelopeOf(AmountsSchema);
export const percentsEnvelope = envelopeOf(PercentsSchema);
export type Envelope = z.infer<typeof envelope>;

const GENUS = String.raw`[A-Z][a-z]+`;
const EPITHET = String.raw`[a-z]+(-[a-z]+)?`;
const RANK = String.raw`( (subsp\.|var\.|f\.) ${EPITHET})?`;
const CULTIVAR = String.raw`( '[\p{L}0-9 -]+')?`;
/** A species, a hybrid (×), a rank below, a cultivar in quotes, or one that is not described yet (sp.). */
const SCIENTIFIC = new RegExp(String.raw`^${GENUS}( (× )?(${EPITHET}|sp\.)${RANK})?${CULTIVAR}$`, "u");

export const scientificName = z
  .string()
  .regex(SCIENTIFIC, { message: "scientific name" })
  .refine((name) => name.includes(" "), { message: "scientific name" });
/** Names it went by; a genus alone, or a subspecies without its rank, may stand among them. */
export const synonyms = z.array(
  z.string().regex(new RegExp(`${SCIENTIFIC.source}|^${GENUS}( ${EPITHET}){2}$`, "u"), { message: "scientific name" }),
);

/** Appendix of the convention on trade in endangered species; null for what is not listed. */
export const cites = z.enum(["I", "II", "III"]).nullable();

export const REGIONS = [
  "northAmerica",
  "centralAmerica",
  "caribbean",
  "southAmerica",
  "europe",
  "northAfrica",
  "africa",
  "madagascar",
  "westAsia",
  "centralAsia",
  "southAsia",
  "southeastAsia",
  "eastAsia",
  "australia",
  "newZealand",
  "newCaledonia",
  "pacificIslands",
] as const;
export type Region = (typeof REGIONS)[number];

export const CLIMATE_CLASSES = [
  "humidForest",
  "temperateMoist",
  "streamBank",
  "seasonalWoodland",
  "semiArid",
  "arid",
  "coast",
] as const;
export type ClimateClass = (typeof CLIMATE_CLASSES)[number];

/** How wet ground is, from dust to standing water. */
export const MOISTURES = ["dry", "slightlyMoist", "moist", "wet"] as const;
export type Moisture = (typeof MOISTURES)[number];

/** Kinds of ground animals live on, apart from the climate over it. */
export const SOIL_TYPES = [
  "dampForest",
  "limedForest",
  "leafMouldEaten",
  "tunnelHolding",
  "looseSand",
  "dampSand",
  "moultingSand",
  "dryCrumble",
  "rockAndGrit",
  "thinLitter",
  "none",
] as const;
export type SoilType = (typeof SOIL_TYPES)[number];

/** Cautions are codes; the words for them stand in `words`. */
export const CAUTIONS = [
  "handWashing",
  "salmonella",
  "protectedSpecies",
  "invasive",
  "quarantineVet",
  "bites",
  "strongJaws",
  "stings",
  "mildVenom",
  "strongVenom",
  "irritantSpray",
  "urticatingHairs",
  "musk",
  "toxicSkin",
  "allergen",
  "dust",
  "silicaDust",
  "gloves",
  "sap",
  "awns",
  "hairs",
  "blades",
  "glassBreak",
  "weight",
  "electricityWater",
  "flooding",
  "heat",
  "fire",
  "uvRadiation",
  "mercury",
  "aerosol",
  "sharpSpines",
  "escapes",
  "lid",
  "amphibianSkin",
  "neverRelease",
  "ovenWatched",
  "fumes",
  "stacked",
  "notForAmphibians",
  "notToDigIn",
  "impaction",
] as const;
export type Caution = (typeof CAUTIONS)[number];
export const cautions = z.array(z.enum(CAUTIONS));

/** The steepest slope the stuff stands at when moist and lightly pressed. */
export const reposeDeg = z.number().min(10).max(90);
