import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seeded } from "../random";
import {
  areaCm2,
  bounds,
  centroid,
  contains,
  insideOf,
  isSimple,
  perimeterCm,
  type Point,
  type Polygon,
} from "./index";

const rectangle: Polygon = [
  [0, 0],
  [60, 0],
  [60, 45],
  [0, 45],
];
const triangle: Polygon = [
  [0, 0],
  [60, 0],
  [0, 45],
];
const hexagon: Polygon = Array.from({ length: 6 }, (_, at): Point => [
  30 + 30 * Math.cos((at * Math.PI) / 3),
  30 + 30 * Math.sin((at * Math.PI) / 3),
]);

describe("closed forms (Euclid; CRC tables of plane figures)", () => {
  it.each<[string, Polygon, number, number, Point]>([
    ["rectangle", rectangle, 2700, 210, [30, 22.5]],
    ["right triangle", triangle, 1350, 60 + 45 + 75, [20, 15]],
    ["regular hexagon of side 30", hexagon, (3 * Math.sqrt(3) * 30 ** 2) / 2, 180, [30, 30]],
  ])("%s", (_name, polygon, area, edge, [cx, cy]) => {
    expect(areaCm2(polygon)).toBeCloseTo(area, 8);
    expect(perimeterCm(polygon)).toBeCloseTo(edge, 8);
    expect(centroid(polygon)[0]).toBeCloseTo(cx, 8);
    expect(centroid(polygon)[1]).toBeCloseTo(cy, 8);
  });
});

/** Corners at growing angles about a middle: always a proper figure. */
const anyStar = fc
  .array(fc.double({ min: 5, max: 50, noNaN: true }), { minLength: 3, maxLength: 12 })
  .map((radii): Polygon =>
    radii.map((r, at) => [
      60 + r * Math.cos((at / radii.length) * 2 * Math.PI),
      60 + r * Math.sin((at / radii.length) * 2 * Math.PI),
    ]),
  );

describe("any proper figure", () => {
  it("has the same area and centre from whichever corner and whichever way round it is told", () => {
    fc.assert(
      fc.property(anyStar, fc.nat(11), (star, shift) => {
        const turned = [...star.slice(shift % star.length), ...star.slice(0, shift % star.length)].reverse();
        expect(areaCm2(turned)).toBeCloseTo(areaCm2(star), 6);
        expect(centroid(turned)[0]).toBeCloseTo(centroid(star)[0], 6);
        expect(isSimple(star)).toBe(true);
      }),
    );
  });
  it("is asked quickly as it is asked plainly, upright rectangles too", () => {
    const square: Polygon = [
      [10, 10],
      [40, 10],
      [40, 30],
      [10, 30],
    ];
    fc.assert(
      fc.property(
        fc.oneof(anyStar, fc.constant(square)),
        fc.double({ min: 0, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 120, noNaN: true }),
        (star, x, y) => {
          expect(insideOf(star)(x, y)).toBe(contains(star, [x, y]));
        },
      ),
    );
  });
  it("has the area a Monte Carlo count of points inside it gives, to 3 %", () => {
    fc.assert(
      fc.property(anyStar, (star) => {
        const { left, right, front, back } = bounds(star);
        const random = seeded(11);
        const tries = 20_000;
        let inside = 0;
        for (let at = 0; at < tries; at += 1) {
          if (contains(star, [left + random() * (right - left), front + random() * (back - front)])) inside += 1;
        }
        const box = (right - left) * (back - front);
        expect(Math.abs((inside / tries) * box - areaCm2(star)) / box).toBeLessThan(0.03);
      }),
      { numRuns: 25 },
    );
  });
});

it("bow ties, folds, lines and points are no proper figures", () => {
  expect(
    isSimple([
      [0, 0],
      [10, 10],
      [10, 0],
      [0, 10],
    ]),
  ).toBe(false);
  expect(
    isSimple([
      [0, 0],
      [10, 0],
      [20, 0],
    ]),
  ).toBe(false);
  expect(
    isSimple([
      [0, 0],
      [10, 0],
    ]),
  ).toBe(false);
  expect(
    isSimple([
      [0, 0],
      [20, 0],
      [20, 10],
      [10, 0],
      [0, 10],
    ]),
  ).toBe(false);
  expect(isSimple(triangle)).toBe(true);
});
