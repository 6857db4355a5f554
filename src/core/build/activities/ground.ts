import type { Caution, Dressing } from "../../catalog";
import type { Layer, LayerKind, Mix } from "../../habitat";
import { blend, mixWater, pantryOf, pouredFor } from "../../mix";
import type { Scene } from "../../scene";
import { cutSheets, mixWanted, mouldedL, type Level, type Solid } from "../../strata";
import type { Draft } from "./activity";
import { handsFor } from "./hands";
import { setWait } from "./waits";
import { needsTwo } from "./walls";

const once = (cautions: readonly Caution[]): Caution[] => [...new Set(cautions)];
const sumOf = <T>(items: readonly T[], pick: (item: T) => number): number =>
  items.reduce((sum, item) => sum + pick(item), 0);

type Of<K extends LayerKind> = Extract<Layer, { kind: K }>;
type Laid<K extends LayerKind> = { layer: Of<K>; level: Level };

/** Less than this is nothing to lay: what stands in the box takes all the room. */
const LEAST_L = 0.005;

/** Layers of a kind with how they lie, from the glass up; without those there is nothing of. */
function laidOf<K extends LayerKind>({ habitat, ground }: Scene, kind: K): Laid<K>[] {
  const isOf = (layer: Layer | undefined): layer is Of<K> => layer?.kind === kind;
  return ground.levels.flatMap((level) => {
    const layer = habitat.strata.layers.find(({ id }) => id === level.layerId);
    return isOf(layer) && level.looseL > LEAST_L ? [{ layer, level }] : [];
  });
}

const cautionsOf = (solids: readonly Solid[]): Caution[] => once(solids.flatMap((solid) => solid.kind.cautions));
const BUILT_OUT = ["leakTest", "airOut", "finishWalls", "buildWalls"];

const isMoulded = ({ kind, piece }: Solid): boolean => piece !== undefined && kind.mouldedOf !== undefined;
const standsOnGround = ({ piece }: Solid): boolean => piece?.rest.on === "ground";

/** Pockets and faces of clay, moulded where they stay and left to harden. */
function mouldDrafts({ ground }: Scene): Draft[] {
  const moulded = ground.solids.filter(isMoulded);
  if (moulded.length === 0) return [];
  const draft: Draft = {
    job: "mouldPieces",
    after: [...BUILT_OUT, ...(moulded.some(standsOnGround) ? ["laySoil"] : [])],
    handsMin: handsFor("mouldPieces", moulded.length),
    wait: setWait(HARD_IN_DAYS),
    quantities: { count: moulded.length, clayL: sumOf(moulded, mouldedL) },
    cautions: cautionsOf(moulded),
  };
  return [draft];
}

/** Sculpting clay is hard in a day: common practice. */
const HARD_IN_DAYS = 1;

/** What lies on the glass: stones, drainage or a false bottom, the barrier. */
export function bottomDrafts(scene: Scene): Draft[] {
  const { ground, library } = scene;
  const onGlass = ground.solids.filter((solid) => solid.baseCm === 0 && !isMoulded(solid));
  const [legs] = ground.legs;
  const [cut] = cutSheets(ground, library);
  const stones: Draft = {
    job: "setOnGlass",
    after: BUILT_OUT,
    handsMin: handsFor("setOnGlass", onGlass.length),
    quantities: { count: onGlass.length, stoneKg: sumOf(onGlass, (solid) => solid.emptyKg) },
    cautions: cautionsOf(onGlass),
  };
  const bottom: Draft[] = legs
    ? [
        {
          job: "buildFalseBottom",
          after: [...BUILT_OUT, "setOnGlass"],
          handsMin: handsFor("buildFalseBottom", legs.legs.length),
          quantities: {
            count: legs.legs.length,
            legCm: legs.legCm,
            plateWidthCm: legs.plate.widthCm,
            plateDepthCm: legs.plate.depthCm,
          },
          cautions: ["blades"],
        },
      ]
    : [];
  const drainage = laidOf(scene, "drainage").map(({ layer, level }, at, all): Draft => {
    const below = all[at - 1];
    return {
      job: "layDrainage",
      ref: layer.id,
      about: { kind: "entry", shelf: "drainageMedia", id: layer.materialId },
      after: [...BUILT_OUT, "setOnGlass", ...(below ? [`layDrainage:${below.layer.id}`] : [])],
      handsMin: handsFor("layDrainage", level.looseL),
      layerId: layer.id,
      plannedL: level.looseL,
      quantities: { looseL: level.looseL, lineCm: level.top.frontCm },
      cautions: library.get("drainageMedia", layer.materialId).cautions,
    };
  });
  const barrier: Draft[] = cut
    ? [
        {
          job: "cutBarrier",
          after: ["layDrainage", "buildFalseBottom"],
          handsMin: handsFor("cutBarrier"),
          quantities: { cutWidthCm: cut.widthCm, cutDepthCm: cut.depthCm },
          cautions: ["blades"],
        },
      ]
    : [];
  return [...mouldDrafts(scene), ...(onGlass.length > 0 ? [stones] : []), ...bottom, ...drainage, ...barrier];
}

