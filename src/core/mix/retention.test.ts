import fc from "fast-check";
import { Solver } from "odex";
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { CM_PER_KPA, curveOf, heldIn, meanWater, waterAt, type Retention } from "./retention";

/** Mean parameters by texture: Carsel & Parrish 1988, Water Resources Research 24, 755–769. */
const SOILS = {
  sand: { residual: 0.045, saturated: 0.43, alphaPerCm: 0.145, n: 2.68 },
  loamySand: { residual: 0.057, saturated: 0.41, alphaPerCm: 0.124, n: 2.28 },
  sandyLoam: { residual: 0.065, saturated: 0.41, alphaPerCm: 0.075, n: 1.89 },
  loam: { residual: 0.078, saturated: 0.43, alphaPerCm: 0.036, n: 1.56 },
  clayLoam: { residual: 0.095, saturated: 0.41, alphaPerCm: 0.019, n: 1.31 },
} as const satisfies Record<string, Retention>;
const items = STOCK.all("ingredients");

describe("the van Genuchten curve", () => {
  it("gives sand and loam 21.0 and 40.7 % at 1 kPa (parameters of Carsel & Parrish 1988, table 6, worked by hand)", () => {
    // Sand: (0.145 × 10.197)^2.68 = 2.854; 3.854^-0.6269 = 0.4294; 0.045 + 0.385 × 0.4294.
    expect(waterAt(SOILS.sand, CM_PER_KPA)).toBeCloseTo(0.2103, 3);
    // Loam: (0.036 × 10.197)^1.56 = 0.2096; 1.2096^-0.3590 = 0.9340; 0.078 + 0.352 × 0.9340.
    expect(waterAt(SOILS.loam, CM_PER_KPA)).toBeCloseTo(0.4068, 3);
  });
  it("is saturated without suction, residual under a very great one, and falls all the way", () => {
    for (const soil of Object.values(SOILS)) {
      expect(waterAt(soil, 0)).toBeCloseTo(soil.saturated, 12);
      expect(waterAt(soil, 1e12)).toBeLessThan(soil.residual + 0.01);
      const curve = [1, 10, 50, 100, 330, 1000, 15_000].map((cm) => waterAt(soil, cm));
      expect(curve).toEqual(curve.toSorted((a, b) => b - a));
    }
    expect(() => waterAt(SOILS.sand, -1)).toThrow("suctionCm");
  });
  it("of every ingredient goes through its pores and its water at 1 and 5 kPa, and comes within 3 points at 10 kPa", () => {
    for (const { id, laid } of items) {
      const at = (kPa: number) => waterAt(curveOf(laid), kPa * CM_PER_KPA) * 100;
      expect(at(0), id).toBeCloseTo(laid.totalPorosityPct, 6);
      expect(Math.abs(at(1) - laid.at1kPaPct), id).toBeLessThan(0.4);
      expect(Math.abs(at(5) - laid.at5kPaPct), id).toBeLessThan(0.4);
      expect(Math.abs(at(10) - laid.at10kPaPct), id).toBeLessThan(3);
    }
  });
});

/** The same integral by a reference library: an extrapolation method for differential equations (odex). */
function byReference(curve: Retention, footCm: number, depthCm: number): number {
  const solver = new Solver(1);
  solver.absoluteTolerance = 1e-11;
  solver.relativeTolerance = 1e-11;
  return (solver.solve((cm) => [waterAt(curve, cm)], footCm, [0], footCm + depthCm).y[0] ?? 0) / depthCm;
}

describe("water in a bed that drains at its foot", () => {
  it("is the mean of the curve over its height, as a reference library's quadrature has it (odex)", () => {
    const curves = [...Object.values(SOILS), ...items.map(({ laid }) => curveOf(laid))];
    const anyCurve = fc.constantFrom(...curves);
    const foot = fc.double({ min: 0, max: 40, noNaN: true });
    const depth = fc.double({ min: 0.5, max: 60, noNaN: true });
    fc.assert(
      fc.property(anyCurve, foot, depth, (curve, footCm, depthCm) => {
        expect(meanWater(curve, footCm, depthCm)).toBeCloseTo(byReference(curve, footCm, depthCm), 4);
      }),
    );
  });
  it("is more in a shallow bed than in a deep one, and more below than above (any ingredient)", () => {
    for (const { id, laid } of items) {
      expect(heldIn(laid, 0, 7.5), id).toBeGreaterThan(heldIn(laid, 0, 20));
      expect(heldIn(laid, 0, 5), id).toBeGreaterThan(heldIn(laid, 5, 5));
      // Two halves hold what the whole does.
      expect((heldIn(laid, 0, 6) + heldIn(laid, 6, 6)) / 2, id).toBeCloseTo(heldIn(laid, 0, 12), 4);
    }
  });
  it("nearly fills a sand bed of 7.5 cm, and leaves one of 40 cm mostly air: why a shallow one drowns roots", () => {
    const { laid } = STOCK.get("ingredients", "playSand");
    expect((heldIn(laid, 0, 7.5) * 100) / laid.totalPorosityPct).toBeGreaterThan(0.94);
    expect((heldIn(laid, 0, 40) * 100) / laid.totalPorosityPct).toBeLessThan(0.7);
  });
});
