import fc from "fast-check";
import { expect, it } from "vitest";
import { spreadTags } from "./Tags";

it("tags never cover one another nor sink below the glass, and stay in order", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 1, maxLength: 12 }), (heights) => {
      const wanted = [...heights].sort((a, b) => a - b);
      const placed = spreadTags(wanted, 24, 500);
      for (let at = 1; at < placed.length; at += 1)
        expect(placed[at]! - placed[at - 1]!).toBeGreaterThanOrEqual(24 - 1e-9);
      expect(placed.at(-1)).toBeLessThanOrEqual(500);
    }),
  );
});
