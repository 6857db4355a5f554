import { z } from "zod";
import { CAUTIONS, entryShape, look, percent, positive, RangeSchema, reposeDeg } from "./fields";

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
export const PERCOLATIONS = ["veryLow", "low", "moderatelyLow", "moderatelyHigh", "high", "veryHigh"] as const;

export const SOLD_AS = ["bag", "brick", "bale", "gathered"] as const;

/** A pressed brick: what it weighs, what it drinks, what it loosens to, and how long that takes at the least. */
const BrickSchema = z.strictObject({
  dryKg: positive,
  waterL: positive,
  makesL: RangeSchema,
  soakMin: positive,
});
export type Brick = z.infer<typeof BrickSchema>;

/** From nothing to as much as there is. */
const level = z.number().min(0).max(5);

export const IngredientSchema = z
  .strictObject({
    ...entryShape,
    look,
    matter: z.enum(MATTERS),
    /** Air-dry mass of a loose litre. */
    looseKgPerL: positive,
    totalPorosityPct: percent,
    /** Water held against gravity at about 1 kPa, per cent of volume. */
    waterHeldPct: percent,
    /** Water still held at 5 kPa: what lies between is easily available. */
    heldAt5kPaPct: percent,
    /** Water left when plants wilt, 1500 kPa. */
    wiltingPct: percent,
    /** Water already in it as bought, air-dry, per cent of volume. */
    airDryWaterPct: percent,
    percolation: z.enum(PERCOLATIONS),
    settlesPct: z.number().min(0).max(60),
    /** Size of its pieces, and the gaps between them when poured, per cent of volume: how it packs with others. */
    grainMm: positive,
    betweenPct: z.number().min(20).max(90),
    reposeDeg,
    pH: z.number().min(2).max(11),
    /** Acid or base that moves a litre of it by one pH: how firmly it holds to its own. */
    bufferMmolPerL: positive,
    nutrients: level,
    /** Salts, as conductivity of the saturated paste. */
    saltMsPerCm: z.number().min(0).max(30),
    /** Strength of a moist, pressed wall of it: whether a tunnel stands. */
    cohesionKPa: z.number().min(0).max(100),
    /** Months until half of it has rotted away in a warm moist box; null for what does not rot. */
    halvesInMonths: positive.nullable(),
    crewFood: level,
    dust: level,
    soldAs: z.enum(SOLD_AS),
    brick: BrickSchema.optional(),
    peat: z.boolean(),
    /** Whether an animal may dig in it: no edges, nothing that swells when swallowed. */
    safeToDig: z.boolean(),
    amphibianSkin: z.enum(["fine", "little", "never"]),
    cautions: z.array(z.enum(CAUTIONS)),
  })
  .refine((i) => i.airDryWaterPct <= i.waterHeldPct && i.waterHeldPct <= i.totalPorosityPct, {
    message: "water does not fit the pores",
    path: ["waterHeldPct"],
  })
  .refine((i) => i.wiltingPct <= i.heldAt5kPaPct && i.heldAt5kPaPct <= i.waterHeldPct, {
    message: "dries out of order",
    path: ["heldAt5kPaPct"],
  })
  .refine((i) => (i.soldAs === "brick") === (i.brick !== undefined), {
    message: "a brick, and what it gives, belong together",
    path: ["brick"],
  });
export type Ingredient = z.infer<typeof IngredientSchema>;
