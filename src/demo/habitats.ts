import { STOCK } from "@/core/library";
import { daysAfter } from "@/core/units";
import { applyAll, startHabitat, type Command, type Start } from "@/core/habitat";
import { blocksOfReadings, type Habitat } from "@/core/log";
import { lifeOf } from "./life";
import { LIVES } from "./lives";
import { demoReadings, type Scenario } from "./readings";
import { CHIMNEY_GEAR, DRY_WASH_GEAR, FROG_GEAR, KILN_GEAR, LANTERN_GEAR, UNDERCUT_GEAR } from "./gear";
import { buildEvents, renewals, tickEvents } from "./events";
import { crew, GLASS, onGround, onWall, piece, plant } from "./setUp";

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

const frogBox: Pick<Plan["start"], "animalId" | "count" | "room" | "shell"> = {
  animalId: "tomatoFrog",
  count: 1,
  room: { temperatureC: 22.5, humidityRh: 55 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 55, sillCm: 22, top: "mesh" },
};
const frogPlanting = [
  plant("p1", "goldenPothos", 12, 41),
  plant("p2", "creepingFig", 38, 42),
  plant("p3", "spiderPlant", 30, 18),
];

const frogHides = [
  piece("h1", "corkFlat", 12, 24, onGround(1), { widthCm: 18, depthCm: 13 }),
  piece("h2", "corkFlat", 40, 24, onGround(1), { widthCm: 18, depthCm: 13 }),
];

