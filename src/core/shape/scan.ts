import { edgesOf, type Point, type Polygon } from "./polygon";

/** A part of the plan: what lies inside all of some figures and outside all of others. */
export type Region = { inside: readonly Polygon[]; outside: readonly Polygon[] };

/** A round edge across which what is integrated changes its form. */
export type Circle = { xCm: number; yCm: number; radiusCm: number };

/** From where to where something runs, cm. */
export type Interval = readonly [from: number, to: number];
type Edge = readonly [Point, Point];

const HAIR_CM = 1e-9;

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

/** Where a level line runs inside a region. */
export function runsAt({ inside, outside }: Region, y: number): Interval[] {
  const [first = [], ...others] = inside.map((polygon) => chord(polygon, y));
  return without(
    others.reduce(common, first),
    outside.flatMap((polygon) => chord(polygon, y)),
  );
}

/**
 * Heights between which every edge of a region runs straight and none crosses another.
 *
 * @param splits into how many parts each is cut besides
 */
export function panels({ inside, outside }: Region, circles: readonly Circle[], splits: number): Interval[] {
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
