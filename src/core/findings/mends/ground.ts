import { rule, type Ingredient } from "../../catalog";
import { attempt, type Command, type Layer, type SoilLayer } from "../../habitat";
import { ground, type Ground } from "../../strata";
import { blend, pantryOf } from "../../mix";
import { checkChemistry } from "../checks/ground";
import { worstStep } from "../checks/terrain";
import type { Assessed, Finding } from "../types";
import { one, type Draft, type Menders } from "./mender";

const LEAST_LIFT_CM = 0.5;
const EASE_CM = 0.5;
const LEAST_FREE = 0.02;

const soilsOf = ({ habitat }: Assessed): SoilLayer[] =>
  habitat.strata.layers.filter((layer): layer is SoilLayer => layer.kind === "soil");

const frontOf = ({ corners }: SoilLayer): number => Math.min(corners.frontLeftCm, corners.frontRightCm);
const spare = (layer: SoilLayer): number => Math.max(0, frontOf(layer) - LEAST_LIFT_CM);

/** Takes a depth off the soil at the front, from the top lift down, leaving at least a thin layer of each. */
function lowerFront(soils: readonly SoilLayer[], byCm: number): Command[] {
  let left = byCm;
  return soils.toReversed().flatMap((layer): Command[] => {
    const take = Math.min(left, spare(layer));
    if (take <= 0) return [];
    left -= take;
    const { frontLeftCm, frontRightCm } = layer.corners;
    const lower = { frontLeftCm: frontLeftCm - take, frontRightCm: frontRightCm - take };
    return [{ name: "setCorners", args: { layerId: layer.id, ...lower } }];
  });
}

/** The lift that lies over most of the floor: the one to deepen. */
const widest = (lifts: readonly SoilLayer[], { levelOf }: Ground): SoilLayer | undefined =>
  lifts.toSorted((a, b) => (levelOf(b.id)?.areaCm2 ?? 0) - (levelOf(a.id)?.areaCm2 ?? 0))[0];

/**
 * Whether a lift lies anywhere but within what stands in it: where filled pieces take the whole floor, deepening it
 * helps nobody.
 */
function hasRoom({ id }: SoilLayer, { levelOf }: Ground): boolean {
  const level = levelOf(id);
  return level !== undefined && level.volumeL > LEAST_FREE * (level.volumeL + level.buriedL);
}

/** A lift with every corner at least so deep. */
function deepened({ id, corners }: SoilLayer, needCm: number): Command {
  const raised = Object.fromEntries(Object.entries(corners).map(([corner, cm]) => [corner, Math.max(cm, needCm)]));
  return { name: "setCorners", args: { layerId: id, ...(raised as SoilLayer["corners"]) } };
}

const HAIR_CM = 0.05;

/** Whether the soil is deep enough anywhere once an edit is made: a lift may lie under pieces all over. */
function isDeepAfter(command: Command, needCm: number, { habitat, library }: Assessed): boolean {
  const tried = attempt(habitat, [command], library);
  return tried.ok && ground(tried.design, library).deepestSoilCm >= needCm - HAIR_CM;
}

/** What is more than half lime is taken out; soils that hold a little stay. */
const MOSTLY_LIME_PCT = 50;

/** Takes some ingredients out of a mix, where what is left is a mix without that fault. */
function without(
  { about, code }: Pick<Finding, "about" | "code">,
  { habitat, library, animal }: Assessed,
  bad: (item: Ingredient) => boolean,
): Draft<object>[] {
  const parts = habitat.mixes.find(({ id }) => id === about)?.parts ?? [];
  const out = parts.filter(({ ingredientId }) => bad(library.get("ingredients", ingredientId)));
  const left = blend(
    parts.filter((part) => !out.includes(part)),
    pantryOf(library),
  );
  if (!left || checkChemistry(about, left, animal).some((still) => still.code === code)) return [];
  const removed = out.map(({ ingredientId }): Command => ({
    name: "removePart",
    args: { mixId: about, ingredientId },
  }));
  return one({}, ...removed);
}