/** A scenario of our own: one person's boxes in one frog-and-reptile room. */
const PLANS: readonly Plan[] = [
  {
    start: {
      id: "demo-lantern-gully",
      name: "Lantern Gully",
      animalId: "crocodileSkink",
      count: 1,
      room: { temperatureC: 23, humidityRh: 50 },
      shell: { widthCm: 75, depthCm: 50, heightCm: 65, sillCm: 21, top: "halfCovered" },
    },
    startedAgo: 142,
    keptAgo: 76,
    commands: [
      {
        name: "setTreatment",
        args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5, fromCm: 6.2 },
      },
      { name: "setStandsOn", args: { ratingKg: 150 } },
      { name: "removeLayers", args: { layerIds: ["drainage-1"] } },
      {
        name: "addLayer",
        args: { layer: { id: "drainage-1", kind: "falseBottom", materialId: "diffuserGrid", depthCm: 6 } },
      },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 4.5, backCm: 6.5 } },
      { name: "takeRecipe", args: { mixId: "mix-1", recipeId: "peatFreeForest" } },
      { name: "addLayer", args: { layer: { id: "soil-2", kind: "soil", mixId: "mix-2", frontCm: 4.5, backCm: 7 } } },
      { name: "takeRecipe", args: { mixId: "mix-2", recipeId: "treeFernForest" } },
      { name: "setPart", args: { mixId: "mix-2", ingredientId: "crushedLeaf", parts: 1 } },
      {
        name: "addMound",
        args: {
          layerId: "soil-2",
          id: "m1",
          form: "dome",
          xCm: 40,
          yCm: 26,
          radiusCm: 11,
          topRadiusCm: 0,
          heightCm: 3,
        },
      },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 2 } },
      piece("column", "pumpColumn", 64, 34, GLASS, { heightCm: 24 }),
      piece("log", "log", 26, 38, onGround(2), { widthCm: 34, depthCm: 9, heightCm: 9 }),
      piece("h1", "corkFlat", 15, 14, onGround(1), { widthCm: 20, depthCm: 14 }),
      piece("h2", "corkFlat", 52, 13, onGround(1), { widthCm: 20, depthCm: 14, heightCm: 7 }),
      plant("p1", "rabbitFootFern", 10, 38),
      plant("p2", "heartleafPhilodendron", 36, 38),
      plant("p3", "nervePlant", 33, 12),
      plant("p4", "creepingFig", 60, 39),
      plant("p5", "roundPeperomia", 48, 44),
      plant("p6", "lemonButtonFern", 63, 15),
      piece("damp", "humidHide", 46, 27, onGround(2), { widthCm: 15, depthCm: 12, heightCm: 9 }),
      piece("b1", "branch", 62, 40, onGround(2), { widthCm: 22, depthCm: 5, heightCm: 20 }),
      crew("tropicalSpringtail", 600),
      crew("dwarfWhiteIsopod", 60),
      ...LANTERN_GEAR,
    ],
    ticked: { mist: 1, freshWater: 1, spotClean: 1, waterLine: 8, prune: 12, glass: 3, litter: 20, crew: 20 },
    readings: {
      days: 42,
      seed: 11,
      warmC: { start: 25.6, end: 26.2, wobble: 0.7 },
      coolC: { start: 23.2, end: 23.8, wobble: 0.6 },
      humidityRh: { start: 82, end: 86, wobble: 4 },
      waterLineCm: { start: 1.4, end: 6.4, wobble: 0.1 },
    },
  },
  {
    start: {
      id: "demo-dry-wash",
      name: "Dry Wash",
      animalId: "rosyBoa",
      count: 1,
      room: { temperatureC: 24, humidityRh: 40 },
      shell: { widthCm: 130, depthCm: 60, heightCm: 70, sillCm: 22, top: "mesh" },
    },
    startedAgo: 800,
    keptAgo: 730,
    commands: [
      { name: "setShell", args: { wallMm: 8 } },
      { name: "setStandsOn", args: { ratingKg: 500 } },
      { name: "setTop", args: { coveredPct: 60 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 18, backCm: 20 } },
      { name: "setPart", args: { mixId: "mix-1", ingredientId: "clayPowder", parts: 1 } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1 } },
      piece("stack", "slabStack", 100, 38, GLASS, { widthCm: 36, depthCm: 28, heightCm: 38 }),
      piece("deep", "corkTube", 32, 36, GLASS, { widthCm: 18, depthCm: 18, heightCm: 31, fillMixId: "mix-tube" }),
      { name: "takeRecipe", args: { mixId: "mix-tube", recipeId: "burrow" } },
      piece("h1", "dryHide", 16, 18, onGround(1)),
      piece("slabs", "slabStack", 62, 40, GLASS, { widthCm: 24, depthCm: 20, heightCm: 27 }),
      piece("damp", "humidHide", 88, 12, onGround(2)),
      piece("bowl", "waterBowl", 114, 13, onGround(1)),
      piece("bark", "corkWall", 40, 12, onGround(1), {
        widthCm: 3,
        depthCm: 20,
        heightCm: 22,
        tilt: { deg: 52, to: "right" },
      }),
      plant("p1", "oxTongueGasteria", 52, 24),
      plant("p2", "zebraHaworthia", 70, 14),
      plant("p3", "oxTongueGasteria", 122, 50),
      crew("cuppedDarklingBeetle", 40),
      ...DRY_WASH_GEAR,
    ],
    ticked: { freshWater: 1, spotClean: 0, prune: 12, glass: 5, crew: 34 },
    readings: {
      days: 725,
      seed: 24,
      warmC: { start: 30.4, end: 30.6, wobble: 0.8 },
      coolC: { start: 24.4, end: 24.6, wobble: 0.6 },
      humidityRh: { start: 36, end: 34, wobble: 3 },
    },
  },
  {
    start: {
      id: "demo-kiln-end",
      name: "Kiln End",
      animalId: "leopardGecko",
      count: 1,
      room: { temperatureC: 23, humidityRh: 40 },
      shell: { widthCm: 120, depthCm: 50, heightCm: 55, sillCm: 18, top: "mesh" },
    },
    startedAgo: 88,
    keptAgo: 52,
    commands: [
      { name: "setTop", args: { coveredPct: 25 } },
      {
        name: "addZone",
        args: {
          id: "warm",
          name: "Warm bed",
          points: [
            [0, 0],
            [42, 0],
            [42, 50],
            [0, 50],
          ],
          retaining: { kindId: "log", thicknessCm: 8, heightCm: 17.5 },
        },
      },
      { name: "setOver", args: { layerId: "soil-1", over: { on: "rest" } } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 13, backCm: 15.5 } },
      {
        name: "addLayer",
        args: {
          layer: {
            id: "soil-2",
            kind: "soil",
            mixId: "mix-2",
            frontCm: 4,
            backCm: 4,
            over: { on: "zone", zoneId: "warm" },
          },
        },
      },
      { name: "takeRecipe", args: { mixId: "mix-2", recipeId: "redDesert" } },
      { name: "setPart", args: { mixId: "mix-2", ingredientId: "eucalyptBark", parts: 6 } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1 } },
      piece("stack", "slabStack", 16, 34, GLASS, { widthCm: 24, depthCm: 20, heightCm: 15 }),
      piece("h1", "dryHide", 26, 12, onGround()),
      piece("damp", "humidHide", 64, 36, onGround(2)),
      piece("h2", "corkFlat", 98, 30, onGround(1)),
      piece("bowl", "waterBowl", 108, 10, onGround(1), { widthCm: 12, depthCm: 12, heightCm: 4 }),
      plant("p1", "zebraHaworthia", 78, 12),
      plant("p2", "oxTongueGasteria", 112, 42),
      crew("powderIsopod", 60),
      ...KILN_GEAR,
    ],
    ticked: { mist: 3, freshWater: 0, spotClean: 1, prune: 12, glass: 4, litter: 30, crew: 41 },
    readings: {
      days: 42,
      seed: 61,
      warmC: { start: 30.2, end: 30.4, wobble: 0.7 },
      coolC: { start: 24.8, end: 24.6, wobble: 0.6 },
      humidityRh: { start: 40, end: 38, wobble: 3 },
    },
  },
  {
    start: {
      id: "demo-chimney",
      name: "Chimney",
      animalId: "crestedGecko",
      count: 1,
      shell: { widthCm: 45, depthCm: 50, heightCm: 90, sillCm: 16, top: "halfCovered" },
    },
    startedAgo: 64,
    keptAgo: 20,
    commands: [
      { name: "setTreatment", args: { wall: "back", treatmentId: "corkPanel", thicknessCm: 3 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 9, backCm: 12 } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 2.5 } },
      piece("b1", "branch", 22, 24, onGround(2), { widthCm: 40, depthCm: 5, heightCm: 46 }),
      piece("b2", "branch", 24, 36, onWall(40), { widthCm: 38, depthCm: 5, heightCm: 34 }),
      piece("t1", "corkTube", 8, 24, onWall(38), { widthCm: 10, depthCm: 10, heightCm: 30 }),
      piece("t2", "corkTube", 38, 18, onWall(44), { widthCm: 9, depthCm: 9, heightCm: 24 }),
      piece("l1", "ledge", 12, 42.5, onWall(52), { widthCm: 18, depthCm: 9 }),
      piece("l2", "ledge", 34, 42.5, onWall(66), { widthCm: 16, depthCm: 9 }),
      plant("p1", "goldenPothos", 34, 40),
      plant("p2", "silverLaceFern", 14, 34),
      plant("p3", "creepingFig", 8, 42),
      plant("p4", "lemonButtonFern", 34, 24),
      crew("powderIsopod", 45),
      ...CHIMNEY_GEAR,
    ],
    ticked: { mist: 0, freshWater: 0, spotClean: 0, prune: 12, glass: 1, litter: 20 },
    readings: {
      days: 19,
      seed: 71,
      warmC: { start: 25.2, end: 25, wobble: 0.6 },
      coolC: { start: 22.4, end: 22.2, wobble: 0.5 },
      humidityRh: { start: 62, end: 63, wobble: 3 },
    },
  },
  {
    start: {
      id: "demo-undercut",
      name: "Undercut",
      animalId: "vampireCrab",
      count: 5,
      shell: { widthCm: 75, depthCm: 40, heightCm: 50, sillCm: 22, top: "glass" },
    },
    startedAgo: 97,
    keptAgo: 60,
    commands: [
      {
        name: "addOpening",
        args: { id: "vent-low", kind: "vent", wall: "front", acrossCm: 20, upCm: 23, widthCm: 20, heightCm: 2.5 },
      },
      {
        name: "addOpening",
        args: { id: "vent-high", kind: "vent", wall: "back", acrossCm: 20, upCm: 43, widthCm: 20, heightCm: 4 },
      },
      {
        name: "addOpening",
        args: { id: "port", kind: "port", wall: "back", acrossCm: 66, upCm: 43, widthCm: 2.5, heightCm: 2.5 },
      },
      { name: "setMaterial", args: { layerId: "drainage-1", materialId: "lavaRock" } },
      { name: "setDepth", args: { layerId: "drainage-1", depthCm: 9 } },
      { name: "setWaterLine", args: { waterLineCm: 3 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 7.5, backCm: 11 } },
      { name: "setMaterial", args: { layerId: "dressing-1", materialId: "sheetMoss" } },
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1.5 } },
      piece("slabs", "slabStack", 24, 26, GLASS, { widthCm: 22, depthCm: 16, heightCm: 37 }),
      piece("h1", "corkFlat", 12, 12, onGround(1), { widthCm: 15, depthCm: 11 }),
      piece("h2", "corkFlat", 62, 12, onGround(1), { widthCm: 15, depthCm: 11 }),
      piece("b1", "branch", 50, 28, onGround(2), { widthCm: 26, depthCm: 5, heightCm: 16 }),
      plant("p1", "nervePlant", 38, 10),
      plant("p2", "heartFern", 40, 34),
      plant("p3", "dwarfSweetFlag", 64, 32),
      plant("p4", "roundLiverwort", 30, 8),
      plant("p5", "creepingFig", 60, 39),
      crew("tropicalSpringtail", 480),
      ...UNDERCUT_GEAR,
    ],
    ticked: { mist: 0, freshWater: 4, waterChange: 4, spotClean: 1, waterLine: 6, prune: 12, glass: 6, crew: 58 },
    readings: {
      days: 42,
      seed: 37,
      warmC: { start: 25.8, end: 26.4, wobble: 0.3 },
      coolC: { start: 23.4, end: 24.5, wobble: 0.3 },
      humidityRh: { start: 86, end: 87, wobble: 2 },
      waterLineCm: { start: 2.9, end: 3.1, wobble: 0.2 },
    },
  },
  {
    start: { id: "demo-twin-thin", name: "Twin, thin litter", ...frogBox },
    startedAgo: 103,
    keptAgo: 48,
    commands: [
      ...frogPlanting,
      ...frogHides,
      ...FROG_GEAR,
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 1.5 } },
      crew("tropicalSpringtail", 450),
      crew("dwarfWhiteIsopod", 45),
    ],
    ticked: { mist: 0, freshWater: 0, spotClean: 0, waterLine: 2, prune: 12, glass: 2, crew: 40 },
    readings: {
      days: 42,
      seed: 51,
      warmC: { start: 25.4, end: 25.5, wobble: 0.6 },
      coolC: { start: 22.8, end: 22.9, wobble: 0.5 },
      humidityRh: { start: 76, end: 71, wobble: 4 },
      waterLineCm: { start: 1.2, end: 1.3, wobble: 0.1 },
    },
  },
  {
    start: { id: "demo-twin-deep", name: "Twin, deep litter", ...frogBox },
    startedAgo: 102,
    keptAgo: 48,
    commands: [
      ...frogPlanting,
      ...frogHides,
      ...FROG_GEAR,
      { name: "setDepth", args: { layerId: "dressing-1", depthCm: 5 } },
      crew("tropicalSpringtail", 450),
      crew("dwarfWhiteIsopod", 45),
    ],
    ticked: { mist: 0, freshWater: 0, spotClean: 0, waterLine: 2, prune: 12, glass: 2, crew: 40 },
    readings: {
      days: 42,
      seed: 52,
      warmC: { start: 25.4, end: 25.4, wobble: 0.6 },
      coolC: { start: 22.8, end: 22.7, wobble: 0.5 },
      humidityRh: { start: 79, end: 79, wobble: 2.5 },
      waterLineCm: { start: 1.2, end: 1.3, wobble: 0.1 },
    },
  },
];

