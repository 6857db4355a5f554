import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Mound } from "../habitat";
import type { Polygon, Region } from "../shape";
import { moundCm, moundCm3, moundGradient, moundMoments } from "./heaps";

const floor: Polygon = [
  [0, 0],
  [60, 0],
  [60, 45],
  [0, 45],
];
const whole: Region = { inside: [floor], outside: [] };
const anyMound: fc.Arbitrary<Mound> = fc
  .record({
    form: fc.constantFrom("dome" as const, "flat" as const),
    xCm: fc.integer({ min: 5, max: 55 }),
    yCm: fc.integer({ min: 5, max: 40 }),
    radiusCm: fc.integer({ min: 3, max: 15 }),
    top: fc.double({ min: 0, max: 0.9, noNaN: true }),
    steep: fc.double({ min: 0.1, max: 1, noNaN: true }),
  })
  .map(({ top, steep, ...mound }) => ({
    id: "m",
    ...mound,
    topRadiusCm: mound.form === "flat" ? top * mound.radiusCm : 0,
    heightCm: steep * mound.radiusCm,
  }));
const at = (mound: Mound, x: number, y: number) => moundCm(mound, Math.hypot(x - mound.xCm, y - mound.yCm));

/** A fine even grid over the floor, the plainest sum there is. */
function summed(mound: Mound) {
  const step = 0.2;
  let [cm3, x3, y3] = [0, 0, 0];
  for (let x = step / 2; x < 60; x += step)
    for (let y = step / 2; y < 45; y += step) {
      const v = at(mound, x, y) * step * step;
      [cm3, x3, y3] = [cm3 + v, x3 + v * x, y3 + v * y];
    }
  return { cm3, x3, y3 };
}

describe("a heap", () => {
  it("holds what a fine grid over it counts, cut by the walls or not, with the middle of it where the grid finds it", () => {
    fc.assert(
      fc.property(anyMound, (mound) => {
        const { volumeCm3, momentX, momentY } = moundMoments(mound, whole);
        const grid = summed(mound);
        expect(Math.abs(volumeCm3 / grid.cm3 - 1)).toBeLessThan(0.006);
        expect(Math.abs(momentX / volumeCm3 - grid.x3 / grid.cm3)).toBeLessThan(0.05);
        expect(Math.abs(momentY / volumeCm3 - grid.y3 / grid.cm3)).toBeLessThan(0.05);
      }),
      { numRuns: 20 },
    );
  });

  it("is the same in closed form as by quadrature: a hair from an edge, and over it", () => {
    fc.assert(
      fc.property(anyMound, (mound) => {
        const clear = { ...mound, xCm: mound.radiusCm, yCm: 22 };
        const cut = { ...clear, xCm: mound.radiusCm - 1e-7 };
        expect(moundMoments(clear, whole).volumeCm3).toBe(moundCm3(mound));
        expect(Math.abs(moundMoments(cut, whole).volumeCm3 / moundCm3(mound) - 1)).toBeLessThan(1e-3);
      }),
      { numRuns: 60 },
    );
  });

  it("split by a zone's edge is shared out: its parts are the whole", () => {
    const zone: Polygon = [
      [0, 0],
      [31, 0],
      [25, 45],
      [0, 45],
    ];
    fc.assert(
      fc.property(anyMound, (mound) => {
        const within = moundMoments(mound, { inside: [floor, zone], outside: [] });
        const beside = moundMoments(mound, { inside: [floor], outside: [zone] });
        const all = moundMoments(mound, whole);
        // Quadrature of a round thing cut askew: to a thousandth of the whole.
        expect(Math.abs(within.volumeCm3 + beside.volumeCm3 - all.volumeCm3)).toBeLessThan(1e-3 * moundCm3(mound));
      }),
      { numRuns: 60 },
    );
  });

  it("rises as its height tells between two places close together (difference quotient)", () => {
    fc.assert(
      fc.property(
        anyMound,
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (mound, far, angle) => {
          const [x, y] = [
            mound.xCm + Math.cos(angle) * far * mound.radiusCm,
            mound.yCm + Math.sin(angle) * far * mound.radiusCm,
          ];
          // At the rim of a flat top there are two slopes, and at the foot of a half ball an upright one.
          fc.pre(Math.abs(far * mound.radiusCm - mound.topRadiusCm) > 0.01);
          const h = 1e-6;
          const [byX, byY] = moundGradient(mound, x, y);
          expect(byX).toBeCloseTo((at(mound, x + h, y) - at(mound, x - h, y)) / (2 * h), 3);
          expect(byY).toBeCloseTo((at(mound, x, y + h) - at(mound, x, y - h)) / (2 * h), 3);
        },
      ),
    );
  });
});
