import fc from "fast-check";
import { expect, it } from "vitest";
import { packShelves } from "./packShelves";

it("keeps every box, in order, and no shelf is wider than its room unless one box alone is", () => {
  const anyItems = fc.array(fc.record({ width: fc.integer({ min: 1, max: 120 }) }), { maxLength: 20 });
  fc.assert(
    fc.property(anyItems, (items) => {
      const shelves = packShelves(items, 100, 10);
      expect(shelves.flat()).toEqual(items);
      for (const shelf of shelves) {
        const used = shelf.reduce((sum, { width }) => sum + width, 0) + 10 * (shelf.length - 1);
        expect(used <= 100 || shelf.length === 1).toBe(true);
      }
    }),
  );
});
