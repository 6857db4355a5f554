import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { wholeDays } from "@/core/outlook";
import { STOCK } from "@/core/library";
import { daysSaid } from "./ranges";
import { sayIn } from "./say";

const say = sayIn("metric", STOCK);

describe("days that water lasts", () => {
  it.each([
    [0.7, 0.95, "less than a day"],
    [0.7, 1.9, "up to 1 day"],
    [0.7, 3.2, "up to 3 days"],
    [1.2, 1.9, "1 day"],
    [5.9, 14.8, "5–14 days"],
    [2.99, undefined, "2 days or more"],
    [0, undefined, "0 days or more"],
  ])("%s to %s are told as %s", (least, most, told) => {
    expect(daysSaid({ least, most }, say)).toBe(told);
  });

  it("are never told longer than they are", () => {
    const days = fc.double({ min: 0, max: 400, noNaN: true });
    fc.assert(
      fc.property(days, days, (least, more) => {
        const whole = wholeDays({ least, most: least + more });
        expect(whole.least).toBeLessThanOrEqual(least + 1e-6);
        expect(whole.most).toBeLessThanOrEqual(least + more + 1e-6);
        expect(whole.least).toBeGreaterThan(least - 1);
      }),
    );
  });
});
