import { rule, type Caution, type Dressing, type Gear } from "../catalog";
import { feeds, fitted } from "../gear";
import type { Layer, LayerKind } from "../habitat";
import { blend, mixWater, pantryOf } from "../mix";
import { plantCautions, waterInBoxL } from "../living";
import type { Scene } from "../scene";
import { wallWorks, type WallWork } from "../shell";
import { cutSheets, mixWanted, type Level, type Solid } from "../strata";

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
  "addStarters",
  "seedCrew",
  "mountGear",
  "wireGear",
  "tryGear",
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

type MaybeTask = Task | false;

const once = (cautions: readonly Caution[]): Caution[] => [...new Set(cautions)];
const sumOf = <T>(items: readonly T[], pick: (item: T) => number): number =>
  items.reduce((sum, item) => sum + pick(item), 0);

const layersOf = <K extends LayerKind>({ habitat }: Scene, kind: K) =>
  habitat.strata.layers.filter((layer): layer is Extract<Layer, { kind: K }> => layer.kind === kind);
const levelsOf = ({ ground }: Scene, kind: LayerKind): Level[] => ground.levels.filter((level) => level.kind === kind);
const looseL = (scene: Scene, kind: LayerKind): number => sumOf(levelsOf(scene, kind), (level) => level.looseL);
const topOf = (scene: Scene, kind: LayerKind): Level["top"] | undefined => levelsOf(scene, kind).at(-1)?.top;

/** Dressings on the top, or those spread under the soil. */
const dressingsOf = (scene: Scene, under: Dressing["under"]) =>
  layersOf(scene, "dressing").filter(({ materialId }) => scene.library.get("dressings", materialId).under === under);
const spreadL = (scene: Scene, under: Dressing["under"]): number =>
  sumOf(dressingsOf(scene, under), ({ id }) => scene.ground.levelOf(id)?.looseL ?? 0);

/** All mixes of the habitat: loose litres to mix, and water for them. */
function mixing({ habitat, ground, library }: Scene): { looseL: number; waterL: number; brickWaterL: number } {
  const pantry = pantryOf(library);
  return habitat.mixes.reduce(
    (sum, { id, parts }) => {
      const { laying } = mixWanted(habitat, ground, id, blend(parts, pantry)?.settlesPct ?? 0);
      const { addL, brickL } = mixWater(parts, laying, pantry);
      return { looseL: sum.looseL + laying.looseL, waterL: sum.waterL + addL, brickWaterL: sum.brickWaterL + brickL };
    },
    { looseL: 0, waterL: 0, brickWaterL: 0 },
  );
}

/** Walls: building them, finishing them, and the airing both want. */
function wallTasks({ habitat, library }: Scene): MaybeTask[] {
  const works = wallWorks(habitat.shell, library);
  const most = (pick: (work: WallWork) => number) => Math.max(0, ...works.map(pick));
  const cautions = once(
    habitat.shell.treatments.flatMap(({ treatmentId, finishId }) => [
      ...library.get("wallTreatments", treatmentId).cautions,
      ...(finishId === null ? [] : library.get("wallFinishes", finishId).cautions),
    ]),
  );
  const airDays = most((work) => work.airDays);
  return [
    works.length > 0 && {
      id: "buildWalls",
      after: ["leakTest"],
      waitDays: most((work) => work.setDays),
      quantities: {
        count: works.length,
        foamCount: sumOf(works, (work) => work.foamCans),
        siliconeCount: sumOf(works, (work) => work.cartridges),
        setInCount: habitat.pieces.filter(({ rest }) => rest.on === "inWall").length,
      },
      cautions,
    },
    works.some((work) => work.finishDays > 0) && {
      id: "finishWalls",
      after: ["buildWalls"],
      waitDays: most((work) => work.finishDays),
      quantities: { fibreL: sumOf(works, (work) => work.fibreL), paintL: sumOf(works, (work) => work.paintL) },
      cautions,
    },
    airDays > 0 && {
      id: "airOut",
      after: ["buildWalls", "finishWalls"],
      waitDays: airDays,
      quantities: {},
      cautions: ["fumes"],
    },
  ];
}

