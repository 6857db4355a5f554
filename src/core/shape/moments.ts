import { areaCm2, edgesOf, type Point, type Polygon } from "./polygon";
import type { Cell } from "./cells";
import { GAUSS } from "./gauss";

/** A height over the plan that is straight along both axes: a + b x + c y + d x y, cm. */
export type Bilinear = { a: number; b: number; c: number; d: number };

export const FLAT: Bilinear = { a: 0, b: 0, c: 0, d: 0 };
export const levelAt = (cm: number): Bilinear => ({ a: cm, b: 0, c: 0, d: 0 });
export const heightAt = ({ a, b, c, d }: Bilinear, x: number, y: number): number => a + b * x + c * y + d * x * y;
export const added = (one: Bilinear, other: Bilinear): Bilinear => ({
  a: one.a + other.a,
  b: one.b + other.b,
  c: one.c + other.c,
  d: one.d + other.d,
});

/**
 * What lies under a height over a figure: its floor, its volume, and the volume's moments about the left and the front
 * glass.
 */
export type Moments = { areaCm2: number; volumeCm3: number; momentX: number; momentY: number };

/**
 * Along the edges of a ring, by Green's theorem: the integral of f over the figure is that of F dy round it, where F is
 * f integrated over x. For a bilinear height and its moments F is of the fourth degree at the most along an edge, so
 * three points are exact.
 */
function round(ring: Polygon, { a, b, c, d }: Bilinear): Moments {
  let [area, volume, momentX, momentY] = [0, 0, 0, 0];
  for (const [[ax, ay], [bx, by]] of edgesOf(ring)) {
    const [dx, dy] = [bx - ax, by - ay];
    for (const [at, weight] of GAUSS) {
      const [x, y] = [ax + dx * at, ay + dy * at];
      const [x2, w] = [x * x, weight * dy];
      area += w * x;
      volume += w * (a * x + (b * x2) / 2 + c * x * y + (d * x2 * y) / 2);
      momentX += w * ((a * x2) / 2 + (b * x2 * x) / 3 + (c * x2 * y) / 2 + (d * x2 * x * y) / 3);
      momentY += w * (a * x * y + (b * x2 * y) / 2 + c * x * y * y + (d * x2 * y * y) / 2);
    }
  }
  const turn = area < 0 ? -1 : 1;
  return { areaCm2: area * turn, volumeCm3: volume * turn, momentX: momentX * turn, momentY: momentY * turn };
}

export const NO_MOMENTS: Moments = { areaCm2: 0, volumeCm3: 0, momentX: 0, momentY: 0 };

/** Sums of moments; a hole counts against. */
export const plus = (one: Moments, other: Moments, sign = 1): Moments => ({
  areaCm2: one.areaCm2 + sign * other.areaCm2,
  volumeCm3: one.volumeCm3 + sign * other.volumeCm3,
  momentX: one.momentX + sign * other.momentX,
  momentY: one.momentY + sign * other.momentY,
});

/**
 * What lies under a height over a cell, exactly.
 *
 * @example momentsOf({ outer: [[0, 0], [60, 0], [60, 45], [0, 45]], holes: [] }, levelAt(5)).volumeCm3 // 13500
 */
export const momentsOf = ({ outer, holes }: Cell, height: Bilinear): Moments =>
  holes.reduce((sum, hole) => plus(sum, round(hole, height), -1), round(outer, height));

/** Where a twisted height turns along an edge, as a share of it; undefined where it does not. */
function turnAlong([[ax, ay], [bx, by]]: readonly [Point, Point], { b, c, d }: Bilinear): number | undefined {
  const [dx, dy] = [bx - ax, by - ay];
  const at = -(b * dx + c * dy + d * (ax * dy + ay * dx)) / (2 * d * dx * dy);
  return at > 0 && at < 1 ? at : undefined;
}

/** The least and the most of a height over a cell: at its corners, or where it turns along an edge. */
function rangeOver({ outer, holes }: Cell, height: Bilinear): [number, number] {
  let [low, high] = [Infinity, -Infinity];
  const see = (x: number, y: number) => {
    const cm = heightAt(height, x, y);
    [low, high] = [Math.min(low, cm), Math.max(high, cm)];
  };
  for (const ring of [outer, ...holes]) {
    for (const [x, y] of ring) see(x, y);
    if (height.d === 0) continue;
    for (const edge of edgesOf(ring)) {
      const at = turnAlong(edge, height);
      if (at !== undefined)
        see(edge[0][0] + (edge[1][0] - edge[0][0]) * at, edge[0][1] + (edge[1][1] - edge[0][1]) * at);
    }
  }
  return [low, high];
}

/**
 * The part of a ring where a plane is not above a height (Sutherland & Hodgman 1974); a seam of no width does not
 * change its area.
 */
function lowPart(ring: Polygon, plane: Bilinear, mostCm: number): Polygon {
  const over = ([x, y]: Point) => heightAt(plane, x, y) - mostCm;
  return ring.flatMap((point, at): Point[] => {
    const before = ring[(at + ring.length - 1) % ring.length] ?? point;
    const [was, is] = [over(before), over(point)];
    const share = was / (was - is);
    const crossing: Point = [before[0] + (point[0] - before[0]) * share, before[1] + (point[1] - before[1]) * share];
    const crosses = was > 0 !== is > 0;
    return [...(crosses ? [crossing] : []), ...(is <= 0 ? [point] : [])];
  });
}

const ringMoments = (ring: Polygon, height: Bilinear): Moments => (ring.length < 3 ? NO_MOMENTS : round(ring, height));

/** Volume under a plane over a cell that passes a level cut. */
function cutVolume(cell: Cell, plane: Bilinear, mostCm: number): number {
  const lowRings = [cell.outer, ...cell.holes].map((ring) => ringMoments(lowPart(ring, plane, mostCm), plane));
  const under = lowRings.reduce((sum, part, at) => plus(sum, part, at === 0 ? 1 : -1), NO_MOMENTS);
  return under.volumeCm3 + (floorCm2(cell) - under.areaCm2) * mostCm;
}

const floorCm2 = ({ outer, holes }: Cell): number =>
  areaCm2(outer) - holes.reduce((sum, hole) => sum + areaCm2(hole), 0);

/**
 * Volume under a height over a cell that lies between two levels.
 *
 * @returns cm³, or undefined where the height is twisted and passes one of them: then it has no closed form here
 * @example volumeBetween(cell, levelAt(9), 0, 4) // its floor times 4
 */
export function volumeBetween(cell: Cell, height: Bilinear, leastCm: number, mostCm: number): number | undefined {
  const [low, high] = rangeOver(cell, height);
  if (high <= leastCm) return 0;
  if (low >= mostCm) return floorCm2(cell) * (mostCm - leastCm);
  const passes = low < leastCm || high > mostCm;
  if (passes && height.d !== 0) return undefined;
  const toMost = high > mostCm ? cutVolume(cell, height, mostCm) : momentsOf(cell, height).volumeCm3;
  const toLeast = low < leastCm ? cutVolume(cell, height, leastCm) : floorCm2(cell) * leastCm;
  return toMost - toLeast;
}
