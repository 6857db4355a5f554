import { contains, type Point, type Polygon } from "./polygon";

/** A part of the plan: what lies inside all of some figures and outside all of others. */
export type Region = { inside: readonly Polygon[]; outside: readonly Polygon[] };

/** A point of the plan that stands for the area around it, cm². */
export type Node = { x: number; y: number; areaCm2: number };

/** A round edge across which what is integrated changes its form. */
export type Circle = { xCm: number; yCm: number; radiusCm: number };

type Interval = readonly [from: number, to: number];
type Edge = readonly [Point, Point];

/** Gauss and Legendre's three points: exact for polynomials up to the fifth degree (Abramowitz & Stegun 25.4.30). */
const GAUSS: readonly (readonly [at: number, weight: number])[] = [
  [0.5 - Math.sqrt(0.15), 5 / 18],
  [0.5, 8 / 18],
  [0.5 + Math.sqrt(0.15), 5 / 18],
];
const HAIR_CM = 1e-9;

const edgesOf = (polygon: Polygon): Edge[] =>
  polygon.map((point, at) => [point, polygon[(at + 1) % polygon.length] ?? point]);

/** Where a level line runs inside a figure. */
function chord(polygon: Polygon, y: number): Interval[] {
  const crossings: number[] = [];
  for (let at = 0, before = polygon.length - 1; at < polygon.length; before = at, at += 1) {
    const [ax, ay] = polygon[before]!;
    const [bx, by] = polygon[at]!;
    if (ay > y !== by > y) crossings.push(ax + ((bx - ax) * (y - ay)) / (by - ay));
  }
  crossings.sort((a, b) => a - b);
  const found: Interval[] = [];
  for (let at = 0; at + 1 < crossings.length; at += 2) found.push([crossings[at]!, crossings[at + 1]!]);
  return found;
}

const common = (a: readonly Interval[], b: readonly Interval[]): Interval[] =>
  a.flatMap(([a0, a1]) =>
    b.flatMap(([b0, b1]): Interval[] =>
      Math.min(a1, b1) > Math.max(a0, b0) ? [[Math.max(a0, b0), Math.min(a1, b1)]] : [],
    ),
  );

const without = (a: readonly Interval[], b: readonly Interval[]): Interval[] =>
  b.reduce<Interval[]>(
    (left, [b0, b1]) =>
      left.flatMap(([a0, a1]): Interval[] => {
        if (b1 <= a0 || b0 >= a1) return [[a0, a1]];
        return [...(b0 > a0 ? [[a0, b0] as const] : []), ...(b1 < a1 ? [[b1, a1] as const] : [])];
      }),
    [...a],
  );

/** Height at which two edges cross, if they do. */
function crossingY([[ax, ay], [bx, by]]: Edge, [[cx, cy], [dx, dy]]: Edge): number | undefined {
  const slant = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx);
  if (Math.abs(slant) < HAIR_CM) return undefined;
  const t = ((cx - ax) * (dy - cy) - (cy - ay) * (dx - cx)) / slant;
  const u = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / slant;
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? ay + t * (by - ay) : undefined;
}

/** Heights between which every edge runs straight and none crosses another. */
function panels({ inside, outside }: Region, circles: readonly Circle[], splits: number): Interval[] {
  const all = [...inside, ...outside];
  const ys = all.flatMap((polygon) => polygon.map(([, y]) => y));
  for (let one = 0; one < all.length; one += 1) {
    for (let other = one + 1; other < all.length; other += 1) {
      for (const a of edgesOf(all[one]!))
        for (const b of edgesOf(all[other]!)) {
          const y = crossingY(a, b);
          if (y !== undefined) ys.push(y);
        }
    }
  }
  const low = Math.max(...inside.map((polygon) => Math.min(...polygon.map(([, y]) => y))));
  const high = Math.min(...inside.map((polygon) => Math.max(...polygon.map(([, y]) => y))));
  for (const { yCm, radiusCm } of circles) {
    // Finer towards the rim, where a chord shortens fastest.
    for (const share of [-1, -0.98, -0.92, -0.8, -0.6, -0.3, 0, 0.3, 0.6, 0.8, 0.92, 0.98, 1])
      ys.push(yCm + radiusCm * share);
  }
  const marks = [...new Set([low, ...ys.filter((y) => y > low && y < high), high])].sort((a, b) => a - b);
  const found: Interval[] = [];
  for (let at = 0; at + 1 < marks.length; at += 1) {
    const [from, to] = [marks[at]!, marks[at + 1]!];
    if (to - from < HAIR_CM) continue;
    for (let part = 0; part < splits; part += 1)
      found.push([from + ((to - from) * part) / splits, from + ((to - from) * (part + 1)) / splits]);
  }
  return found;
}

