import { entry, rule, type Caution } from "../catalog";
import type { Habitat } from "../habitat";
import { blend, firstWettingL } from "../mix";
import { barrierCut, ground } from "../strata";

export const TASK_IDS = [
  "leakTest", "layDrainage", "cutBarrier", "mixSoil", "laySoil", "plantOut", "dress", "soak", "seedCrew", "runGear", "growIn", "moveIn",
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

/** How many litres of the first wetting and the kept water line are wanted. */
function soilWaterL(habitat: Habitat): number {
  const levels = new Map(ground(habitat).levels.map((level) => [level.layerId, level.volumeL]));
  return habitat.strata.layers.reduce((sum, layer) => {
    if (layer.kind !== "soil") return sum;
    const mixture = blend(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? []);
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
  const animal = entry("animals", habitat.brief.animalId);
  const of = (kind: (typeof layers)[number]["kind"]) => layers.filter((layer) => layer.kind === kind);
  const looseL = (kind: (typeof layers)[number]["kind"]) =>
    land.levels.filter((level) => level.kind === kind).reduce((sum, level) => sum + level.looseL, 0);
  const topOf = (kind: (typeof layers)[number]["kind"]) => land.levels.findLast((level) => level.kind === kind)?.top;
  const mixCautions = habitat.mixes.flatMap((mix) => mix.parts.flatMap((part) => entry("ingredients", part.ingredientId).cautions));
  const heavy = land.dryKg > rule("twoPersonLiftKg") ? (["weight"] as const) : [];
  const soilTop = topOf("soil");
  const cut = barrierCut(habitat.shell);

  const all: (Task | false)[] = [
    of("drainage").length > 0 && {
      id: "leakTest", after: [], waitDays: rule("leakTestDays"), quantities: {}, cautions: ["weight", "electricityWater"],
    },
    of("drainage").length > 0 && {
      id: "layDrainage", after: ["leakTest"], waitDays: 0,
      quantities: { looseL: looseL("drainage"), lineCm: topOf("drainage")?.frontCm ?? 0 },
      cautions: once(of("drainage").flatMap((layer) => (layer.kind === "drainage" ? entry("drainageMedia", layer.materialId).cautions : []))),
    },
    of("barrier").length > 0 && {
      id: "cutBarrier", after: ["layDrainage"], waitDays: 0, quantities: { cutWidthCm: cut.widthCm, cutDepthCm: cut.depthCm }, cautions: ["blades"],
    },
    of("soil").length > 0 && {
      id: "mixSoil", after: [], waitDays: 0, quantities: { looseL: looseL("soil"), waterL: soilWaterL(habitat) },
      cautions: once([...mixCautions, "handWashing"]),
    },
    soilTop !== undefined && {
      id: "laySoil", after: ["layDrainage", "cutBarrier", "mixSoil"], waitDays: 0,
      quantities: { frontLineCm: soilTop.frontCm, backLineCm: soilTop.backCm }, cautions: once(heavy),
    },
    habitat.plants.length > 0 && {
      id: "plantOut", after: ["laySoil"], waitDays: 0, quantities: { count: habitat.plants.length },
      cautions: once([...habitat.plants.flatMap((stand) => entry("plants", stand.plantId).cautions), "handWashing"]),
    },
    of("dressing").length > 0 && {
      id: "dress", after: ["laySoil", "plantOut"], waitDays: 0, quantities: { looseL: looseL("dressing") },
      cautions: once(of("dressing").flatMap((layer) => (layer.kind === "dressing" ? entry("dressings", layer.materialId).cautions : []))),
    },
    land.water !== undefined && land.water.keptL > 0 && {
      id: "soak", after: ["dress", "plantOut", "laySoil"], waitDays: 0,
      quantities: { waterL: land.water.keptL, lineCm: habitat.strata.waterLineCm }, cautions: [],
    },
    habitat.crew.length > 0 && {
      id: "seedCrew", after: ["soak", "dress", "plantOut", "laySoil"], waitDays: rule("crewSeedDays"),
      quantities: { count: habitat.crew.reduce((sum, seeding) => sum + seeding.count, 0) }, cautions: ["neverRelease"],
    },
    {
      id: "runGear", after: ["soak", "dress", "plantOut", "laySoil"], waitDays: rule("gearLogDays"), quantities: {},
      cautions: ["electricityWater", "heat"],
    },
    habitat.plants.length > 0 && {
      id: "growIn", after: ["plantOut"], waitDays: animal.growInDays, quantities: { days: animal.growInDays }, cautions: [],
    },
    {
      id: "moveIn", after: ["seedCrew", "runGear", "growIn"], waitDays: 0, quantities: { count: habitat.brief.count }, cautions: animal.cautions,
    },
  ];
  const kept = all.filter((task) => task !== false);
  const ids = new Set(kept.map((task) => task.id));
  return kept.map((task) => ({ ...task, after: task.after.filter((id) => ids.has(id)) }));
}
