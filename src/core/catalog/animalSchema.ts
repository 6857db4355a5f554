import * as z from "zod";
import {
  cautions,
  cites,
  CLIMATE_CLASSES,
  entryShape,
  MOISTURES,
  notNegative,
  positive,
  AmountsSchema,
  PercentsSchema,
  percentsEnvelope,
  RangeSchema,
  REGIONS,
  scientificName,
  SOIL_TYPES,
  synonyms,
} from "./fields";
import { SchoolSchema } from "./schoolSchema";

export const ANIMAL_KINDS = [
  "poisonFrog",
  "groundFrog",
  "treeFrog",
  "glassFrog",
  "toad",
  "newt",
  "salamander",
  "aquaticAmphibian",
  "geckoHumid",
  "geckoDry",
  "anole",
  "iguanid",
  "chameleon",
  "skink",
  "lacertid",
  "agamid",
  "monitor",
  "teiid",
  "alligatorLizard",
  "boa",
  "python",
  "colubrid",
  "tortoise",
  "turtle",
  "tarantula",
  "scorpion",
  "whipSpider",
  "jumpingSpider",
  "mantis",
  "stickInsect",
  "millipede",
  "landSnail",
  "crab",
  "girdledLizard",
  "platedLizard",
  "roach",
] as const;

const amounts = AmountsSchema;
const amountsOrNone = AmountsSchema.nullable();
const warmth = RangeSchema;
const warmthOrNone = RangeSchema.nullable();

/** Grown length by sex, and which length it is. */
const length = z.strictObject({
  measure: z.enum(["total", "snoutVent", "legSpan", "carapace", "shell", "body"]),
  maleCm: amounts,
  femaleCm: amounts,
});

/**
 * Air temperatures by day at the warm and the cool end and by night; of wholly aquatic animals, the water's. Basking is
 * told as the surface under the lamp and the air over it, null for what does not bask.
 */
const temperatureC = z.strictObject({
  baskingSurface: warmthOrNone,
  baskingAir: warmthOrNone,
  warm: warmth,
  cool: warmth,
  night: warmth,
  /** What the whole box may come to for some days, with no escape. */
  highestForDays: z.number(),
  /** The coldest night it bears awake; a winter rest goes lower. */
  lowestSafeNight: z.number(),
  /** Whether a lived-in room must be warmed for it at all. */
  heating: z.enum(["always", "inCoolRooms", "never"]),
});

/** Relative humidity of the air, and of the damp retreat where it wants one. */
const humidityRh = z.strictObject({
  day: percentsEnvelope,
  night: percentsEnvelope,
  retreat: PercentsSchema.nullable(),
});

const air = z.strictObject({
  movement: z.enum(["still", "gentle", "brisk"]),
  /** Whether leaves and ground should dry off before the next misting. */
  driesBetweenMistings: z.boolean(),
});

/** The ground it lives on: its kind, its depth, and how damp it is above and below. */
const soil = z.strictObject({
  type: z.enum(SOIL_TYPES),
  leastDepthCm: notNegative,
  goodDepthCm: notNegative,
  surface: z.enum(MOISTURES),
  deep: z.enum(MOISTURES),
});

/** UV index at the animal's back, and hours of it a day; the zone only where it is published for the species. */
const uv = z.strictObject({
  need: z.enum(["needed", "beneficial", "none"]),
  indexAtBack: amountsOrNone,
  zone: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4)]).nullable(),
  hoursADay: amountsOrNone,
});

/** Least inner room for so many, the clear height over the fill, and whom of its own kind it bears. */
const box = z.strictObject({
  widthCm: positive,
  depthCm: positive,
  clearHeightCm: positive,
  forCount: z.number().int().positive(),
  /** How much more floor each further one wants, as a share of the least. */
  eachMoreFloorShare: notNegative,
  mostTogether: z.number().int().positive(),
  company: z.enum(["alone", "pair", "group", "colony"]),
  malesTogether: z.number().int().positive(),
  /** Heavy spiders and scorpions burst when they fall further than this. */
  greatestFallCm: positive.nullable(),
});

const boxCm = z.strictObject({ widthCm: positive, depthCm: positive, heightCm: positive });

/** While it is young: its own least box and the largest in which it still finds its food, and how damp it wants it. */
const young = z.strictObject({
  box: boxCm.nullable(),
  largestBox: boxCm.nullable().optional(),
  largeBoxIsBad: z.boolean(),
  /** Age in months at which it may have the grown one's box; growth by warmth and food makes it wide. */
  untilMonths: amounts.optional(),
  /** Air liked by the young, % RH; null: as the grown. */
  dampRh: PercentsSchema.nullable().optional(),
  /** One to a box while young; else with others of one size, watched. */
  alone: z.boolean().optional(),
});

/** Days after it came: left alone, and until food is first offered; and how it is handled at all. */
const arrival = z.strictObject({
  leaveAloneDays: amounts,
  firstMealDays: amounts,
  handles: z.enum(["calm", "brief", "never"]),
});

