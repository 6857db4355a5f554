import { weakMapMemoize } from "reselect";
import type { Mound, Zone } from "../habitat";
import {
  added,
  bounds,
  cellsOf,
  heightAt,
  innerPoint,
  levelAt,
  nodes,
  volumeBetween,
  type Bilinear,
  type Cell,
  type Node,
  type Region,
} from "../shape";
import { heapsCm } from "./heaps";
import type { Solid } from "./solids";
import type { Patch, Terrain } from "./terrain";

const CM3_PER_L = 1000;
/** A figure with so many corners is round: its nodes lie dense as it is. */
const MANY_CORNERS = 8;
const GROUND_LEVEL = levelAt(0);

/** A solid's plan in cells that no zone's edge runs through, as the ground steps there. */
const cellsByZone = weakMapMemoize(({ inside, outside }: Region, zones: readonly Zone[]): readonly Cell[] => {
  const outlines = zones.map((zone) => zone.points);
  const within = outlines.flatMap((outline) => cellsOf({ inside: [...inside, outline], outside }));
  return [...within, ...cellsOf({ inside, outside: [...outside, ...outlines] })];
});

/** Whether one of a layer's heaps may reach into a cell. */
const hasHeapIn = weakMapMemoize((mounds: readonly Mound[], { outer }: Cell): boolean => {
  const { left, right, front, back } = bounds(outer);
  return mounds.some(({ xCm, yCm, radiusCm }) => {
    const [dx, dy] = [Math.max(left - xCm, 0, xCm - right), Math.max(front - yCm, 0, yCm - back)];
    return Math.hypot(dx, dy) < radiusCm;
  });
});

/** Adds what a cell's layers lose to a solid, by layer id. */
type Losses = Map<string, number>;
const lose = (losses: Losses, { layer }: Patch, cm3: number, share: number): void => {
  if (cm3 > 0) losses.set(layer.id, (losses.get(layer.id) ?? 0) + (cm3 * share) / CM3_PER_L);
};

/**
 * Straight ground, in closed form: what a layer loses is what lies between the solid's foot and head up to its top,
 * less that up to its bottom.
 *
 * @returns false where a twisted lift passes the solid's foot or head, and nothing was added
 */
function closedForm(losses: Losses, cell: Cell, lying: readonly Patch[], solid: Solid): boolean {
  let height: Bilinear = GROUND_LEVEL;
  let below = 0;
  const found: [Patch, number][] = [];
  for (const patch of lying) {
    height = added(height, patch.plain);
    const upToHere = volumeBetween(cell, height, solid.baseCm, solid.topCm);
    if (upToHere === undefined) return false;
    found.push([patch, upToHere - below]);
    below = upToHere;
  }
  for (const [patch, cm3] of found) lose(losses, patch, cm3, solid.share);
  return true;
}

/** Where the heights over a cell are looked at when they are summed, worked out once for each cell. */
const nodesOf = weakMapMemoize(({ outer, holes }: Cell): readonly Node[] =>
  nodes({ inside: [outer], outside: holes }, { splits: outer.length > MANY_CORNERS ? 1 : 3 }),
);

/** What heaps add at each of them. */
const heapsOver = weakMapMemoize((mounds: readonly Mound[], cell: Cell): readonly number[] =>
  nodesOf(cell).map(({ x, y }) => heapsCm(mounds, x, y)),
);

/** Heaps and twisted lifts, by quadrature. */
function byQuadrature(losses: Losses, cell: Cell, lying: readonly Patch[], solid: Solid): void {
  const points = nodesOf(cell);
  const tops = new Float64Array(points.length);
  for (const patch of lying) {
    const heaps = heapsOver(patch.mounds, cell);
    let cm3 = 0;
    for (const [at, { x, y, areaCm2 }] of points.entries()) {
      const bottomCm = tops[at]!;
      const topCm = bottomCm + heightAt(patch.plain, x, y) + heaps[at]!;
      cm3 += areaCm2 * Math.max(0, Math.min(topCm, solid.topCm) - Math.max(bottomCm, solid.baseCm));
      tops[at] = topCm;
    }
    lose(losses, patch, cm3, solid.share);
  }
}

/**
 * Litres each layer loses to a solid, by layer id.
 *
 * @example buriedL(terrain, solid).get("drainage-1") // litres of pebbles a column stands in the place of
 */
export function buriedL(terrain: Terrain, solid: Solid): ReadonlyMap<string, number> {
  const losses: Losses = new Map();
  if (solid.baseCm >= terrain.mostCm) return losses;
  for (const cell of cellsByZone(solid.region, terrain.zones)) {
    const lying = terrain.patches.filter((patch) => patch.lies(...innerPoint(cell)));
    const straight = !lying.some((patch) => hasHeapIn(patch.mounds, cell)) && closedForm(losses, cell, lying, solid);
    if (!straight) byQuadrature(losses, cell, lying, solid);
  }
  return losses;
}