/** One mix: loose litres, and water for them. A mix laid dry keeps; a wet one moulds in its tub. */
function mixDraft({ habitat, ground, library }: Scene, { id, parts }: Mix, wet: boolean): Draft[] {
  const pantry = pantryOf(library);
  const { laying } = mixWanted(habitat, ground, id, blend(parts, pantry)?.settlesPct ?? 0);
  if (laying.looseL <= 0) return [];
  const { addL, brickL, dryL } = mixWater(parts, laying, pantry);
  const cautions = parts.flatMap((part) => library.get("ingredients", part.ingredientId).cautions);
  return [
    {
      job: "mixSoil",
      ref: id,
      about: { kind: "mix", mixId: id },
      way: laying.moistL > 0 ? "moist" : "dry",
      after: [],
      handsMin: handsFor("mixSoil", laying.looseL),
      spoils: wet,
      quantities: {
        looseL: laying.looseL,
        waterL: addL,
        brickWaterL: brickL,
        dryWaterL: laying.moistL > 0 ? dryL : 0,
      },
      cautions: once([...cautions, "handWashing"]),
    },
  ];
}

/** Pockets and tubes filled with what they are to hold, each mix by itself. */
function fillDrafts({ habitat, ground, library }: Scene): Draft[] {
  const pantry = pantryOf(library);
  return habitat.mixes.flatMap(({ id, parts }): Draft[] => {
    const filled = ground.solids.filter(({ piece, fillL }) => piece?.fillMixId === id && fillL > LEAST_L);
    if (filled.length === 0) return [];
    const looseL = pouredFor(
      sumOf(filled, ({ fillL }) => fillL),
      blend(parts, pantry)?.settlesPct ?? 0,
    );
    return [
      {
        job: "fillPieces",
        ref: id,
        about: { kind: "mix", mixId: id },
        after: [`mixSoil:${id}`, "mouldPieces", "drillPlanters", "setOnGlass", "setPieces", ...BUILT_OUT],
        handsMin: handsFor("fillPieces", looseL),
        quantities: { count: filled.length, looseL },
        cautions: ["handWashing"],
      },
    ];
  });
}

/** Each lift and each zone by itself, with its own mix, litres and lines; and what stands on the ground. */
export function soilDrafts(scene: Scene): Draft[] {
  const { habitat, ground } = scene;
  const lifts = laidOf(scene, "soil");
  const mixes = habitat.mixes.flatMap((mix) => {
    const own = lifts.filter(({ layer }) => layer.mixId === mix.id);
    return mixDraft(scene, mix, own.length === 0 || own.some(({ layer }) => layer.laid === "moist"));
  });
  const under = laidOf(scene, "dressing").filter(({ layer }) => dressingUnder(scene, layer.materialId) === "soil");
  const underL = sumOf(under, ({ level }) => level.looseL);
  const mouldedFirst = ground.solids.some((solid) => isMoulded(solid) && standsOnGround(solid)) ? [] : ["mouldPieces"];
  const laid = lifts.map(({ layer, level }, at): Draft => {
    const below = lifts[at - 1];
    const base = [...BUILT_OUT, ...mouldedFirst, "setOnGlass", "layDrainage", "buildFalseBottom", "cutBarrier"];
    return {
      job: "laySoil",
      ref: layer.id,
      about: { kind: "mix", mixId: layer.mixId },
      after: [...base, `mixSoil:${layer.mixId}`, ...(below ? [`laySoil:${below.layer.id}`] : [])],
      handsMin: handsFor("laySoil", level.looseL),
      layerId: layer.id,
      plannedL: level.looseL,
      quantities: {
        looseL: level.looseL,
        frontLineCm: level.top.frontCm,
        backLineCm: level.top.backCm,
        underL: at === 0 ? underL : 0,
      },
      cautions: needsTwo(ground.dryKg) ? ["weight"] : [],
    };
  });
  const above = ground.solids.filter(
    (solid) => solid.baseCm > 0 && solid.piece?.rest.on !== "inWall" && !isMoulded(solid),
  );
  const pieces: Draft = {
    job: "setPieces",
    after: ["laySoil", ...BUILT_OUT],
    handsMin: handsFor("setPieces", above.length),
    quantities: { count: above.length },
    cautions: cautionsOf(above),
  };
  return [...mixes, ...laid, ...(above.length > 0 ? [pieces] : []), ...fillDrafts(scene)];
}

const dressingUnder = ({ library }: Scene, materialId: string): Dressing["under"] =>
  library.get("dressings", materialId).under;

/** What is spread on top, each by itself. */
export const dressingDrafts = (scene: Scene): Draft[] =>
  laidOf(scene, "dressing")
    .filter(({ layer }) => dressingUnder(scene, layer.materialId) === undefined)
    .map(({ layer, level }, at, all): Draft => {
      const below = all[at - 1];
      return {
        job: "dress",
        ref: layer.id,
        about: { kind: "entry", shelf: "dressings", id: layer.materialId },
        way: layer.over.on === "floor" ? "all" : "part",
        after: ["laySoil", "setPieces", "plantOut", ...(below ? [`dress:${below.layer.id}`] : [])],
        handsMin: handsFor("dress", level.looseL),
        layerId: layer.id,
        plannedL: level.looseL,
        quantities: { looseL: level.looseL },
        cautions: scene.library.get("dressings", layer.materialId).cautions,
      };
    });
