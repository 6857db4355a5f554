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
import type { Body } from "./bodies";
import type { Solid } from "./solids";
import type { Patch, Terrain } from "./terrain";

const CM3_PER_L = 1000;
/** A figure with so many corners is round: its nodes lie dense as it is. */
const MANY_CORNERS = 8;
const GROUND_LEVEL = levelAt(0);

/** An upright part where it stands, cm from the glass. */
type Standing = { lowCm: number; highCm: number; share: number };

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
function closedForm(losses: Losses, cell: Cell, lying: readonly Patch[], { lowCm, highCm, share }: Standing): boolean {
  let height: Bilinear = GROUND_LEVEL;
  let below = 0;
  const found: [Patch, number][] = [];
  for (const patch of lying) {
    height = added(height, patch.plain);
    const upToHere = volumeBetween(cell, height, lowCm, highCm);
    if (upToHere === undefined) return false;
    found.push([patch, upToHere - below]);
    below = upToHere;
  }
  for (const [patch, cm3] of found) lose(losses, patch, cm3, share);
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
function byQuadrature(losses: Losses, cell: Cell, lying: readonly Patch[], { lowCm, highCm, share }: Standing): void {
  const points = nodesOf(cell);
  const tops = new Float64Array(points.length);
  for (const patch of lying) {
    const heaps = heapsOver(patch.mounds, cell);
    let cm3 = 0;
    for (const [at, { x, y, areaCm2 }] of points.entries()) {
      const bottomCm = tops[at]!;
      const topCm = bottomCm + heightAt(patch.plain, x, y) + heaps[at]!;
      cm3 += areaCm2 * Math.max(0, Math.min(topCm, highCm) - Math.max(bottomCm, lowCm));
      tops[at] = topCm;
    }
    lose(losses, patch, cm3, share);
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
  for (const body of solid.bodies) loseTo(losses, terrain, body, solid.baseCm);
  return losses;
}

function loseTo(losses: Losses, terrain: Terrain, { region, share, fromCm, toCm }: Body, baseCm: number): void {
  const standing = { lowCm: baseCm + fromCm, highCm: baseCm + toCm, share };
  if (standing.lowCm >= terrain.mostCm) return;
  for (const cell of cellsByZone(region, terrain.zones)) {
    const lying = terrain.patches.filter((patch) => patch.lies(...innerPoint(cell)));
    const level = !lying.some((patch) => hasHeapIn(patch.mounds, cell));
    if (!(level && closedForm(losses, cell, lying, standing))) byQuadrature(losses, cell, lying, standing);
  }
}
