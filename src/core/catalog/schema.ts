import * as z from "zod";
import { cautions, entryShape, percent, positive, type look } from "./fields";

export * from "./animalSchema";
export * from "./crewSchema";
export * from "./materialSchema";
export * from "./plantSchema";
export * from "./recipeSchema";
export * from "./schoolSchema";
export { CAUTIONS, CLIMATE_CLASSES, MOISTURES, REGIONS, SOIL_TYPES, TEXTURES } from "./fields";
export type { Caution, ClimateClass, Envelope, Moisture, Range, Region, SoilType } from "./fields";
export type Look = z.infer<typeof look>;

/** What a box is built of. */
export const BoxBuildSchema = z.strictObject({
  ...entryShape,
  densityKgPerM3: positive,
  /** How well its stuff conducts heat, W/(m K). */
  conductsWPerMK: positive,
  usualWallMm: positive,
  /** Share of the side walls that is open mesh, per cent. */
  openSidesPct: percent,
  holdsWater: z.boolean(),
  /** Bare boards drink: coats that seal them inside, what a litre covers, days a coat dries and days of airing. */
  coats: z.number().int().min(0).optional(),
  m2PerL: z.number().min(0).optional(),
  coatDays: z.number().min(0).optional(),
  airDays: z.number().int().min(0).optional(),
  cautions,
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

/** A rule of the trade used in a computation: one number, its unit in its id, and where it comes from. */
export const TradeRuleSchema = z.strictObject({ ...entryShape, value: z.number() });
export type TradeRule = z.infer<typeof TradeRuleSchema>;
