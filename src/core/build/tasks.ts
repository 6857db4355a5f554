import { entry, rule, type Caution } from "../catalog";
import { animalOf, ingredientsOf, plantOf, type Habitat } from "../habitat";
import { blend, firstWettingL } from "../mix";
import { wallWorks } from "../shell";
import { cutSheets, ground } from "../strata";

export const TASK_IDS = [
  "leakTest",
  "buildWalls",
  "finishWalls",
  "airOut",
  "setOnGlass",
  "buildFalseBottom",
  "layDrainage",
  "cutBarrier",
  "mixSoil",
  "laySoil",
  "setPieces",
  "quarantinePlants",
  "plantOut",
  "dress",
  "soak",
  "seedCrew",
  "runGear",
  "growIn",
  "moveIn",
] as const;
export type TaskId = (typeof TASK_IDS)[number];

/** One step of the build: what must be done before it, how long it stands afterwards, and what can hurt. */
export type Task = {
  id: TaskId;
  after: readonly TaskId[];
  /** Whole days of waiting once the work is done. */
  waitDays: number;
  quantities: Record<string, number>;
  cautions: readonly Caution[];
};

const once = (cautions: readonly Caution[]): Caution[] => [...new Set(cautions)];

/** How many litres the first wetting of the moist lifts wants. */
function soilWaterL(habitat: Habitat): number {
  const levels = new Map(ground(habitat).levels.map((level) => [level.layerId, level.volumeL]));
  return habitat.strata.layers.reduce((sum, layer) => {
    if (layer.kind !== "soil" || layer.laid === "dry") return sum;
    const mixture = blend(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? [], ingredientsOf(habitat));
    return mixture ? sum + firstWettingL(mixture, levels.get(layer.id) ?? 0) : sum;
  }, 0);
}

/**
 * The build as this habitat needs it, in working order; steps that do not apply are left out.
 *
 * @example tasks(habitat).map((task) => task.id) // ["leakTest", "layDrainage", "cutBarrier", …, "moveIn"]
 */
