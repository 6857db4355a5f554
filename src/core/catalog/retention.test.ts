import { expect, it } from "vitest";
import { CARSEL_PARRISH_MEANS, waterAt } from "./retention";

const { sand, loam } = CARSEL_PARRISH_MEANS;

it("sand and loam at 1 kPa hold 21.0 and 40.7 % (parameters of Carsel & Parrish 1988, table 6, in van Genuchten 1980, worked by hand)", () => {
  // Sand: (0.145 × 10.197)^2.68 = 2.854; 3.854^-0.6269 = 0.4294; 0.045 + 0.385 × 0.4294.
  expect(waterAt(sand, 1)).toBeCloseTo(0.2103, 3);
  // Loam: (0.036 × 10.197)^1.56 = 0.2096; 1.2096^-0.3590 = 0.9340; 0.078 + 0.352 × 0.9340.
  expect(waterAt(loam, 1)).toBeCloseTo(0.4068, 3);
});

it("is saturated without suction, residual under a very great one, and falls all the way", () => {
  for (const soil of Object.values(CARSEL_PARRISH_MEANS)) {
    expect(waterAt(soil, 0)).toBeCloseTo(soil.saturated, 12);
    expect(waterAt(soil, 1e9)).toBeLessThan(soil.residual + 0.01);
    const curve = [0.1, 1, 5, 10, 33, 100, 1500].map((kPa) => waterAt(soil, kPa));
    expect(curve).toEqual(curve.toSorted((a, b) => b - a));
  }
  expect(() => waterAt(sand, -1)).toThrow("suctionKPa");
});
