import { unchangedBuild } from "./buildPlan";
import { unchangedCare } from "./care";
import * as z from "zod";
import { OWN_KINDS, OwnAnimalSchema, rule, type Animal, type Recipe } from "../catalog";
import type { Library } from "../library";
import { levelCorners } from "./corners";
import { dryAboveCm, fillFor, STARTING_MEDIUM, type Fill } from "./fill";
import { TimeZoneSchema } from "./fields";
import { LIMITS } from "./limits";
import {
  DateSchema,
  IdSchema,
  InstantSchema,
  NameSchema,
  RoomSchema,
  ShellSchema,
  type Design,
  type Layer,
} from "./schema";

/** The tops a box is usually sold or kept with. */
export const STARTING_TOPS = {
  mesh: { lid: "mesh", coveredPct: 0 },
  halfCovered: { lid: "mesh", coveredPct: 50 },
  glass: { lid: "glass", coveredPct: 0 },
} as const;
export type StartingTop = keyof typeof STARTING_TOPS;

/** What a person gives to start a habitat; the layers follow from the animal. */
const StartSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  createdAt: InstantSchema,
  startOn: DateSchema,
  timeZone: TimeZoneSchema.nullable().default(null),
  animalId: z.string().min(1),
  count: z.number().int().min(LIMITS.count.min).max(LIMITS.count.max),
  room: RoomSchema,
  /** A plain rectangular glass box to begin with; the shell step knows the others. */
  shell: ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true, sillCm: true }).extend({
    top: z.enum(["mesh", "halfCovered", "glass"]),
  }),
});
export type Start = z.input<typeof StartSchema>;

const FIRST_MIX_ID = "mix-1";
const FLOOR = { on: "floor" } as const;

const dressingFor = (animal: Animal, library: Library): string =>
  library.all("dressings").find((dressing) => dressing.climates.includes(animal.climate))?.id ?? "oakLitter";

/**
 * The mix to start from: for the ground the animal lives on and its climate, else for the ground, else the climate. The
 * most usual of a family stands first.
 */
function recipeFor({ soil, climate }: Animal, library: Library): Recipe {
  const recipes = library.all("recipes");
  const forGround = recipes.filter(({ soils }) => soils.includes(soil.type));
  const forClimate = (recipe: Recipe): boolean => recipe.climates.includes(climate);
  return forGround.find(forClimate) ?? forGround[0] ?? recipes.find(forClimate) ?? library.get("recipes", "soilBased");
}

function layersFor(animal: Animal, fill: Fill, library: Library): Layer[] {
  const { drainageCm, soilCm, dressingCm } = fill;
  const soil = { id: "soil-1", over: FLOOR, kind: "soil", mixId: FIRST_MIX_ID, laid: "moist" } as const;
  const drainage: Layer[] = [
    { id: "drainage-1", over: FLOOR, kind: "drainage", materialId: STARTING_MEDIUM, depthCm: drainageCm },
    { id: "barrier-1", over: FLOOR, kind: "barrier", materialId: "insectScreen" },
  ];
  const dressing = { id: "dressing-1", over: FLOOR, kind: "dressing", depthCm: dressingCm } as const;
  return [
    ...(drainageCm > 0 ? drainage : []),
    ...(soilCm > 0 ? [{ ...soil, corners: levelCorners(soilCm), mounds: [] }] : []),
    ...(dressingCm > 0 ? [{ ...dressing, materialId: dressingFor(animal, library) }] : []),
  ];
}

/** The water kept in the drainage: as usual, and never so high that it would climb into the soil. */
function keptLine(drainageCm: number, library: Library): number {
  return Math.max(0, Math.min(rule("keptWaterLineCm"), drainageCm - dryAboveCm(library)));
}

const nothingOwn = (): Design["own"] =>
  Object.fromEntries(OWN_KINDS.map((kind) => [kind, []])) as unknown as Design["own"];

/** An animal of the builder's own comes along, so that the document stands alone. */
const ownAnimal = (animal: Animal): Design["own"]["animals"] => {
  const own = OwnAnimalSchema.safeParse(animal);
  return own.success ? [own.data] : [];
};

/**
 * A new habitat with the layers and the recipe that are usual for its animal.
 *
 * @throws ZodError naming the field when the start is not sane; RangeError when the animal is unknown
 * @example startHabitat({ id: "a", name: "Fernwall", animalId: "crocodileSkink", … }, library).strata.layers.length // 4
 */
export function startHabitat(start: Start, library: Library): Design {
  const { id, name, createdAt, startOn, timeZone, animalId, count, room, shell } = StartSchema.parse(start);
  const animal = library.get("animals", animalId);
  const recipe = recipeFor(animal, library);
  const fill = fillFor(animal, shell, library);
  const glass = library.get("boxBuilds", "glass");
  return {
    id,
    name,
    createdAt,
    timeZone,
    brief: { animalId, count, room, mates: [], schools: {}, living: "bioactive" },
    shell: {
      ...shell,
      buildId: glass.id,
      wallMm: glass.usualWallMm,
      floor: { shape: "rectangle" },
      top: { ...STARTING_TOPS[shell.top] },
      openings: [],
      treatments: [],
      standsOn: { ratingKg: null, under: "whole" },
      bought: false,
    },
    strata: {
      zones: [],
      layers: layersFor(animal, fill, library),
      waterLineCm: keptLine(fill.drainageCm, library),
    },
    own: { ...nothingOwn(), animals: ownAnimal(animal) },
    mixes: [{ id: FIRST_MIX_ID, recipeId: recipe.id, title: null, parts: recipe.parts.map((part) => ({ ...part })) }],
    pieces: [],
    plants: [],
    crew: [],
    starters: [],
    gear: [],
    power: { pricePerKWh: null, guarded: false, dripLoops: false },
    build: unchangedBuild(startOn),
    care: unchangedCare(),
    individuals: [],
    answers: [],
    shelf: { archivedOn: null, variantOf: null, next: null },
  };
}
