import * as z from "zod";
import { cautions, entryShape, look, percent, positive, AmountsSchema, reposeDeg } from "./fields";

/** What a thing is made of, as rules ask for it: "no peat", "at least a fifth leaf or wood". */
export const MATTERS = [
  "coir",
  "peat",
  "fibre",
  "moss",
  "bark",
  "wood",
  "leaf",
  "soil",
  "compost",
  "sand",
  "grit",
  "clay",
  "char",
  "lime",
  "ready",
] as const;
export type Matter = (typeof MATTERS)[number];

/**
 * Classes of saturated hydraulic conductivity, each a power of ten: below 0.01, 0.1, 1, 10, 100 µm/s and above (Soil
 * Survey Manual, USDA Handbook 18, chapter 3; limits recalled).
 */
export const CONDUCTIVITIES = ["veryLow", "low", "moderatelyLow", "moderatelyHigh", "high", "veryHigh"] as const;

export const SOLD_AS = ["bag", "brick", "bale", "gathered"] as const;
export const SWELLINGS = ["no", "little", "strongly"] as const;
export const PEAT_ANSWERS = ["no", "maybe", "yes"] as const;
export const WETTINGS = ["easily", "reluctant"] as const;
export const SKIN_ANSWERS = ["fine", "little", "never"] as const;

/** A pressed brick: what it weighs, what it drinks, what it loosens to, and how long that takes at the least. */
const BrickSchema = z.strictObject({
  dryKg: positive,
  waterL: positive,
  makesL: AmountsSchema,
  soakMin: positive,
});
export type Brick = z.infer<typeof BrickSchema>;

/**
 * A litre as it lies: pressed lightly and watered once. Water is told per cent of volume, held against suctions of 1, 5
 * and 10 kPa, when plants wilt (1500 kPa), and as bought.
 */
const laid = z
  .strictObject({
    /** Dry matter. */
    kgPerL: positive,
    totalPorosityPct: percent,
    at1kPaPct: percent,
    at5kPaPct: percent,
    at10kPaPct: percent,
    wiltingPct: percent,
    airDryPct: percent,
    conductivity: z.enum(CONDUCTIVITIES),
  })
  .refine((l) => l.airDryPct <= l.at1kPaPct && l.at1kPaPct <= l.totalPorosityPct, {
    message: "water does not fit the pores",
    path: ["at1kPaPct"],
  })
  .refine((l) => l.wiltingPct <= l.at10kPaPct && l.at10kPaPct <= l.at5kPaPct && l.at5kPaPct <= l.at1kPaPct, {
    message: "dries out of order",
    path: ["at5kPaPct"],
  });
export type LaidLitre = z.infer<typeof laid>;

/** From nothing to as much as there is. */
const level = z.number().min(0).max(5);

export const IngredientSchema = z
  .strictObject({
    ...entryShape,
    look,
    matter: z.enum(MATTERS),
    /** Dry matter of a litre as it is poured, and by how much that sinks until it lies. */
    pouredKgPerL: positive,
    settlesPct: z.number().min(0).max(60),
    laid,
    /** Pores shut off in cork and perlite: air that is no room for water. */
    closedPoresPct: percent,
    /** How large its pieces are, and how widely they differ: the geometric standard deviation of a lognormal. */
    sizes: z.strictObject({ medianMm: positive, geometricDeviation: z.number().min(1).max(6) }),
    /** The gaps between its pieces when poured, per cent of volume: how it packs with others. */
    betweenPct: z.number().min(20).max(90),
    /** How much of what rigid grains would lose in mixing it gives up: 1 rigid, less for stuff that springs back. */
    springiness: z.number().min(0.2).max(1),
    reposeDeg,
    pH: z.number().min(2).max(13),
    /** Acid or base that moves a litre of it by one pH: how firmly it holds to its own. */
    bufferMmolPerL: positive,
    /** Lime that dissolves until the mix has come to about pH 8, per cent of its mass. */
    freeLimePct: percent,
    swells: z.enum(SWELLINGS),
    peat: z.enum(PEAT_ANSWERS),
    wets: z.enum(WETTINGS),
    nutrients: level,
    /** Salts, as conductivity of the saturated paste. */
    saltMsPerCm: z.number().min(0).max(60),
    crewFood: level,
    /** Strength of a moist, pressed wall of it: whether a tunnel stands. */
    cohesionKPa: z.number().min(0).max(100),
    /** Months until half of it has rotted away in a warm moist box; null for what does not rot. */
    halvesInMonths: positive.nullable(),
    dust: level,
    soldAs: z.enum(SOLD_AS),
    brick: BrickSchema.optional(),
    /** Whether an animal may dig in it: no edges, nothing that swells when swallowed. */
    safeToDig: z.boolean(),
    amphibianSkin: z.enum(SKIN_ANSWERS),
    cautions,
  })
  .refine((i) => (i.soldAs === "brick") === (i.brick !== undefined), {
    message: "a brick, and what it gives, belong together",
    path: ["brick"],
  });
export type Ingredient = z.infer<typeof IngredientSchema>;
