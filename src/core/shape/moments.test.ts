import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seeded } from "../random";
import {
  areaCm2,
  bounds,
  cellsOf,
  clearanceCm,
  contains,
  heightAt,
  innerPoint,
  isSimple,
  levelAt,
  momentsOf,
  nodes,
  regionAreaCm2,
  volumeBetween,
  type Bilinear,
  type Cell,
  type Point,
  type Polygon,
  type Region,
} from "./index";

/** Figures about a middle, each corner at its own distance: proper, and often with notches. */
const anyFigure: fc.Arbitrary<Polygon> = fc
  .record({
    x: fc.integer({ min: 15, max: 45 }),
    y: fc.integer({ min: 15, max: 35 }),
    far: fc.array(fc.integer({ min: 4, max: 15 }), { minLength: 3, maxLength: 8 }),
  })
  .map(({ x, y, far }) =>
    far.map((cm, at): Point => {
      const angle = (2 * Math.PI * (at + 0.3)) / far.length;
      return [x + cm * Math.cos(angle), y + cm * Math.sin(angle)];
    }),
  )
  .filter(isSimple);
const anyPlane: fc.Arbitrary<Bilinear> = fc.record({
  a: fc.integer({ min: 8, max: 20 }),
  b: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
  c: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
  d: fc.constant(0),
});
const anyHeight: fc.Arbitrary<Bilinear> = fc
  .tuple(anyPlane, fc.double({ min: -0.002, max: 0.002, noNaN: true }))
  .map(([plane, d]) => ({ ...plane, d }));

const isIn = ({ inside, outside }: Region, point: Point): boolean =>
  inside.every((figure) => contains(figure, point)) && !outside.some((figure) => contains(figure, point));

/** The mean of something over a rectangle about everything, times its area, by chance points with a fixed seed. */
function byChance(count: number, of: (point: Point) => number): number {
  const chance = seeded(count);
  let sum = 0;
  for (let at = 0; at < count; at += 1) sum += of([chance() * 60, chance() * 50]);
  return (sum / count) * 60 * 50;
}

describe("cells of a region", () => {
  it("what two figures share and what each has alone are the two of them (inclusion and exclusion)", () => {
    fc.assert(
      fc.property(anyFigure, anyFigure, (one, other) => {
        const shared = regionAreaCm2({ inside: [one, other], outside: [] });
        const alone = regionAreaCm2({ inside: [one], outside: [other] });
        expect(shared + alone).toBeCloseTo(areaCm2(one), 6);
        expect(shared).toBeCloseTo(regionAreaCm2({ inside: [other, one], outside: [] }), 6);
      }),
      { numRuns: 200 },
    );
  });

  it("cover what a Monte Carlo count of points finds in the region, to 2 % of the box", () => {
    fc.assert(
      fc.property(anyFigure, anyFigure, anyFigure, (one, other, hole) => {
        const region: Region = { inside: [one, other], outside: [hole] };
        const counted = byChance(4000, (point) => (isIn(region, point) ? 1 : 0));
        expect(Math.abs(regionAreaCm2(region) - counted)).toBeLessThan(60);
      }),
      { numRuns: 40 },
    );
  });

  it("each has a point of its own that lies in it, and none of them overlap", () => {
    fc.assert(
      fc.property(anyFigure, anyFigure, (one, other) => {
        const region: Region = { inside: [one], outside: [other] };
        const cells = cellsOf(region).filter(({ outer }) => areaCm2(outer) > 0.5);
        const inCell = ({ outer, holes }: Cell, point: Point) =>
          contains(outer, point) && !holes.some((hole) => contains(hole, point));
        for (const cell of cells) {
          const point = innerPoint(cell);
          expect(isIn(region, point)).toBe(true);
          expect(cells.filter((each) => inCell(each, point))).toEqual([cell]);
        }
      }),
    );
  });
});