function cutAtCircles(interval: Interval, y: number, circles: readonly Circle[]): Interval[] {
  const cuts = circles.flatMap(({ xCm, yCm, radiusCm }) => {
    const half2 = radiusCm ** 2 - (y - yCm) ** 2;
    return half2 > 0 ? [xCm - Math.sqrt(half2), xCm, xCm + Math.sqrt(half2)] : [];
  });
  const marks = [
    interval[0],
    ...cuts.filter((x) => x > interval[0] && x < interval[1]).sort((a, b) => a - b),
    interval[1],
  ];
  return marks.slice(1).map((to, at): Interval => [marks[at]!, to]);
}

/**
 * Points with weights by which anything is summed over a region: the sum of `areaCm2 * f(x, y)` is exact for every f that is
 * bilinear, and for its product with x or y, as the panels follow the figures' corners and crossings (Gauss and Legendre, scan line by
 * scan line). Over mounds give their circles; for what is clamped, split the panels.
 *
 * @param splits how many parts each panel is cut into, for what is not smooth
 * @returns no nodes where the region is empty
 * @example nodes({ inside: [[[0, 0], [60, 0], [60, 45], [0, 45]]], outside: [] }).reduce((sum, n) => sum + n.areaCm2, 0) // 2700
 */
export function nodes(
  region: Region,
  { circles = [], splits = 1 }: { circles?: readonly Circle[]; splits?: number } = {},
): Node[] {
  const found: Node[] = [];
  for (const [from, to] of panels(region, circles, splits)) {
    for (const [atY, weightY] of GAUSS) {
      const y = from + (to - from) * atY;
      const [first = [], ...others] = region.inside.map((polygon) => chord(polygon, y));
      const runs = without(
        others.reduce(common, first),
        region.outside.flatMap((polygon) => chord(polygon, y)),
      );
      for (const run of runs.flatMap((interval) => cutAtCircles(interval, y, circles))) {
        const step = (run[1] - run[0]) / splits;
        for (let part = 0; part < splits; part += 1) {
          for (const [atX, weightX] of GAUSS)
            found.push({ x: run[0] + step * (part + atX), y, areaCm2: step * weightX * (to - from) * weightY });
        }
      }
    }
  }
  return found;
}

/**
 * Places spread evenly over the upright rectangle about a figure, those inside it: for looking about, not for summing.
 *
 * @example probes([[0, 0], [60, 0], [60, 45], [0, 45]], 10).length // 100
 */
export function probes(polygon: Polygon, along: number): Point[] {
  const [xs, ys] = [polygon.map(([x]) => x), polygon.map(([, y]) => y)];
  const [left, right, front, back] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const found: Point[] = [];
  for (let row = 0; row < along; row += 1) {
    for (let column = 0; column < along; column += 1) {
      const point: Point = [
        left + ((right - left) * (column + 0.5)) / along,
        front + ((back - front) * (row + 0.5)) / along,
      ];
      if (contains(polygon, point)) found.push(point);
    }
  }
  return found;
}

/** Area of a region, cm². @example regionAreaCm2({ inside: [floor], outside: [zone] }) */
export const regionAreaCm2 = (region: Region): number => nodes(region).reduce((sum, node) => sum + node.areaCm2, 0);