const isOverAll = ({ over }: Layer): boolean => over.on === "floor";
const halfUp = (cm: number): number => Math.ceil(cm * 2) / 2;

export const groundMenders = {
  overSill: ({ quantities }, assessed) => {
    const soils = soilsOf(assessed);
    const byCm = quantities.overCm + EASE_CM;
    const enough = soils.reduce((sum, layer) => sum + spare(layer), 0) >= byCm;
    if (!enough || !soils.every(isOverAll)) return [];
    return [{ commands: lowerFront(soils, byCm), quantities: { byCm } }];
  },
  soilMissing: ({ quantities }, { habitat }) => {
    const { needCm } = quantities;
    const mixId = habitat.mixes[0]?.id ?? "mix-1";
    const layer = { id: "soil-1", kind: "soil", mixId, frontCm: needCm, backCm: needCm } as const;
    return one({ needCm }, { name: "addLayer", args: { layer } });
  },
  soilTooShallow: ({ quantities }, assessed) => {
    const { needCm } = quantities;
    const lift = widest(soilsOf(assessed), assessed.ground);
    if (!lift || !hasRoom(lift, assessed.ground)) return [];
    const command = deepened(lift, needCm);
    return isDeepAfter(command, needCm, assessed) ? one({ needCm }, command) : [];
  },
  mixHurts: ({ about, quantities }) => {
    const { ingredientId } = quantities;
    const mixId = about.slice(0, -ingredientId.length - 1);
    return one({ ingredientId }, { name: "removePart", args: { mixId, ingredientId } });
  },
  mixLimed: (finding, assessed) => without(finding, assessed, ({ freeLimePct }) => freeLimePct >= MOSTLY_LIME_PCT),
  mixSeals: (finding, assessed) => without(finding, assessed, ({ swells }) => swells === "strongly"),
  soilInWater: () => one({}, { name: "setWaterLine", args: { waterLineCm: 0 } }),
  zoneOutside: ({ about, quantities }) => one({ zone: quantities.zone }, { name: "removeZone", args: { id: about } }),
  zoneUnheld: ({ about }, { habitat, ground, library }) => {
    const zone = habitat.strata.zones.find((other) => other.id === about);
    if (!zone) return [];
    const kind = library.get("pieceKinds", zone.retaining?.kindId ?? "corkWall");
    const thicknessCm = zone.retaining?.thicknessCm ?? kind.depthCm;
    const heightCm = halfUp(worstStep(zone, ground).high + 1);
    const retaining = { kindId: kind.id, thicknessCm, heightCm };
    return one({ kindId: kind.id, heightCm }, { name: "setZone", args: { id: about, retaining } });
  },
  drainageMissing: (_finding, { habitat }) => {
    const depthCm = rule("drainageDepthCm");
    const materialId = "clayPebbles";
    const bare = !habitat.strata.layers.some((layer) => layer.kind === "barrier");
    return one(
      { depthCm, materialId },
      { name: "addLayer", args: { layer: { id: "drainage-1", kind: "drainage", materialId, depthCm } } },
      ...(bare ? [LAY_BARRIER] : []),
      { name: "setWaterLine", args: { waterLineCm: rule("keptWaterLineCm") } },
    );
  },
  drainageInArid: (_finding, { habitat }) => {
    const wet: readonly Layer["kind"][] = ["drainage", "falseBottom", "barrier"];
    const layerIds = habitat.strata.layers.filter(({ kind }) => wet.includes(kind)).map(({ id }) => id);
    return one({}, { name: "removeLayers", args: { layerIds } }, { name: "setWaterLine", args: { waterLineCm: 0 } });
  },
  barrierMissing: () => one({ materialId: BARRIER_ID }, LAY_BARRIER),
} satisfies Partial<Menders>;

const BARRIER_ID = "insectScreen";
const LAY_BARRIER: Command = {
  name: "addLayer",
  args: { layer: { id: "barrier-1", kind: "barrier", materialId: BARRIER_ID } },
};