export function tasks(habitat: Habitat): Task[] {
  const { layers } = habitat.strata;
  const land = ground(habitat);
  const animal = animalOf(habitat);
  const of = (kind: (typeof layers)[number]["kind"]) => layers.filter((layer) => layer.kind === kind);
  const looseL = (kind: (typeof layers)[number]["kind"]) =>
    land.levels.filter((level) => level.kind === kind).reduce((sum, level) => sum + level.looseL, 0);
  const topOf = (kind: (typeof layers)[number]["kind"]) => land.levels.findLast((level) => level.kind === kind)?.top;
  const mixCautions = habitat.mixes.flatMap((mix) =>
    mix.parts.flatMap((part) => ingredientsOf(habitat)(part.ingredientId).cautions),
  );
  const heavy = land.dryKg > rule("twoPersonLiftKg") ? (["weight"] as const) : [];
  const soilTop = topOf("soil");
  const [cut] = cutSheets(habitat, land);
  const works = wallWorks(habitat.shell);
  const most = (pick: (work: (typeof works)[number]) => number) => Math.max(0, ...works.map(pick));
  const total = (pick: (work: (typeof works)[number]) => number) => works.reduce((sum, work) => sum + pick(work), 0);
  const wallCautions = once([
    ...habitat.shell.treatments.flatMap(({ treatmentId, finishId }) => [
      ...entry("wallTreatments", treatmentId).cautions,
      ...(finishId === null ? [] : entry("wallFinishes", finishId).cautions),
    ]),
  ]);
  const onGlass = land.solids.filter((solid) => solid.baseCm === 0);
  const above = land.solids.filter((solid) => solid.baseCm > 0);
  const legs = land.legs[0];
  const wet = of("drainage").length + of("falseBottom").length > 0;

  const all: (Task | false)[] = [
    wet && {
      id: "leakTest",
      after: [],
      waitDays: rule("leakTestDays"),
      quantities: {},
      cautions: ["weight", "electricityWater"],
    },
    works.length > 0 && {
      id: "buildWalls",
      after: ["leakTest"],
      waitDays: most((work) => work.setDays),
      quantities: {
        count: works.length,
        foamCount: total((work) => work.foamCans),
        siliconeCount: total((work) => work.cartridges),
      },
      cautions: wallCautions,
    },
    works.some((work) => work.finishDays > 0) && {
      id: "finishWalls",
      after: ["buildWalls"],
      waitDays: most((work) => work.finishDays),
      quantities: { fibreL: total((work) => work.fibreL), paintL: total((work) => work.paintL) },
      cautions: wallCautions,
    },
    most((work) => work.airDays) > 0 && {
      id: "airOut",
      after: ["buildWalls", "finishWalls"],
      waitDays: most((work) => work.airDays),
      quantities: {},
      cautions: ["fumes"],
    },
    onGlass.length > 0 && {
      id: "setOnGlass",
      after: ["leakTest", "airOut"],
      waitDays: 0,
      quantities: { count: onGlass.length, stoneKg: onGlass.reduce((sum, solid) => sum + solid.emptyKg, 0) },
      cautions: once(onGlass.flatMap((solid) => solid.kind.cautions)),
    },
    legs !== undefined && {
      id: "buildFalseBottom",
      after: ["leakTest", "airOut", "setOnGlass"],
      waitDays: 0,
      quantities: {
        count: legs.legs.length,
        legCm: legs.legCm,
        plateWidthCm: legs.plate.widthCm,
        plateDepthCm: legs.plate.depthCm,
      },
      cautions: ["blades"],
    },
    of("drainage").length > 0 && {
      id: "layDrainage",
      after: ["leakTest", "airOut", "setOnGlass"],
      waitDays: 0,
      quantities: { looseL: looseL("drainage"), lineCm: topOf("drainage")?.frontCm ?? 0 },
      cautions: once(
        of("drainage").flatMap((layer) =>
          layer.kind === "drainage" ? entry("drainageMedia", layer.materialId).cautions : [],
        ),
      ),
    },
    cut !== undefined && {
      id: "cutBarrier",
      after: ["layDrainage", "buildFalseBottom"],
      waitDays: 0,
      quantities: { cutWidthCm: cut.widthCm, cutDepthCm: cut.depthCm },
      cautions: ["blades"],
    },
    of("soil").length > 0 && {
      id: "mixSoil",
      after: [],
      waitDays: 0,
      quantities: { looseL: looseL("soil"), waterL: soilWaterL(habitat) },
      cautions: once([...mixCautions, "handWashing"]),
    },
    soilTop !== undefined && {
      id: "laySoil",
      after: ["airOut", "setOnGlass", "layDrainage", "buildFalseBottom", "cutBarrier", "mixSoil"],
      waitDays: 0,
      quantities: { frontLineCm: soilTop.frontCm, backLineCm: soilTop.backCm },
      cautions: once(heavy),
    },
    above.length > 0 && {
      id: "setPieces",
      after: ["laySoil", "airOut"],
      waitDays: 0,
      quantities: { count: above.length },
      cautions: once(above.flatMap((solid) => solid.kind.cautions)),
    },
    habitat.plants.length > 0 && {
      id: "quarantinePlants",
      after: [],
      waitDays: rule("plantQuarantineDays"),
      quantities: { count: habitat.plants.length },
      cautions: ["handWashing"],
    },
    habitat.plants.length > 0 && {
      id: "plantOut",
      after: ["laySoil", "setPieces", "quarantinePlants"],
      waitDays: 0,
      quantities: { count: habitat.plants.length },
      cautions: once([...habitat.plants.flatMap((stand) => plantOf(habitat, stand.plantId).cautions), "handWashing"]),
    },
    of("dressing").length > 0 && {
      id: "dress",
      after: ["laySoil", "setPieces", "quarantinePlants", "plantOut"],
      waitDays: 0,
      quantities: { looseL: looseL("dressing") },
      cautions: once(
        of("dressing").flatMap((layer) =>
          layer.kind === "dressing" ? entry("dressings", layer.materialId).cautions : [],
        ),
      ),
    },
    land.water !== undefined &&
      land.water.keptL > 0 && {
        id: "soak",
        after: ["dress", "plantOut", "laySoil"],
        waitDays: 0,
        quantities: { waterL: land.water.keptL, lineCm: habitat.strata.waterLineCm },
        cautions: [],
      },
    habitat.crew.length > 0 && {
      id: "seedCrew",
      after: ["soak", "dress", "plantOut", "laySoil"],
      waitDays: rule("crewSeedDays"),
      quantities: { count: habitat.crew.reduce((sum, seeding) => sum + seeding.count, 0) },
      cautions: ["neverRelease"],
    },
    {
      id: "runGear",
      after: ["soak", "dress", "plantOut", "laySoil"],
      waitDays: rule("gearLogDays"),
      quantities: {},
      cautions: ["electricityWater", "heat"],
    },
    habitat.plants.length > 0 && {
      id: "growIn",
      after: ["plantOut"],
      waitDays: animal.growInDays,
      quantities: { days: animal.growInDays },
      cautions: [],
    },
    {
      id: "moveIn",
      after: ["seedCrew", "runGear", "growIn"],
      waitDays: 0,
      quantities: { count: habitat.brief.count },
      cautions: animal.cautions,
    },
  ];
  const kept = all.filter((task) => task !== false);
  const ids = new Set(kept.map((task) => task.id));
  return kept.map((task) => ({ ...task, after: task.after.filter((id) => ids.has(id)) }));
}
