import { weakMapMemoize } from "reselect";
import { areaCm2, contains, edgesOf, segmentsMeet, type Point, type Polygon } from "./polygon";
import { panels, runsAt, type Region } from "./scan";

/** A figure with holes: what is left of a region once everything is cut. */
export type Cell = { outer: Polygon; holes: readonly Polygon[] };

/** Corners this close are one. */
const SAME_CM = 1e-9;
const LEAST_CM2 = 1e-9;

/** How one figure lies to another whose edges it does not cross or touch. */
type Lie = "inside" | "around" | "apart" | "crosses";

function lieOf(one: Polygon, other: Polygon): Lie {
  const otherEdges = edgesOf(other);
  if (edgesOf(one).some((edge) => otherEdges.some((against) => segmentsMeet(edge, against)))) return "crosses";
  const [first, second] = [one[0], other[0]];
  if (first && contains(other, first)) return "inside";
  return second && contains(one, second) ? "around" : "apart";
}

/**
 * A region whose figures do not cross, as the one cell it is: the innermost figure, less the holes within it.
 *
 * @returns undefined where figures cross or touch, or where that is not told so simply
 */
function uncrossed({ inside, outside }: Region): readonly Cell[] | undefined {
  const [first, ...others] = inside;
  let outer = first;
  if (!outer) return [];
  for (const figure of others) {
    const lie = lieOf(outer, figure);
    if (lie === "crosses") return undefined;
    if (lie === "apart") return [];
    if (lie === "around") outer = figure;
  }
  const holes: Polygon[] = [];
  for (const figure of outside) {
    const lie = lieOf(outer, figure);
    if (lie === "crosses" || (lie === "around" && holes.some((hole) => lieOf(hole, figure) !== "apart")))
      return undefined;
    if (lie === "inside") return [];
    if (lie === "around") holes.push(figure);
  }
  return [{ outer, holes }];
}

/** The ends of a run at the upper or lower edge of its panel: edges are straight there, so two lines within it tell. */
const drawnOut = (a: number, b: number, from: number, to: number, at: number): number =>
  a + ((b - a) * (at - from)) / (to - from);

/** A figure without corners that fall together, as where a trapezoid runs out into a triangle. */
const withoutRepeats = (ring: Polygon): Polygon =>
  ring.filter(([x, y], at) => {
    const [beforeX, beforeY] = ring.at(at - 1) ?? [Infinity, Infinity];
    return Math.hypot(x - beforeX, y - beforeY) > SAME_CM;
  });

/** A region in pieces with straight sides, panel by panel of the scan lines: exact, whatever touches or crosses. */
function trapezoids(region: Region): Cell[] {
  return panels(region, [], 1).flatMap(([low, high]) => {
    const [first, second] = [low + (high - low) / 4, high - (high - low) / 4];
    const upper = runsAt(region, second);
    return runsAt(region, first).flatMap(([left, right], at): Cell[] => {
      const [otherLeft, otherRight] = upper[at] ?? [left, right];
      const leftAt = (y: number) => drawnOut(left, otherLeft, first, second, y);
      const rightAt = (y: number) => drawnOut(right, otherRight, first, second, y);
      const outer = withoutRepeats([
        [leftAt(low), low],
        [rightAt(low), low],
        [rightAt(high), high],
        [leftAt(high), high],
      ]);
      return areaCm2(outer) > LEAST_CM2 ? [{ outer, holes: [] }] : [];
    });
  });
}

/**
 * A region cut out: figures that do not overlap, with their holes.
 *
 * @example cellsOf({ inside: [floor], outside: [zone] })
 */
export const cellsOf: (region: Region) => readonly Cell[] = weakMapMemoize(
  (region: Region) => uncrossed(region) ?? trapezoids(region),
);

const HAIR = 1e-3;

/** A point well inside a cell, for asking what lies there; looked for once. */
export const innerPoint: (cell: Cell) => Point = weakMapMemoize(({ outer, holes }: Cell): Point => {
  const isIn = (point: Point) => contains(outer, point) && !holes.some((hole) => contains(hole, point));
  // Between two corners and a third, as close to the first as need be: some corner of every figure has room beside it.
  for (const share of [0.3, 0.05, HAIR]) {
    for (const [at, corner] of outer.entries()) {
      const before = outer[(at + outer.length - 1) % outer.length] ?? corner;
      const after = outer[(at + 1) % outer.length] ?? corner;
      const point: Point = [
        corner[0] + ((before[0] + after[0]) / 2 - corner[0]) * share,
        corner[1] + ((before[1] + after[1]) / 2 - corner[1]) * share,
      ];
      if (isIn(point)) return point;
    }
  }
  return outer[0] ?? [0, 0];
});
