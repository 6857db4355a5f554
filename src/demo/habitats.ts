import { daysAfter, schedule } from "@/core/build";
import { applyAll, startHabitat, type Command, type Habitat, type Start } from "@/core/habitat";
import { readingCommands, type Scenario } from "./readings";

type Plan = {
  start: Omit<Start, "createdAt" | "startOn" | "room"> & Partial<Pick<Start, "room">>;
  /** Days ago it was started, and days ago the animal moved in. */
  startedAgo: number;
  keptAgo: number;
  commands: Command[];
  /** The last tick of each duty, in days ago. */
  ticked: Record<string, number>;
  readings: Scenario;
};

const plant = (id: string, plantId: string, xCm: number, yCm: number): Command => ({ name: "addPlant", args: { id, plantId, xCm, yCm } });
const crew = (crewId: string, count: number): Command => ({ name: "setCrew", args: { crewId, count } });

const frogBox: Pick<Plan["start"], "animalId" | "count" | "shell"> = {
  animalId: "tomatoFrog", count: 1, shell: { widthCm: 50, depthCm: 45, heightCm: 45, sillCm: 22, top: "mesh" },
};
const frogPlanting = [plant("p1", "goldenPothos", 12, 41), plant("p2", "creepingFig", 38, 42), plant("p3", "buttonFern", 30, 20)];

/** A scenario of our own: one person's five boxes in one frog-and-reptile room. */
const PLANS: readonly Plan[] = [
  {
    start: { id: "demo-lantern-gully", name: "Lantern Gully", animalId: "crocodileSkink", count: 2, shell: { widthCm: 70, depthCm: 45, heightCm: 50, sillCm: 19, top: "halfCovered" } },
    startedAgo: 118, keptAgo: 76,
    commands: [
      { name: "setDepth", args: { layerId: "drainage-1", depthCm: 5 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 4.5, backCm: 6.5 } },
      { name: "takeRecipe", args: { mixId: "mix-1", recipeId: "peatFreeForest" } },
      { name: "addLayer", args: { layer: { id: "soil-2", kind: "soil", mixId: "mix-2", frontCm: 5, backCm: 7 } } },
      { name: "takeRecipe", args: { mixId: "mix-2", recipeId: "treeFernForest" } },
      { name: "setPart", args: { mixId: "mix-2", ingredientId: "crushedLeaf", parts: 1 } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 2 } },
      plant("p1", "rabbitFootFern", 10, 40), plant("p2", "heartleafPhilodendron", 36, 42), plant("p3", "nervePlant", 20, 14),
      plant("p4", "creepingFig", 60, 42), plant("p5", "roundPeperomia", 50, 40), plant("p6", "eyelashBegonia", 58, 16),
      crew("tropicalSpringtail", 600), crew("dwarfWhiteIsopod", 60),
    ],
    ticked: { mist: 1, freshWater: 1, spotClean: 1, waterLine: 8, glass: 3, litter: 20, crew: 20 },
    readings: {
      days: 42, seed: 11, warmC: { start: 25.6, end: 26.2, wobble: 0.7 }, coolC: { start: 23.2, end: 23.8, wobble: 0.6 },
      humidityRh: { start: 82, end: 86, wobble: 4 }, waterLineCm: { start: 1.4, end: 4.4, wobble: 0.1 },
    },
  },
  {
    start: { id: "demo-dry-wash", name: "Dry Wash", animalId: "rosyBoa", count: 1, shell: { widthCm: 100, depthCm: 50, heightCm: 45, sillCm: 16, top: "mesh" } },
    startedAgo: 160, keptAgo: 121,
    commands: [
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 9, backCm: 15 } },
      { name: "setPart", args: { mixId: "mix-1", ingredientId: "clayPowder", parts: 1 } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1 } },
      plant("p1", "oxTongueGasteria", 16, 36), plant("p2", "zebraHaworthia", 36, 14), plant("p3", "oxTongueGasteria", 88, 34),
      crew("mealwormBeetle", 30),
    ],
    ticked: { freshWater: 1, spotClean: 0, glass: 5, crew: 34 },
    readings: {
      days: 42, seed: 23, warmC: { start: 30.4, end: 30.6, wobble: 0.8 }, coolC: { start: 24.4, end: 24.6, wobble: 0.6 }, humidityRh: { start: 36, end: 34, wobble: 3 },
    },
  },
  {
    start: { id: "demo-undercut", name: "Undercut", animalId: "vampireCrab", count: 5, shell: { widthCm: 60, depthCm: 40, heightCm: 40, sillCm: 18, top: "glass" } },
    startedAgo: 97, keptAgo: 60,
    commands: [
      { name: "addOpening", args: { id: "vent-low", kind: "vent", wall: "front", acrossCm: 20, upCm: 19, widthCm: 20, heightCm: 2.5 } },
      { name: "addOpening", args: { id: "vent-high", kind: "vent", wall: "back", acrossCm: 20, upCm: 34, widthCm: 20, heightCm: 4 } },
      { name: "addOpening", args: { id: "port", kind: "port", wall: "back", acrossCm: 52, upCm: 34, widthCm: 2.5, heightCm: 2.5 } },
      { name: "setMaterial", args: { layerId: "drainage-1", materialId: "lavaRock" } },
      { name: "setDepth", args: { layerId: "drainage-1", depthCm: 5.5 } },
      { name: "setWaterLine", args: { waterLineCm: 3 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 7.5, backCm: 11 } },
      { name: "setMaterial", args: { layerId: "dressing-1", materialId: "sheetMoss" } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1.5 } },
      plant("p1", "dwarfAnubias", 9, 10), plant("p2", "javaFern", 26, 28), plant("p3", "dwarfSweetFlag", 46, 30), plant("p4", "javaMoss", 36, 8), plant("p5", "creepingFig", 52, 38),
      crew("tropicalSpringtail", 480),
    ],
    ticked: { mist: 0, freshWater: 4, spotClean: 1, waterLine: 6, glass: 6, crew: 58 },
    readings: {
      days: 42, seed: 37, warmC: { start: 26.2, end: 26.8, wobble: 0.5 }, coolC: { start: 23.8, end: 25.6, wobble: 0.3 },
      humidityRh: { start: 88, end: 90, wobble: 3 }, waterLineCm: { start: 2.9, end: 3.1, wobble: 0.2 },
    },
  },
  {
    start: { id: "demo-twin-thin", name: "Twin, thin litter", ...frogBox },
    startedAgo: 103, keptAgo: 48,
    commands: [...frogPlanting, { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1.5 } }, crew("tropicalSpringtail", 450), crew("dwarfWhiteIsopod", 45)],
    ticked: { mist: 0, freshWater: 0, spotClean: 0, waterLine: 2, glass: 2, crew: 40 },
    readings: {
      days: 42, seed: 51, warmC: { start: 25.4, end: 25.5, wobble: 0.6 }, coolC: { start: 22.8, end: 22.9, wobble: 0.5 },
      humidityRh: { start: 76, end: 71, wobble: 4 }, waterLineCm: { start: 1.3, end: 1.6, wobble: 0.1 },
    },
  },
  {
    start: { id: "demo-twin-deep", name: "Twin, deep litter", ...frogBox },
    startedAgo: 102, keptAgo: 48,
    commands: [...frogPlanting, { name: "setDepth", args: { layerId: "dressing-1", depthCm: 5 } }, crew("tropicalSpringtail", 450), crew("dwarfWhiteIsopod", 45)],
    ticked: { mist: 0, freshWater: 0, spotClean: 0, waterLine: 2, glass: 2, crew: 40 },
    readings: {
      days: 42, seed: 52, warmC: { start: 25.4, end: 25.4, wobble: 0.6 }, coolC: { start: 22.8, end: 22.7, wobble: 0.5 },
      humidityRh: { start: 79, end: 79, wobble: 2.5 }, waterLineCm: { start: 1.3, end: 1.5, wobble: 0.1 },
    },
  },
];

