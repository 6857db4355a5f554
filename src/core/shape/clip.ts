import type { Point, Polygon } from "./polygon";

/** An upright rectangle in plan. */
export type Bounds = { left: number; right: number; front: number; back: number };

type Side = { inside: (point: Point) => boolean; meet: (a: Point, b: Point) => Point };

const upright = (x: number, keepRight: boolean): Side => ({
  inside: ([px]) => (keepRight ? px >= x : px <= x),
  meet: ([ax, ay], [bx, by]) => [x, ay + ((by - ay) * (x - ax)) / (bx - ax)],
});
const level = (y: number, keepBack: boolean): Side => ({
  inside: ([, py]) => (keepBack ? py >= y : py <= y),
  meet: ([ax, ay], [bx, by]) => [ax + ((bx - ax) * (y - ay)) / (by - ay), y],
});

/**
 * What of a figure lies within an upright rectangle (Sutherland & Hodgman 1974). A figure with a bay may keep a seam of
 * no width along the cut; its area is right all the same.
 *
 * @returns fewer than three corners when nothing is left
 * @example clipped([[0, 0], [60, 0], [60, 45], [0, 45]], { left: 0, right: 60, front: 0, back: 40 })
 */
export function clipped(polygon: Polygon, { left, right, front, back }: Bounds): Polygon {
  const sides = [upright(left, true), upright(right, false), level(front, true), level(back, false)];
  return sides.reduce<Polygon>(
    (points, { inside, meet }) =>
      points.flatMap((point, at): Point[] => {
        const before = points[(at + points.length - 1) % points.length] ?? point;
        const crosses = inside(point) !== inside(before);
        return [...(crosses ? [meet(before, point)] : []), ...(inside(point) ? [point] : [])];
      }),
    polygon,
  );
}

/** A rectangle about a point, turned. @example turnedRectangle([30, 20], 10, 4, 0)[0] // [25, 18] */
export function turnedRectangle([cx, cy]: Point, widthCm: number, depthCm: number, turnDeg: number): Polygon {
  const [cos, sin] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  return (
    [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const
  ).map(([sx, sy]): Point => {
    const [x, y] = [(sx * widthCm) / 2, (sy * depthCm) / 2];
    return [cx + x * cos - y * sin, cy + x * sin + y * cos];
  });
}

/** An ellipse about a point, turned, as a fine polygon of the ellipse's own area. */
export function turnedEllipse(
  [cx, cy]: Point,
  widthCm: number,
  depthCm: number,
  turnDeg: number,
  corners = 24,
): Polygon {
  const [cos, sin] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  // A polygon in a circle is smaller than it: drawn out until the areas are the same.
  const swell = Math.sqrt((2 * Math.PI) / (corners * Math.sin((2 * Math.PI) / corners)));
  return Array.from({ length: corners }, (_, at): Point => {
    const angle = (at / corners) * 2 * Math.PI;
    const [x, y] = [(Math.cos(angle) * widthCm * swell) / 2, (Math.sin(angle) * depthCm * swell) / 2];
    return [cx + x * cos - y * sin, cy + x * sin + y * cos];
  });
}
