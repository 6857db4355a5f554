import { z } from "zod";
import { CAUTIONS, entryShape, positive, RangeSchema } from "./fields";

export const CLIMATE_CLASSES = ["humidForest", "temperateMoist", "streamBank", "semiArid", "arid"] as const;
export type ClimateClass = (typeof CLIMATE_CLASSES)[number];

const REGIONS = [
  "northAmerica",
  "centralAmerica",
  "southAmerica",
  "europe",
  "africa",
  "madagascar",
  "westAsia",
  "centralAsia",
  "southAsia",
  "southeastAsia",
  "eastAsia",
  "oceania",
] as const;
export type Region = (typeof REGIONS)[number];

/** A genus and a species, as they are written. */
const scientificName = z.string().regex(/^[A-Z][a-z]+ [a-z]+(-[a-z]+)?$/, { message: "scientific name" });
/** Names it went by, or is sold by; a subspecies may be told. */
const synonyms = z.array(z.string().regex(/^[A-Z][a-z]+( [a-z]+(-[a-z]+)?){1,2}$/, { message: "scientific name" }));

export const ANIMAL_KINDS = [
  "poisonFrog",
  "groundFrog",
  "treeFrog",
  "toad",
  "newt",
  "geckoHumid",
  "geckoDry",
  "anole",
  "chameleon",
  "skink",
  "agamid",
  "monitor",
  "alligatorLizard",
  "boa",
  "python",
  "colubrid",
  "tarantula",
  "scorpion",
  "mantis",
  "millipede",
  "crab",
] as const;
export type AnimalKind = (typeof ANIMAL_KINDS)[number];

/** Questions that good keepers answer differently; both answers are told. */
const SCHOOLS = ["nocturnalUv", "group", "glassOrMesh", "drainage"] as const;
const FOODS = ["smallInsects", "insects", "fruit", "leaves", "vertebrates", "rottenWood"] as const;

export const AnimalSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  kind: z.enum(ANIMAL_KINDS),
  group: z.enum(["amphibian", "reptile", "invertebrate"]),
  region: z.enum(REGIONS),
  climate: z.enum(CLIMATE_CLASSES),
  adultLengthCm: positive,
  adultMassG: positive,
  habit: z.enum(["ground", "burrowing", "climbing", "semiAquatic"]),
  activity: z.enum(["day", "night", "dusk"]),
  temperatureC: z.strictObject({
    basking: RangeSchema.optional(),
    warm: RangeSchema,
    cool: RangeSchema,
    night: RangeSchema,
  }),
  /** By day, and by night when it is sprayed and cools. */
  humidityRh: RangeSchema,
  nightHumidityRh: RangeSchema,
  /** Zone of UV exposure, 1 to 4. */
  uvZone: z.number().int().min(1).max(4),
  /** Least inner size for one animal or the usual smallest group, and how much more floor each further one wants. */
  box: z.strictObject({
    widthCm: positive,
    depthCm: positive,
    heightCm: positive,
    forCount: z.number().int().positive(),
    eachMoreFloorShare: z.number().min(0),
    mostTogether: z.number().int().positive(),
  }),
  soilDepthCm: positive,
  drainage: z.enum(["wanted", "optional", "avoided"]),
  eatsCrew: z.enum(["none", "some", "most"]),
  roughOnPlants: z.enum(["gentle", "moderate", "rough"]),
  /** Mistings a week that usually hold the band in a glass box. */
  mistPerWeek: z.number().min(0),
  growInDays: z.number().int().positive(),
  /** Whom of its own kind it lives with. */
  company: z.enum(["alone", "pair", "group"]),
  water: z.enum(["none", "mist", "dripper", "bowl", "bathBowl", "pool", "halfWater"]),
  diet: z.array(z.enum(FOODS)).min(1),
  /** Needs no heat in a usual room, and suffers from it. */
  roomTemperature: z.boolean(),
  quarantineDays: z.number().int().positive(),
  difficulty: z.enum(["easy", "fair", "hard"]),
  schools: z.array(z.enum(SCHOOLS)),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Animal = z.infer<typeof AnimalSchema>;

/** What a species bears, and the part of it in which it thrives. */
const envelope = z
  .strictObject({ tolerated: RangeSchema, preferred: RangeSchema })
  .refine((e) => e.tolerated[0] <= e.preferred[0] && e.preferred[1] <= e.tolerated[1], {
    message: "preferred outside tolerated",
  });
export type Envelope = z.infer<typeof envelope>;

export const PLANT_KINDS = [
  "foliage",
  "climber",
  "hanger",
  "fern",
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
export type PlantKind = (typeof PLANT_KINDS)[number];
const PLANT_PLACES = ["floor", "wall", "wood", "hanging", "waterEdge", "water"] as const;

export const PlantSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  kind: z.enum(PLANT_KINDS),
  /** How it is drawn. */
  form: z.enum(["rosette", "fern", "bushy", "trailing", "grass", "succulent", "moss", "palm"]),
  place: z.enum(PLANT_PLACES),
  region: z.enum(REGIONS),
  temperatureC: envelope,
  humidityRh: envelope,
  light: z.enum(["low", "medium", "bright"]),
  feet: z.enum(["dry", "moist", "wet"]),
  grownHeightCm: positive,
  grownSpreadCm: positive,
  rootDepthCm: z.number().min(0),
  /** Months until it has about its grown size, and the share of that it has when bought. */
  grownInMonths: positive,
  boughtShare: z.number().min(0.05).max(1),
  sturdy: z.enum(["tender", "fair", "tough"]),
  leaf: z.enum(["fine", "medium", "bold"]),
  /** What comes of eating it. */
  eaten: z.enum(["edible", "harmless", "irritant", "toxic"]),
  /** How it is planted: out of its pot, divided, as cuttings, glued, tied, laid, or set afloat. */
  method: z.enum(["potOut", "divide", "cutting", "glue", "tie", "lay", "float"]),
  pruning: z.enum(["seldom", "sometimes", "often"]),
  ease: z.enum(["easy", "fair", "hard"]),
  color: z.string().regex(/^#[0-9a-f]{6}$/),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Plant = z.infer<typeof PlantSchema>;

export const CREW_GROUPS = [
  "springtail",
  "isopod",
  "beetle",
  "earwig",
  "millipede",
  "snail",
  "roach",
  "earthworm",
] as const;
export const CrewSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  group: z.enum(CREW_GROUPS),
  temperatureC: envelope,
  humidityRh: envelope,
  lengthMm: positive,
  /** How it fares when an insect eater lives with it. */
  survivesHunting: z.enum(["hidden", "some", "cropped"]),
  /** Animals to seed for each 1000 cm² of floor. */
  seedPer1000Cm2: positive,
  breedsInDays: z.number().int().positive(),
  eats: z.array(z.enum(["mould", "dung", "litter", "feeders", "shed"])).min(1),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Crew = z.infer<typeof CrewSchema>;