const cautionsOf = (solids: readonly Solid[]): Caution[] => once(solids.flatMap((solid) => solid.kind.cautions));

/** What lies on the glass: stones, drainage or a false bottom, the barrier. */
function bottomTasks(scene: Scene): MaybeTask[] {
  const { ground, library } = scene;
  const onGlass = ground.solids.filter((solid) => solid.baseCm === 0);
  const drainage = layersOf(scene, "drainage");
  const [legs] = ground.legs;
  const [cut] = cutSheets(ground, library);
  return [
    onGlass.length > 0 && {
      id: "setOnGlass",
      after: ["leakTest", "airOut"],
      waitDays: 0,
      quantities: { count: onGlass.length, stoneKg: sumOf(onGlass, (solid) => solid.emptyKg) },
      cautions: cautionsOf(onGlass),
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
    drainage.length > 0 && {
      id: "layDrainage",
      after: ["leakTest", "airOut", "setOnGlass"],
      waitDays: 0,
      quantities: { looseL: looseL(scene, "drainage"), lineCm: topOf(scene, "drainage")?.frontCm ?? 0 },
      cautions: once(drainage.flatMap((layer) => library.get("drainageMedia", layer.materialId).cautions)),
    },
    cut !== undefined && {
      id: "cutBarrier",
      after: ["layDrainage", "buildFalseBottom"],
      waitDays: 0,
      quantities: { cutWidthCm: cut.widthCm, cutDepthCm: cut.depthCm },
      cautions: ["blades"],
    },
  ];
}

/** Mixing and laying the soil, and what stands on it. */
function soilTasks(scene: Scene): MaybeTask[] {
  const { habitat, ground, library } = scene;
  const top = topOf(scene, "soil");
  const above = ground.solids.filter((solid) => solid.baseCm > 0);
  const mixCautions = habitat.mixes.flatMap((mix) =>
    mix.parts.flatMap((part) => library.get("ingredients", part.ingredientId).cautions),
  );
  return [
    top !== undefined && {
      id: "mixSoil",
      after: [],
      waitDays: 0,
      quantities: mixing(scene),
      cautions: once([...mixCautions, "handWashing"]),
    },
    top !== undefined && {
      id: "laySoil",
      after: ["airOut", "setOnGlass", "layDrainage", "buildFalseBottom", "cutBarrier", "mixSoil"],
      waitDays: 0,
      quantities: { frontLineCm: top.frontCm, backLineCm: top.backCm, underL: spreadL(scene, "soil") },
      cautions: ground.dryKg > rule("twoPersonLiftKg") ? ["weight"] : [],
    },
    above.length > 0 && {
      id: "setPieces",
      after: ["laySoil", "airOut"],
      waitDays: 0,
      quantities: { count: above.length },
      cautions: cautionsOf(above),
    },
  ];
}

/** Plants and dressing. */
function plantTasks(scene: Scene): MaybeTask[] {
  const { habitat, library } = scene;
  const count = habitat.plants.length;
  const dressings = dressingsOf(scene, undefined);
  const toMind = habitat.plants.flatMap((stand) => plantCautions(library.get("plants", stand.plantId)));
  return [
    count > 0 && {
      id: "quarantinePlants",
      after: [],
      waitDays: rule("plantQuarantineDays"),
      quantities: { count },
      cautions: ["handWashing"],
    },
    count > 0 && {
      id: "plantOut",
      after: ["leakTest", "laySoil", "setPieces", "quarantinePlants"],
      waitDays: 0,
      quantities: { count },
      cautions: once([...toMind, "handWashing"]),
    },
    dressings.length > 0 && {
      id: "dress",
      after: ["laySoil", "setPieces", "quarantinePlants", "plantOut"],
      waitDays: 0,
      quantities: { looseL: spreadL(scene, undefined) },
      cautions: once(dressings.flatMap((layer) => library.get("dressings", layer.materialId).cautions)),
    },
  ];
}

const TRIED: readonly Gear["purpose"][] = ["water", "waterPart"];

/** Gear mounted, wired with its probes, and tried with the water in. */
function gearTasks({ habitat, library }: Pick<Scene, "habitat" | "library">): MaybeTask[] {
  const all = fitted(habitat.gear, library);
  const fed = all.filter(({ piece, kind }) => kind.watts !== null || feeds(piece));
  const wet = all.filter(({ kind }) => TRIED.includes(kind.purpose));
  const cautions = once(all.flatMap(({ kind }) => kind.cautions));
  return [
    all.length > 0 && {
      id: "mountGear",
      after: ["airOut", "setPieces", "laySoil"],
      waitDays: 0,
      quantities: { count: all.length },
      cautions,
    },
    fed.length > 0 && {
      id: "wireGear",
      after: ["mountGear", "leakTest"],
      waitDays: 0,
      quantities: { count: fed.length, probeCount: all.filter(({ piece }) => piece.probe !== null).length },
      cautions: once(["electricityWater", ...cautions]),
    },
    wet.length > 0 && {
      id: "tryGear",
      after: ["wireGear", "mountGear", "soak"],
      waitDays: 0,
      quantities: { count: wet.length },
      cautions: ["electricityWater", "flooding"],
    },
  ];
}

/** From the first water to the move-in. */
function livingTasks({ habitat, animal, ground, library }: Scene): MaybeTask[] {
  const planted = habitat.plants.length > 0;
  const keptL = ground.water?.keptL ?? 0;
  return [
    keptL > 0 && {
      id: "soak",
      after: ["dress", "plantOut", "laySoil"],
      waitDays: 0,
      quantities: { waterL: keptL, lineCm: habitat.strata.waterLineCm },
      cautions: [],
    },
    habitat.starters.length > 0 && {
      id: "addStarters",
      after: ["laySoil", "plantOut", "dress", "soak"],
      waitDays: 0,
      quantities: { count: habitat.starters.length },
      cautions: once(habitat.starters.flatMap(({ supplyId }) => library.get("supplies", supplyId).cautions)),
    },
    habitat.crew.length > 0 && {
      id: "seedCrew",
      after: ["leakTest", "addStarters", "soak", "dress", "plantOut", "laySoil"],
      waitDays: rule("crewSeedDays"),
      quantities: { count: sumOf(habitat.crew, (seeding) => seeding.count) },
      cautions: ["neverRelease"],
    },
    ...gearTasks({ habitat, library }),
    {
      id: "runGear",
      after: ["leakTest", "soak", "dress", "plantOut", "laySoil", "wireGear", "tryGear"],
      waitDays: rule("gearLogDays"),
      quantities: {},
      cautions: ["electricityWater", "heat"],
    },
    planted && {
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
}

const leakTest: Task = {
  id: "leakTest",
  after: [],
  waitDays: rule("leakTestDays"),
  quantities: {},
  cautions: ["weight", "electricityWater"],
};

/**
 * The build as this habitat needs it, in working order; steps that do not apply are left out.
 *
 * @example tasks(scene).map((task) => task.id) // ["leakTest", "layDrainage", "cutBarrier", …, "moveIn"]
 */
export function tasks(scene: Scene): Task[] {
  const vessel = layersOf(scene, "drainage").length + layersOf(scene, "falseBottom").length > 0;
  const wet = vessel || waterInBoxL(scene.animal, scene.habitat.shell)[1] > 0;
  const all = [
    wet && leakTest,
    ...wallTasks(scene),
    ...bottomTasks(scene),
    ...soilTasks(scene),
    ...plantTasks(scene),
    ...livingTasks(scene),
  ].filter((task) => task !== false);
  const ids = new Set(all.map((task) => task.id));
  return all.map((task) => ({ ...task, after: task.after.filter((id) => ids.has(id)) }));
}
