import { weakMapMemoize } from "reselect";
import { cellsOf } from "./cells";
import { GAUSS } from "./gauss";
import { FLAT, momentsOf } from "./moments";
import { contains, type Point, type Polygon } from "./polygon";
import { panels, runsAt, type Circle, type Interval, type Region } from "./scan";

/** A point of the plan that stands for the area around it, cm². */
export type Node = { x: number; y: number; areaCm2: number };

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
 * Points with weights by which anything is summed over a region: the sum of `areaCm2 * f(x, y)` is exact for every f
 * that is bilinear, and for its product with x or y, as the panels follow the figures' corners and crossings (Gauss and
 * Legendre, scan line by scan line). Over mounds give their circles; for what is clamped, split the panels.
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
      for (const run of runsAt(region, y).flatMap((interval) => cutAtCircles(interval, y, circles))) {
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

/** The nodes of a region with nothing round in it, worked out once. */
export const plainNodes: (region: Region) => readonly Node[] = weakMapMemoize((region: Region) => nodes(region));

/** Whether a point lies in a region. @example isInRegion({ inside: [floor], outside: [zone] }, [30, 20]) */
export const isInRegion = ({ inside, outside }: Region, point: Point): boolean =>
  inside.every((figure) => contains(figure, point)) && !outside.some((figure) => contains(figure, point));

/** Area of a region, cm². @example regionAreaCm2({ inside: [floor], outside: [zone] }) */
export const regionAreaCm2 = (region: Region): number =>
  cellsOf(region).reduce((sum, cell) => sum + momentsOf(cell, FLAT).areaCm2, 0);
