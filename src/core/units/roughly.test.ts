import fc from "fast-check";
import { expect, it } from "vitest";
import { show } from "./display";
import { atLeast, roughly } from "./roughly";

it("tells a length of an animal as one tells it: 59 in, not 59 1/16; 1 3/4 in, 150 cm, 2.5 cm", () => {
  expect(show(roughly(150, "us"), "length", "us", "en").figure).toBe("59");
  expect(show(roughly(4.5, "us"), "length", "us", "en").figure).toBe("1 3/4");
  expect([roughly(150.4, "metric"), roughly(2.4, "metric")]).toEqual([150, 2.5]);
});
it("is never further off than half of what it is told in", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 500, noNaN: true }),
      fc.constantFrom("us" as const, "metric" as const),
      (cm, system) => {
        const most = system === "us" ? (cm >= 6 * 2.54 ? 1.27 : 0.32) : cm >= 10 ? 0.5 : 0.26;
        expect(Math.abs(roughly(cm, system) - cm)).toBeLessThanOrEqual(Math.max(most + 1e-9, cm < 0.64 ? 0.64 : 0));
      },
    ),
  );
});

it("a least side is told in whole inches that are enough, and never an inch more than is: 48 × 24 in for 120 × 60 cm", () => {
  expect([120, 60, 45.72].map((cm) => show(atLeast(cm, "us"), "length", "us", "en").figure)).toEqual([
    "48",
    "24",
    "18",
  ]);
  fc.assert(
    fc.property(fc.double({ min: 5, max: 600, noNaN: true }), (cm) => {
      expect(atLeast(cm, "metric")).toBe(cm);
      const inches = atLeast(cm, "us") / 2.54;
      expect(Math.abs(inches - Math.round(inches))).toBeLessThan(1e-9);
      expect(inches).toBeGreaterThanOrEqual(cm / 2.54 - 0.021);
      expect(inches).toBeLessThan(cm / 2.54 + 1);
    }),
  );
});
