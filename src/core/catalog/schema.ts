import { z } from "zod";
import { CAUTIONS, entryShape, look, percent, positive, reposeDeg } from "./fields";
import { CLIMATE_CLASSES } from "./livingSchema";

export * from "./livingSchema";
export { CAUTIONS, TEXTURES } from "./fields";
export type { Caution, Range } from "./fields";
export type Look = z.infer<typeof look>;

export const DrainageSchema = z.strictObject({
  ...entryShape,
  look,
  looseKgPerL: positive,
  voidPct: percent,
  settlesPct: z.number().min(0).max(60),
  /** How far water climbs in it above the standing water line. */
  capillaryRiseCm: z.number().min(0),
  grainMm: positive,
  reposeDeg,
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Drainage = z.infer<typeof DrainageSchema>;

export const BarrierSchema = z.strictObject({
  ...entryShape,
  look,
  thicknessCm: positive,
  kgPerM2: positive,
  /** Width of the roll it is cut from. */
  rollWidthCm: positive,
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Barrier = z.infer<typeof BarrierSchema>;

export const DressingSchema = z.strictObject({
  ...entryShape,
  look,
  looseKgPerL: positive,
  /** Litres bought loose for each litre lying pressed in the box. */
  loosePerPressed: z.number().min(1),
  waterHeldPct: percent,
  reposeDeg,
  climates: z.array(z.enum(CLIMATE_CLASSES)),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Dressing = z.infer<typeof DressingSchema>;

/** What a box is built of. */
export const BoxBuildSchema = z.strictObject({
  ...entryShape,
  densityKgPerM3: positive,
  usualWallMm: positive,
  /** Share of the side walls that is open mesh, per cent. */
  openSidesPct: percent,
  holdsWater: z.boolean(),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type BoxBuild = z.infer<typeof BoxBuildSchema>;

/** A size boxes are commonly sold in, inner or near enough. */
export const BoxSizeSchema = z.strictObject({
  ...entryShape,
  kind: z.enum(["frontOpening", "aquarium"]),
  widthCm: positive,
  depthCm: positive,
  heightCm: positive,
});
export type BoxSize = z.infer<typeof BoxSizeSchema>;

export const RecipeSchema = z.strictObject({
  ...entryShape,
  climates: z.array(z.enum(CLIMATE_CLASSES)),
  parts: z.array(z.strictObject({ ingredientId: z.string(), parts: positive })).min(1),
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** A rule of the trade used in a computation: one number, its unit in its id, and where it comes from. */
export const TradeRuleSchema = z.strictObject({ ...entryShape, value: z.number() });
export type TradeRule = z.infer<typeof TradeRuleSchema>;
