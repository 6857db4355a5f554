import fc from "fast-check";
import { expect, it } from "vitest";
import { keptSize } from "./photos";

it("a photograph keeps its shape, is never enlarged, and no side is longer than 1600 px or shorter than one", () => {
  const side = fc.integer({ min: 1, max: 12_000 });
  fc.assert(
    fc.property(side, side, (wide, high) => {
      const { widthPx, heightPx } = keptSize(wide, high);
      expect(Math.max(widthPx, heightPx)).toBeLessThanOrEqual(1600);
      expect(Math.min(widthPx, heightPx)).toBeGreaterThanOrEqual(1);
      expect(widthPx).toBeLessThanOrEqual(wide);
      // To half a pixel on each side the shape is what it was.
      expect(Math.abs(widthPx * high - heightPx * wide)).toBeLessThanOrEqual(Math.max(wide, high));
    }),
  );
});
