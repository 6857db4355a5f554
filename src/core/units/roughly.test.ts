import fc from "fast-check";
import { expect, it } from "vitest";
import { show } from "./display";
import { roughly } from "./roughly";

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
