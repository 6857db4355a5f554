import * as z from "zod";
import {
  cites,
  entryShape,
  envelope,
  hexColor,
  notNegative,
  positive,
  AmountsSchema,
  amountsEnvelope,
  percentsEnvelope,
  REGIONS,
  scientificName,
  synonyms,
} from "./fields";

export const PLANT_KINDS = [
  "foliage",
  "climber",
  "hanger",
  "fern",
  "selaginella",
  "bromeliad",
  "airPlant",
  "orchid",
  "moss",
  "liverwort",
  "palm",
  "grass",
  "succulent",
  "bog",
  "water",
] as const;

export const PLANT_SITES = ["floor", "pot", "wall", "drippingWall", "wood", "hanging", "waterEdge", "inWater"] as const;
export type PlantSite = (typeof PLANT_SITES)[number];

/** What its roots want, from never wet for long to afloat. */
export const ROOTS = ["desert", "dryBetween", "epiphyte", "moist", "wet", "submerged", "floating"] as const;
export type Roots = (typeof ROOTS)[number];

/** What comes of eating it, by eater: by the lists for cats and dogs, and by what keepers of leaf eaters see. */
const toxicity = z.strictObject({
  mammals: z.enum(["safe", "irritant", "toxic", "unknown"]),
  /** Of those that nibble: chameleons, geckos. */
  leafEatingReptiles: z.enum(["eaten", "nibbledUnharmed", "avoid", "unknown"]),
  /** Of those that live on plants: tortoises, iguanas, spiny-tailed lizards. A lizard that nibbles tells nothing of them. */
  grazers: z.enum(["safe", "nibbleOnly", "irritant", "toxic", "unknown"]).optional(),
  /** Whether its sap hurts skin. */
  skin: z.boolean(),
});

/** Size as grown in a box. Climbers: height without support, the run up a wall apart; hangers: the length of fall. */
const grown = z.strictObject({
  heightCm: AmountsSchema,
  spreadCm: AmountsSchema,
  climbsCm: positive.nullable(),
  inMonths: positive,
});

/**
 * What its leaves let through: resistance of pores and skin together, s/m of one side, healthy and watered, by day in
 * light and by night in the dark; null where it lives wholly under water. And m² of leaf over each m² of its spread.
 */
const leaves = z.strictObject({
  kind: z.enum(["thin", "leathery", "succulent", "scale", "moss", "water"]),
  dayResistance: AmountsSchema.nullable(),
  nightResistance: AmountsSchema.nullable(),
  areaIndex: AmountsSchema,
});

/** A plant as a grower knows it. Sizes in cm, day temperatures in °C, light as photon flux in µmol/m²/s. */
export const PlantSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  kind: z.enum(PLANT_KINDS),
  regions: z.array(z.enum(REGIONS)),
  temperatureC: envelope,
  nightLowC: z.number(),
  winterRest: z.boolean(),
  humidityRh: percentsEnvelope,
  wantsMovingAir: z.boolean(),
  ppfd: amountsEnvelope,
  light: z.enum(["low", "medium", "bright", "sun"]),
  roots: z.enum(ROOTS),
  /** Where it grows, the usual place first. */
  places: z.array(z.enum(PLANT_SITES)).min(1),
  rootDepth: z
    .strictObject({ leastCm: notNegative, goodCm: notNegative })
    .refine(({ leastCm, goodCm }) => leastCm <= goodCm, { message: "least above good" }),
  grown,
  /** Share of its grown size it has when bought. */
  boughtShare: z.number().min(0.05).max(1),
  /** Into how many a bought pot divides. */
  dividesInto: AmountsSchema,
  sturdy: z.enum(["tender", "fair", "tough"]),
  leaf: z.enum(["fine", "medium", "bold"]),
  toxicity,
  hazards: z.array(z.enum(["sap", "spines", "awns", "hairs"])),
  law: z.strictObject({
    cites,
    /** Regions where it is listed or spreads as an invader. */
    invasiveIn: z.array(z.enum([...REGIONS, "europeanUnionList"])),
  }),
  /** How it is planted: out of its pot, divided, as cuttings, glued, tied, laid, set afloat, or sown. */
  method: z.enum(["potOut", "divide", "cutting", "glue", "tie", "lay", "float", "sow"]),
  pruning: z.enum(["seldom", "sometimes", "often"]),
  ease: z.enum(["easy", "fair", "hard"]),
  /** How it is drawn. */
  form: z.enum(["rosette", "fern", "bushy", "trailing", "grass", "succulent", "moss", "palm"]),
  color: hexColor,
  leaves: leaves.optional(),
});
export type Plant = z.infer<typeof PlantSchema>;
