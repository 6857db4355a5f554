import { z } from "zod";
import { CAUTIONS, entryShape, look, percent, positive, RangeSchema, reposeDeg } from "./fields";

export { CAUTIONS, RangeSchema, TEXTURES } from "./fields";
export type { Caution, Range } from "./fields";
export type Look = z.infer<typeof look>;

export const CLIMATE_CLASSES = ["humidForest", "temperateMoist", "streamBank", "semiArid", "arid"] as const;
export type ClimateClass = (typeof CLIMATE_CLASSES)[number];


export const AnimalSchema = z.strictObject({
  ...entryShape,
  scientificName: z.string(),
  group: z.enum(["amphibian", "reptile", "invertebrate"]),
  climate: z.enum(CLIMATE_CLASSES),
  adultLengthCm: positive,
  habit: z.enum(["ground", "burrowing", "climbing", "semiAquatic"]),
  activity: z.enum(["day", "night", "dusk"]),
  temperatureC: z.strictObject({
    basking: RangeSchema.optional(), warm: RangeSchema, cool: RangeSchema, night: RangeSchema,
  }),
  humidityRh: RangeSchema,
  /** Zone of UV exposure, 1 to 4. */
  uvZone: z.number().int().min(1).max(4),
  /** Least inner size for one animal or the usual smallest group, and how much more floor each further one wants. */
  box: z.strictObject({
    widthCm: positive, depthCm: positive, heightCm: positive,
    forCount: z.number().int().positive(), eachMoreFloorShare: z.number().min(0), mostTogether: z.number().int().positive(),
  }),
  soilDepthCm: positive,
  drainage: z.enum(["wanted", "optional", "avoided"]),
  eatsCrew: z.enum(["none", "some", "most"]),
  roughOnPlants: z.enum(["gentle", "moderate", "rough"]),
  /** Mistings a week that usually hold the band in a glass box. */
  mistPerWeek: z.number().min(0),
  growInDays: z.number().int().positive(),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Animal = z.infer<typeof AnimalSchema>;

/** What a species bears, and the part of it in which it thrives. */
const envelope = z
  .strictObject({ tolerated: RangeSchema, preferred: RangeSchema })
  .refine((e) => e.tolerated[0] <= e.preferred[0] && e.preferred[1] <= e.tolerated[1], { message: "preferred outside tolerated" });
export type Envelope = z.infer<typeof envelope>;

export const PlantSchema = z.strictObject({
  ...entryShape,
  scientificName: z.string(),
  form: z.enum(["rosette", "fern", "bushy", "trailing", "grass", "succulent", "moss", "palm"]),
  place: z.enum(["floor", "wall", "wood", "waterEdge", "hanging"]),
  temperatureC: envelope,
  humidityRh: envelope,
  light: z.enum(["low", "medium", "bright"]),
  feet: z.enum(["dry", "moist", "wet"]),
  grownHeightCm: positive,
  grownSpreadCm: positive,
  rootDepthCm: z.number().min(0),
  sturdy: z.enum(["tender", "fair", "tough"]),
  color: z.string().regex(/^#[0-9a-f]{6}$/),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Plant = z.infer<typeof PlantSchema>;

export const CrewSchema = z.strictObject({
  ...entryShape,
  scientificName: z.string(),
  group: z.enum(["springtail", "isopod", "beetle", "earwig"]),
  temperatureC: envelope,
  humidityRh: envelope,
  lengthMm: positive,
  /** How it fares when an insect eater lives with it. */
  survivesHunting: z.enum(["hidden", "some", "cropped"]),
  /** Animals to seed for each 1000 cm² of floor. */
  seedPer1000Cm2: positive,
  breedsInDays: z.number().int().positive(),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Crew = z.infer<typeof CrewSchema>;

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
  widthCm: positive, depthCm: positive, heightCm: positive,
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