describe("moments by Green's theorem", () => {
  it("of a wedge on a rectangle are those of the textbook: volume w d (f + b) / 2, centre at d (f + 2 b) / 3 (f + b)", () => {
    const cell: Cell = {
      outer: [
        [0, 0],
        [60, 0],
        [60, 45],
        [0, 45],
      ],
      holes: [],
    };
    const [front, back] = [8, 14];
    const { volumeCm3, momentX, momentY } = momentsOf(cell, { a: front, b: 0, c: (back - front) / 45, d: 0 });
    expect(volumeCm3).toBeCloseTo((60 * 45 * (front + back)) / 2, 6);
    expect(momentX / volumeCm3).toBeCloseTo(30, 8);
    expect(momentY / volumeCm3).toBeCloseTo((45 * (front + 2 * back)) / (3 * (front + back)), 8);
  });

  it("of any twisted height over any region are those of quadrature over its scan lines", () => {
    fc.assert(
      fc.property(anyFigure, anyFigure, anyHeight, (one, other, height) => {
        const region: Region = { inside: [one], outside: [other] };
        const closed = cellsOf(region).map((cell) => momentsOf(cell, height));
        const summed = nodes(region).reduce(
          (sum, { x, y, areaCm2: area }) => {
            const cm3 = area * heightAt(height, x, y);
            return { v: sum.v + cm3, x: sum.x + cm3 * x, y: sum.y + cm3 * y };
          },
          { v: 0, x: 0, y: 0 },
        );
        const total = (pick: (of: (typeof closed)[number]) => number) => closed.reduce((sum, of) => sum + pick(of), 0);
        expect(total((of) => of.volumeCm3)).toBeCloseTo(summed.v, 4);
        expect(total((of) => of.momentX)).toBeCloseTo(summed.x, 2);
        expect(total((of) => of.momentY)).toBeCloseTo(summed.y, 2);
      }),
    );
  });
});

describe("the volume between two levels", () => {
  const levels = fc
    .tuple(fc.integer({ min: 0, max: 16 }), fc.integer({ min: 1, max: 12 }))
    .map(([low, more]): [number, number] => [low, low + more]);

  it("is what chance points under the height count, to 2.5 % of the box", () => {
    fc.assert(
      fc.property(anyFigure, anyPlane, levels, (outer, plane, [low, high]) => {
        const found = volumeBetween({ outer, holes: [] }, plane, low, high)!;
        const counted = byChance(6000, (point) =>
          contains(outer, point) ? Math.max(0, Math.min(high, heightAt(plane, ...point)) - low) : 0,
        );
        expect(Math.abs(found - counted)).toBeLessThan(0.025 * 3000 * (high - low));
      }),
      { numRuns: 40 },
    );
  });

  it("adds up over any level in between, and grows with the height", () => {
    fc.assert(
      fc.property(
        anyFigure,
        anyPlane,
        levels,
        fc.double({ min: 0, max: 1, noNaN: true }),
        (outer, plane, [low, high], share) => {
          const cell: Cell = { outer, holes: [] };
          const middle = low + (high - low) * share;
          const [below, above, all] = [
            volumeBetween(cell, plane, low, middle)!,
            volumeBetween(cell, plane, middle, high)!,
            volumeBetween(cell, plane, low, high)!,
          ];
          expect(below + above).toBeCloseTo(all, 5);
          expect(volumeBetween(cell, { ...plane, a: plane.a + 1 }, low, high)!).toBeGreaterThanOrEqual(all - 1e-6);
        },
      ),
    );
  });

  it("of a twisted height has a closed form as long as it stays clear of both, and says when it does not", () => {
    const cell: Cell = {
      outer: [
        [0, 0],
        [10, 0],
        [10, 10],
        [0, 10],
      ],
      holes: [
        [
          [4, 4],
          [6, 4],
          [6, 6],
          [4, 6],
        ],
      ],
    };
    const twisted: Bilinear = { a: 5, b: 0, c: 0, d: 0.02 };
    // Over a square without its middle the mean of x y is 25, so the mean height is 5.5.
    expect(volumeBetween(cell, twisted, 0, 20)).toBeCloseTo(96 * 5.5, 6);
    expect([volumeBetween(cell, twisted, 0, 2), volumeBetween(cell, twisted, 8, 9)]).toEqual([96 * 2, 0]);
    expect(volumeBetween(cell, twisted, 0, 6)).toBeUndefined();
    expect(volumeBetween(cell, levelAt(9), 0, 4)).toBeCloseTo(96 * 4, 9);
  });
});

it("clearance is the distance to the nearest edge, less than nothing outside (chance points against every edge walked)", () => {
  const walked = (figure: Polygon, [x, y]: Point) =>
    Math.min(
      ...figure.flatMap(([ax, ay], at) => {
        const [bx, by] = figure[(at + 1) % figure.length]!;
        return Array.from({ length: 201 }, (_, n) =>
          Math.hypot(ax + ((bx - ax) * n) / 200 - x, ay + ((by - ay) * n) / 200 - y),
        );
      }),
    );
  fc.assert(
    fc.property(anyFigure, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 50 }), (figure, x, y) => {
      const cm = clearanceCm(figure, [x, y]);
      expect(Math.abs(Math.abs(cm) - walked(figure, [x, y]))).toBeLessThan(0.15);
      expect(cm > 0).toBe(contains(figure, [x, y]));
      if (cm > 0) expect(bounds(figure).left).toBeLessThanOrEqual(x - cm + 1e-9);
    }),
  );
});
