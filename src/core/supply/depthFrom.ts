import { attempt, LIMITS, type Command, type Layer } from "../habitat";
import { litresFor, pantryOf } from "../mix";
import type { Scene } from "../scene";
import { ground, type Level } from "../strata";
import { litresInStock } from "./loose";
import type { Bins } from "./bins";
import { boughtFor } from "./sources";

/** How deep a layer gets with what there is. */
export type DepthFrom = {
  /** Lays the layer so. */
  commands: readonly Command[];
  /** Its depth at the front and at the back; the same where it is level. */
  frontCm: number;
  backCm: number;
  /** What of it is laid, litres as poured, and what is left over where the box is full. */
  usedL: number;
  leftL: number;
};

type Laid = Exclude<Layer, { kind: "barrier" | "falseBottom" }>;
const isLaidLoose = (layer: Layer): layer is Laid =>
  layer.kind === "soil" || layer.kind === "drainage" || layer.kind === "dressing";

const LEAST_CM = LIMITS.layerCm.min;
const HALVINGS = 22;

const frontOf = (layer: Laid): number =>
  layer.kind === "soil" ? Math.min(layer.corners.frontLeftCm, layer.corners.frontRightCm) : layer.depthCm;

/** A layer so much deeper everywhere, or shallower; nowhere less than the least. */
function deeper(layer: Laid, byCm: number): Command {
  const deep = (cm: number) => Math.max(LEAST_CM, cm + byCm);
  if (layer.kind !== "soil") return { name: "setDepth", args: { layerId: layer.id, depthCm: deep(layer.depthCm) } };
  const { frontLeftCm, frontRightCm, backLeftCm, backRightCm } = layer.corners;
  const corners = {
    frontLeftCm: deep(frontLeftCm),
    frontRightCm: deep(frontRightCm),
    backLeftCm: deep(backLeftCm),
    backRightCm: deep(backRightCm),
  };
  return { name: "setCorners", args: { layerId: layer.id, ...corners } };
}

type Tried = { command: Command; level: Level; layer: Laid };

/**
 * The other way round: how deep a layer gets with so many litres as they are poured. Its slope stays; what the rim
 * leaves no room for is left over.
 *
 * @param looseL litres as poured from the bag
 * @returns undefined for a layer that is not poured, or that the box has no place for
 * @example depthFrom(scene, "drainage-1", 13.5 * 1.05)?.frontCm // 5 in 60 x 45 cm
 */
export function depthFrom(scene: Scene, layerId: string, looseL: number): DepthFrom | undefined {
  const { habitat, library } = scene;
  const layer = habitat.strata.layers.find(({ id }) => id === layerId);
  if (!layer || !isLaidLoose(layer) || looseL <= 0) return undefined;
  const tryBy = (byCm: number): Tried | undefined => {
    const command = deeper(layer, byCm);
    const tried = attempt(habitat, [command], library);
    const level = tried.ok ? ground(tried.design, library).levelOf(layerId) : undefined;
    const laid = tried.ok ? tried.design.strata.layers.find(({ id }) => id === layerId) : undefined;
    return level && laid && isLaidLoose(laid) ? { command, level, layer: laid } : undefined;
  };
  const [leastBy, mostBy] = [LEAST_CM - frontOf(layer), scene.ground.underRimCm];
  const tried = nearest(tryBy, leastBy, Math.max(leastBy, mostBy), looseL);
  if (!tried) return undefined;
  const { level, layer: laid, command } = tried;
  const backCm = laid.kind === "soil" ? Math.max(laid.corners.backLeftCm, laid.corners.backRightCm) : laid.depthCm;
  const leftL = Math.max(0, looseL - level.looseL);
  return { commands: [command], frontCm: frontOf(laid), backCm, usedL: Math.min(looseL, level.looseL), leftL };
}

/** Halves the way between the shallowest and the deepest until the litres are met. */
function nearest(
  tryBy: (byCm: number) => Tried | undefined,
  fromCm: number,
  toCm: number,
  looseL: number,
): Tried | undefined {
  let [low, high] = [fromCm, toCm];
  const most = tryBy(high);
  if (!most || most.level.looseL <= looseL) return most;
  for (let halving = 0; halving < HALVINGS; halving += 1) {
    const middle = (low + high) / 2;
    const tried = tryBy(middle);
    if (!tried) return undefined;
    if (tried.level.looseL > looseL) high = middle;
    else low = middle;
  }
  return tryBy(low);
}

/**
 * Litres of a layer's stuff there are in the bins: of a mix as much as its scarcest part allows.
 *
 * @example litresAtHand(scene, "soil-1", bins) // 8.4
 */
export function litresAtHand({ habitat, library }: Scene, layerId: string, bins: Bins): number {
  const layer = habitat.strata.layers.find(({ id }) => id === layerId);
  if (layer?.kind === "soil") {
    const parts = habitat.mixes.find(({ id }) => id === layer.mixId)?.parts ?? [];
    const stock = litresInStock(bins);
    const ofOne = litresFor(parts, 1, pantryOf(library));
    return ofOne.length === 0
      ? 0
      : Math.min(...ofOne.map(({ ingredientId, litres }) => (stock[ingredientId] ?? 0) / Math.max(litres, 1e-9)));
  }
  if (layer?.kind !== "drainage" && layer?.kind !== "dressing") return 0;
  const { shelf, id } = boughtFor(layer, library);
  return bins.stock.reduce(
    (sum, { shelf: kept, itemId, amount }) =>
      kept === shelf && itemId === id && amount.kind === "loose" ? sum + amount.looseL : sum,
    0,
  );
}
