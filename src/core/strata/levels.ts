import { weakMapMemoize } from "reselect";
import { floorOutline, type Floor, type Layer, type Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2, cellsOf, centroid, momentsOf, NO_MOMENTS, plainNodes, plus } from "../shape";
import type { Moments, Node } from "../shape";
import { buriedL } from "./buried";
import { moundMoments } from "./heaps";
import type { Bed } from "../mix";
import { massOf, type Mass } from "./mass";
import type { Solid } from "./solids";
import type { GroundPlan, Patch, Terrain } from "./terrain";

/** Heights from the glass in the middle of the front and of the back, cm. */
export type Slope = { frontCm: number; backCm: number };

/** One layer as it lies in the box. */
export type Level = {
  layerId: string;
  kind: Layer["kind"];
  bottom: Slope;
  top: Slope;
  /** Floor it lies on, cm², and the middle of what it weighs, from the left and from the front. */
  areaCm2: number;
  middle: { xCm: number; yCm: number };
  /** Litres as it lies, less what is buried in it. */
  volumeL: number;
  buriedL: number;
} & Mass;

const CM3_PER_L = 1000;
const NOWHERE: Slope = { frontCm: 0, backCm: 0 };

/** A floor in plan; a rectangle when nothing else is said. */
export type Plan = Pick<Shell, "widthCm" | "depthCm"> & { floor?: Floor };

/** Floor of the box, cm². @example floorAreaCm2({ widthCm: 60, depthCm: 45 }) // 2700 */
export const floorAreaCm2 = (plan: Plan): number => areaCm2(floorOutline(plan));

/**
 * Volume of a wedge with a flat bottom: one depth at the front, one at the back, straight between. Over any floor
 * it is the floor's area times the depth at its centre of area, exactly.
 *
 * @returns litres
 * @example wedgeL({ widthCm: 60, depthCm: 45 }, 8, 14) // 29.7
 */
export function wedgeL(plan: Plan, frontCm: number, backCm: number): number {
  const outline = floorOutline(plan);
  const [, fromFrontCm] = centroid(outline);
  return (areaCm2(outline) * (frontCm + ((backCm - frontCm) * fromFrontCm) / plan.depthCm)) / CM3_PER_L;
}

/** Depth that a loose volume makes on a floor. @example depthOfL({ widthCm: 30.48, depthCm: 30.48 }, 4.405) // 4.74 */
export const depthOfL = (plan: Plan, litres: number): number => (litres * CM3_PER_L) / floorAreaCm2(plan);

/** Floor, volume and moments of a layer, worked out anew only when it changed: what lies flat, and each heap on it. */
const sumsOf = weakMapMemoize(({ region, plain, mounds }: Patch): Moments => {
  const flat = cellsOf(region).map((cell) => momentsOf(cell, plain));
  const heaps = mounds.map((mound) => moundMoments(mound, region));
  return [...flat, ...heaps].reduce((sum, part) => plus(sum, part), NO_MOMENTS);
});

/** A place within a layer, as far from its middle as may be: what lies there lies under and over all of it. */
function placeIn(patch: Patch, middle: { xCm: number; yCm: number }): Node | undefined {
  const far = ({ x, y }: Node) => Math.hypot(x - middle.xCm, y - middle.yCm);
  return plainNodes(patch.region).reduce<Node | undefined>(
    (best, node) => (best && far(best) <= far(node) ? best : node),
    undefined,
  );
}

/** The heights of a layer in the middle of the front and of the back, as if its own floor reached there. */
function slopesOf(terrain: Terrain, patch: Patch, at: Node | undefined): { bottom: Slope; top: Slope } {
  if (!at) return { bottom: NOWHERE, top: NOWHERE };
  const lying = terrain.patches.filter((other) => other === patch || other.lies(at.x, at.y));
  const below = lying.slice(0, lying.indexOf(patch));
  const ys = terrain.outline.map(([, y]) => y);
  const heights = (patches: readonly Patch[]): Slope => {
    const upTo = (y: number) => patches.reduce((sum, other) => sum + other.thicknessCm(at.x, y), 0);
    return { frontCm: upTo(Math.min(...ys)), backCm: upTo(Math.max(...ys)) };
  };
  return { bottom: heights(below), top: heights([...below, patch]) };
}

/** How high a lift lies over the foot of all soil, where it lies furthest from its edges, and how thick it is. */
function bedOf(terrain: Terrain, patch: Patch, sums: Moments, at: Node | undefined): Bed {
  const depthCm = sums.areaCm2 > 0 ? sums.volumeCm3 / sums.areaCm2 : 0;
  if (!at || patch.layer.kind !== "soil") return { footCm: 0, depthCm };
  const below = terrain.patches.slice(0, terrain.patches.indexOf(patch));
  const soils = below.filter(({ layer, lies }) => layer.kind === "soil" && lies(at.x, at.y));
  return { footCm: soils.reduce((sum, lift) => sum + lift.thicknessCm(at.x, at.y), 0), depthCm };
}

/** What is buried in each layer, over everything that stands, by layer id. */
function lossesOf(terrain: Terrain, standing: readonly Solid[]): ReadonlyMap<string, number> {
  const total = new Map<string, number>();
  for (const solid of standing)
    for (const [layerId, litres] of buriedL(terrain, solid)) total.set(layerId, (total.get(layerId) ?? 0) + litres);
  return total;
}

/**
 * Every layer of a habitat as it lies, from the glass up: where it starts and ends, how much it is, what it weighs.
 *
 * @example levels(habitat, terrain, [], library)[0] // the pebbles: bottom 0, top 5, 13.5 L in a 60 x 45 cm floor
 */
export function levels(habitat: GroundPlan, terrain: Terrain, standing: readonly Solid[], library: Library): Level[] {
  const lost = lossesOf(terrain, standing);
  return terrain.patches.map((patch): Level => {
    const { layer } = patch;
    const sums = sumsOf(patch);
    const wholeL = sums.volumeCm3 / CM3_PER_L;
    const buried = Math.min(wholeL, lost.get(layer.id) ?? 0);
    const volumeL = wholeL - buried;
    const middle =
      sums.volumeCm3 > 0
        ? { xCm: sums.momentX / sums.volumeCm3, yCm: sums.momentY / sums.volumeCm3 }
        : { xCm: 0, yCm: 0 };
    const at = placeIn(patch, middle);
    return {
      layerId: layer.id,
      kind: layer.kind,
      ...slopesOf(terrain, patch, at),
      areaCm2: sums.areaCm2,
      middle,
      volumeL,
      buriedL: buried,
      ...massOf(layer, volumeL, { areaCm2: sums.areaCm2, bed: bedOf(terrain, patch, sums, at) }, habitat, library),
    };
  });
}
