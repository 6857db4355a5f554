import { z } from "zod";
import { catalog, entry, OwnAnimalSchema, rule, type Animal, type OwnAnimal } from "../catalog";
import { levelCorners } from "./corners";
import { LIMITS } from "./limits";
import {
  DateSchema,
  FORMAT,
  FORMAT_VERSION,
  IdSchema,
  InstantSchema,
  NameSchema,
  OVER_ALL,
  RoomSchema,
  ShellSchema,
  type Habitat,
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
export const StartSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  createdAt: InstantSchema,
  startOn: DateSchema,
  animalId: z.string().min(1),
  count: z.number().int().min(LIMITS.count.min).max(LIMITS.count.max),
  room: RoomSchema,
  /** A plain rectangular glass box to begin with; the shell step knows the others. */
  shell: ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true, sillCm: true }).extend({
    top: z.enum(["mesh", "halfCovered", "glass"]),
  }),
});
export type Start = z.infer<typeof StartSchema>;

const FIRST_MIX_ID = "mix-1";
const DRESSING_CM = 2;

const dressingFor = (animal: Animal): string =>
  catalog.dressings.find((dressing) => dressing.climates.includes(animal.climate))?.id ?? "oakLitter";

/** The recipe families are ordered by how usual they are, so the first one for a climate is the one to start from. */
export const recipeFor = (animal: Animal) =>
  catalog.recipes.find((recipe) => recipe.climates.includes(animal.climate)) ?? entry("recipes", "soilBased");

function layersFor(animal: Animal): Layer[] {
  const soilCm = Math.max(animal.soilDepthCm, rule("soilDepthCm"));
  const ground: Layer[] = [
    {
      id: "soil-1",
      over: OVER_ALL,
      kind: "soil",
      mixId: FIRST_MIX_ID,
      laid: "moist",
      corners: levelCorners(soilCm),
      mounds: [],
    },
    { id: "dressing-1", over: OVER_ALL, kind: "dressing", materialId: dressingFor(animal), depthCm: DRESSING_CM },
  ];
  if (animal.drainage !== "wanted") return ground;
  return [
    { id: "drainage-1", over: OVER_ALL, kind: "drainage", materialId: "clayPebbles", depthCm: rule("drainageDepthCm") },
    { id: "barrier-1", over: OVER_ALL, kind: "barrier", materialId: "insectScreen" },
    ...ground,
  ];
}

/**
 * A new habitat with the layers and the recipe that are usual for its animal.
 *
 * @param ownAnimal the animal, when it is one of the builder's own
 * @throws ZodError naming the field when the start is not sane; RangeError when the animal is unknown
 * @example startHabitat({ id: "a", name: "Fernwall", animalId: "crocodileSkink", … }).strata.layers.length // 4
 */
export function startHabitat(start: Start, ownAnimal?: OwnAnimal): Habitat {
  const { id, name, createdAt, startOn, animalId, count, room, shell } = StartSchema.parse(start);
  const animal = ownAnimal?.id === animalId ? OwnAnimalSchema.parse(ownAnimal) : entry("animals", animalId);
  const recipe = recipeFor(animal);
  const glass = entry("boxBuilds", "glass");
  return {
    format: FORMAT,
    formatVersion: FORMAT_VERSION,
    id,
    name,
    createdAt,
    brief: { animalId, count, room, mates: [] },
    shell: {
      ...shell,
      buildId: glass.id,
      wallMm: glass.usualWallMm,
      floor: { shape: "rectangle" },
      top: { ...STARTING_TOPS[shell.top] },
      openings: [],
      treatments: [],
      standsOn: { ratingKg: null, under: "whole" },
    },
    strata: {
      zones: [],
      layers: layersFor(animal),
      waterLineCm: animal.drainage === "wanted" ? rule("keptWaterLineCm") : 0,
    },
    own: {
      ingredients: [],
      animals: ownAnimal?.id === animalId ? [OwnAnimalSchema.parse(ownAnimal)] : [],
      plants: [],
      crew: [],
    },
    mixes: [{ id: FIRST_MIX_ID, recipeId: recipe.id, title: null, parts: recipe.parts.map((part) => ({ ...part })) }],
    pieces: [],
    plants: [],
    planting: { lampLumens: null },
    crew: [],
    build: { startOn, doneOn: {} },
    keeping: { sinceOn: null, ticks: [], readings: [], topUps: [], lostPlants: [] },
  };
}
