import * as z from "zod";
import {
  cautions,
  CLIMATE_CLASSES,
  entryShape,
  look,
  notNegative,
  percent,
  positive,
  AmountsSchema,
  reposeDeg,
} from "./fields";

const WICKINGS = ["none", "slightly", "readily"] as const;

/** What lies at the very bottom and takes the water the soil cannot hold. */
export const DrainageSchema = z.strictObject({
  ...entryShape,
  look,
  /** Mass of a litre as it is poured, dry. */
  kgPerL: positive,
  voidPct: percent,
  settlesPct: z.number().min(0).max(60),
  /** Water that stays on and in its pieces once it has drained. */
  waterHeldKgPerL: notNegative,
  /** How far water climbs in it above the standing water line. */
  capillaryRiseCm: notNegative,
  grainMm: AmountsSchema,
  closedPoresPct: percent,
  /** Whether it hands water up to the soil over it. */
  wicksInto: z.enum(WICKINGS),
  reposeDeg,
  pH: z.number().min(2).max(13),
  cautions,
});
export type Drainage = z.infer<typeof DrainageSchema>;

/** What keeps the soil out of the drainage. */
export const BarrierSchema = z.strictObject({
  ...entryShape,
  look,
  thicknessCm: positive,
  kgPerM2: positive,
  /** Width of the roll it is cut from. */
  rollWidthCm: positive,
  openingMm: AmountsSchema,
  wicks: z.enum(WICKINGS),
  cautions,
});
export type Barrier = z.infer<typeof BarrierSchema>;

/** What lies on the soil. */
export const DressingSchema = z.strictObject({
  ...entryShape,
  look,
  /** Mass of a litre as it is bought loose, dry. */
  kgPerL: positive,
  /** Litres bought loose for each litre lying pressed in the box. */
  loosePerPressed: z.number().min(1),
  waterHeldPct: percent,
  reposeDeg,
  climates: z.array(z.enum(CLIMATE_CLASSES)),
  /** Months until it has rotted away; null for what does not rot. */
  rotsMonths: AmountsSchema.nullable(),
  crewFood: z.number().min(0).max(5),
  pH: z.number().min(2).max(13),
  /** Whether it is spread under the soil, and the ingredient it is bought as where it is one. */
  under: z.literal("soil").optional(),
  boughtAs: z.string().optional(),
  cautions,
});
export type Dressing = z.infer<typeof DressingSchema>;