const ROOM = { temperatureC: 21, humidityRh: 42 };

/** Every build step marked done on the day its plan gave it, the last on the day the animal moved in. */
function builtCommands(designed: Habitat, movedInOn: string): Command[] {
  return schedule(designed, designed.build.startOn).map(({ id, startOn }) => ({
    name: "markTask", args: { taskId: id, on: id === "moveIn" ? movedInOn : startOn },
  }));
}

function build(plan: Plan, today: string): Habitat {
  const startOn = daysAfter(today, -plan.startedAgo);
  const sinceOn = daysAfter(today, -plan.keptAgo);
  const begun = startHabitat({ room: ROOM, ...plan.start, createdAt: `${startOn}T09:00:00Z`, startOn });
  const ticks = Object.entries(plan.ticked).map(([dutyId, ago]): Command => ({ name: "tickDuty", args: { dutyId, on: daysAfter(today, -ago) } }));
  return applyAll(begun, [
    ...plan.commands,
    ...builtCommands(applyAll(begun, plan.commands), sinceOn),
    { name: "startKeeping", args: { on: sinceOn } },
    ...ticks,
    ...readingCommands(plan.readings, today),
  ]);
}

/**
 * The demo shelf, built through the same commands a person's clicks use. The same day gives the same shelf.
 *
 * @param today calendar day, ISO 8601
 * @example demoHabitats("2026-03-01").map((habitat) => habitat.name)
 */
export const demoHabitats = (today: string): Habitat[] => PLANS.map((plan) => build(plan, today));