const ROOM = { temperatureC: 21, humidityRh: 42 };

function build(plan: Plan, today: string): Habitat {
  const startOn = daysAfter(today, -plan.startedAgo);
  const sinceOn = daysAfter(today, -plan.keptAgo);
  const begun = startHabitat({ room: ROOM, ...plan.start, createdAt: `${startOn}T09:00:00Z`, startOn }, STOCK);
  const design = applyAll(begun, [...plan.commands, { name: "plantedOn", args: { on: sinceOn } }], STOCK);
  const animal = STOCK.get("animals", design.brief.animalId);
  return {
    design,
    events: [
      ...buildEvents(design, sinceOn),
      ...tickEvents(design, plan.ticked, today),
      ...renewals(design, plan.keptAgo, today),
      ...lifeOf(LIVES[plan.start.id], animal, { sinceOn, days: plan.keptAgo }),
    ],
    samples: blocksOfReadings(demoReadings(plan.readings, today)),
  };
}

/**
 * The demo shelf, built through the same commands a person's clicks use. The same day gives the same shelf.
 *
 * @param today calendar day, ISO 8601
 * @example demoHabitats("2026-03-01").map((habitat) => habitat.name)
 */
export const demoHabitats = (today: string): Habitat[] => PLANS.map((plan) => build(plan, today));
