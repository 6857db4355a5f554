import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { areaShine, pointShine, type Lit } from "./index";

/**
 * View factor from a small level place under one corner of a level rectangle a by b over it (Howell, A Catalog of
 * Radiation Heat Transfer Configuration Factors, B-4; recalled).
 */
function underCorner(a: number, b: number, down: number): number {
  const [x, y] = [a / down, b / down];
  const [rootX, rootY] = [Math.sqrt(1 + x * x), Math.sqrt(1 + y * y)];
  return ((x / rootX) * Math.atan(y / rootX) + (y / rootY) * Math.atan(x / rootY)) / (2 * Math.PI);
}
/** The same from under any place of it: the corners of its four parts put together. */
function underPlace({ widthM, depthM }: Lit, down: number, xM: number, yM: number): number {
  const [left, right] = [widthM / 2 + xM, widthM / 2 - xM];
  const [front, back] = [depthM / 2 + yM, depthM / 2 - yM];
  return [left, right]
    .flatMap((a) => [front, back].map((b) => Math.sign(a * b) * underCorner(Math.abs(a), Math.abs(b), down)))
    .reduce((sum, part) => sum + part, 0);
}

const LAMBERT_DEG = 120;
const panel: Lit = { widthM: 0.6, depthM: 0.3 };

describe("light of a lamp that is as large as it is", () => {
  it("is the view factor of its rectangle, by Howell, from 2 cm to 1 m under it and aside", () => {
    for (const down of [0.02, 0.05, 0.1, 0.2, 0.5, 1])
      for (const [xM, yM] of [
        [0, 0],
        [0.2, 0.05],
        [0.45, 0.2],
      ] as const) {
        const known = underPlace(panel, down, xM, yM) / (panel.widthM * panel.depthM);
        const ours = areaShine(panel, down, { xM, yM }, LAMBERT_DEG);
        // Under 1 % of what is at the lamp itself nobody reads a meter.
        if (known * panel.widthM * panel.depthM > 0.01) expect(ours / known, `${down} ${xM}`).toBeCloseTo(1, 1);
      }
  });
  it("is never more than leaves each square metre of it, and nothing above it", () => {
    const length = fc.double({ min: 0.05, max: 1.5, noNaN: true });
    fc.assert(
      fc.property(
        length,
        length,
        fc.double({ min: 0.001, max: 2, noNaN: true }),
        fc.integer({ min: 20, max: 170 }),
        (w, d, down, beam) => {
          const lit = { widthM: w, depthM: d };
          expect(areaShine(lit, down, { xM: 0, yM: 0 }, beam)).toBeLessThanOrEqual(1 / (w * d) + 1e-9);
          expect(areaShine(lit, -down, { xM: 0, yM: 0 }, beam)).toBe(0);
        },
      ),
    );
  });
  it("is that of a point from afar, and of a bulb everywhere", () => {
    const aside = { xM: 1, yM: 0.5 };
    const point = pointShine(6, Math.hypot(1, 0.5), LAMBERT_DEG);
    expect(areaShine(panel, 6, aside, LAMBERT_DEG) / point).toBeCloseTo(1, 2);
    expect(areaShine({ widthM: 0, depthM: 0 }, 0.1, { xM: 0, yM: 0 }, 60)).toBe(pointShine(0.1, 0, 60));
  });
});