const water = z.strictObject({
  kind: z.enum(["none", "drops", "bowl", "bathBowl", "pool", "twoPools", "partLand", "aquatic"]),
  /** Share of the floor it takes, 0 to 1. */
  shareOfFloor: amountsOrNone,
  depthCm: amountsOrNone,
  salinity: z.enum(["fresh", "brackish", "freshAndSalt"]),
  canDrown: z.boolean(),
  flow: z.enum(["still", "gentle", "moving"]),
});

const REFUGES = [
  "groundHide",
  "crevice",
  "corkTubeHigh",
  "leafTangle",
  "burrow",
  "waterPlants",
  "humidHide",
  "mossBed",
  "silkCorner",
] as const;
const refuge = z.strictObject({
  kind: z.enum(REFUGES),
  count: z.number().int().positive(),
  where: z.enum(["warm", "cool", "both", "high", "anywhere"]),
});
export type Refuge = z.infer<typeof refuge>;

const perches = z.strictObject({
  spans: z.number().int().min(0),
  /** Thickness of branches it grips. */
  branchCm: amountsOrNone,
  baskingPlaces: z.number().int().min(0),
});

const FOODS = [
  "smallInsects",
  "insects",
  "worms",
  "fish",
  "snails",
  "eggs",
  "rodents",
  "birds",
  "amphibians",
  "fruit",
  "fruitPowder",
  "nectar",
  "livingGreens",
  "flowers",
  "leafLitter",
  "rottenWood",
  "detritus",
  "carrion",
  "algae",
  "pellets",
] as const;
export type Food = (typeof FOODS)[number];

const food = z.strictObject({
  foods: z.array(z.enum(FOODS)).min(1),
  adultEveryDays: amounts,
  youngEveryDays: amounts,
  /** Every feeding so many is dusted with calcium; null for what needs none. */
  calciumEveryNthFeeding: positive.nullable(),
  vitaminsEveryDays: positive.nullable(),
  /** How large food may be: by the gap between its eyes, its head, its girth, in bites; none for grazers and sippers. */
  preySize: z.enum(["eyeGap", "headWidth", "bodyGirth", "bite", "none"]).optional(),
});

const season = z.strictObject({
  kind: z.enum(["none", "coolRest", "dryRest", "coolAndDryRest"]),
  /** How many months the rest lasts, and how cold it is. */
  months: amountsOrNone,
  restC: warmthOrNone,
});

const laying = z.strictObject({
  needs: z.enum([
    "none",
    "dampSoil",
    "dryCrevice",
    "layingBox",
    "water",
    "leavesOverWater",
    "smoothLeaf",
    "axils",
    "bornAlive",
    "colonyNest",
  ]),
  depthCm: positive.nullable(),
});

const TESTS = [
  "chytrid",
  "ranavirus",
  "salamanderChytrid",
  "cryptosporidia",
  "adenovirus",
  "serpentovirus",
  "parasites",
  "mites",
] as const;

/** An animal as a keeper knows it. Lengths in cm, masses in g, temperatures in °C, humidity in % RH. */
export const AnimalSchema = z.strictObject({
  ...entryShape,
  scientificName,
  synonyms,
  kind: z.enum(ANIMAL_KINDS),
  group: z.enum(["amphibian", "reptile", "invertebrate"]),
  regions: z.array(z.enum(REGIONS)).min(1),
  climate: z.enum(CLIMATE_CLASSES),
  lives: z.enum(["ground", "burrowing", "sandSwimming", "climbing", "rockCrevice", "semiAquatic", "aquatic"]),
  active: z.enum(["day", "night", "dusk"]),
  length,
  massG: z.strictObject({ male: amounts, female: amounts }),
  temperatureC,
  humidityRh,
  air,
  soil,
  drainage: z.enum(["wanted", "optional", "avoided"]),
  uv,
  box,
  young,
  arrival: arrival.optional(),
  water,
  refuges: z.array(refuge),
  perches,
  mistingsPerWeek: amounts,
  plants: z.strictObject({ roughness: z.enum(["gentle", "moderate", "rough", "uproots"]), eatsLiving: z.boolean() }),
  eatsCrew: z.enum(["none", "some", "most"]),
  food,
  season,
  laying,
  lifespanYears: amounts,
  growInDays: z.number().int().min(0),
  quarantineDays: z.number().int().positive(),
  tests: z.array(z.enum(TESTS)),
  cautions,
  law: z.strictObject({ cites }),
  schools: z.array(SchoolSchema),
  difficulty: z.enum(["easy", "fair", "hard"]),
  /** Crew its keepers usually seed, by id. */
  crewThatFits: z.array(z.string()),
});
export type Animal = z.infer<typeof AnimalSchema>;
export type WaterKind = Animal["water"]["kind"];
