import * as z from "zod";
import {
  cautions,
  entryShape,
  envelope,
  percentsEnvelope,
  positive,
  AmountsSchema,
  scientificName,
  synonyms,
} from "./fields";

export const CREW_GROUPS = [
  "springtail",
  "isopod",
  "beetle",
  "earwig",
  "millipede",
  "snail",
  "roach",
  "earthworm",
  "potworm",
  "mite",
  "nematode",
  "shrimp",
  "waterSnail",
  "waterIsopod",
] as const;

/** Where in the box a species lives, from below. */
export const CREW_LEVELS = ["water", "deepSoil", "upperSoil", "litter", "bark", "surface"] as const;

/** A species of the cleanup crew. Lengths in mm, temperatures in °C, soil moisture as a share of what soil can hold. */
export const CrewSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  group: z.enum(CREW_GROUPS),
  livesAt: z.enum(CREW_LEVELS),
  temperatureC: envelope,
  soilMoisture: percentsEnvelope,
  airRh: percentsEnvelope,
  lengthMm: AmountsSchema,
  /** From brood to brood, and how many are laid or released, not how many survive. 0 to 0: does not renew in a box. */
  broodEveryDays: AmountsSchema,
  broodSize: AmountsSchema,
  /** From laying, for what lays; from release, for isopods. */
  daysToMaturity: AmountsSchema,
  adultLifeDays: AmountsSchema,
  /** Animals to seed for each 1000 cm² of floor, and the most that find a living there. */
  seedPer1000Cm2: positive,
  mostPer1000Cm2: positive,
  soldInTens: positive,
  /** How it fares when an insect eater lives with it. */
  survivesHunting: z.enum(["hidden", "some", "cropped"]),
  eats: z.array(z.enum(["mould", "dung", "litter", "rottenWood", "feeders", "shed", "carrion", "algae", "pests"])),
  /** What it must be given besides, and how often. */
  wants: z.array(z.enum(["moistFood", "protein", "lime"])),
  everyDays: positive.nullable(),
  hazards: z.array(
    z.enum([
      "bitesResting",
      "eatsRoots",
      "eatsSeedlings",
      "eatsEggs",
      "eatsCrew",
      "tunnelsFoam",
      "noxiousFluid",
      "climbsGlass",
      "flies",
    ]),
  ),
  /** Whether Rincon proposes it of its own accord; the others are found by search. */
  proposed: z.boolean(),
  cautions,
});
export type Crew = z.infer<typeof CrewSchema>;
export type CrewHazard = Crew["hazards"][number];
