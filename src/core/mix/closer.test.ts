import { STOCK } from "../library";
import fc from "fast-check";
import { expect, it } from "vitest";
import { aimsAt, blend, closers, distance, readMeters, unsuited, type Parts } from "./index";
import { pantryOf } from "./blend";

const PANTRY = pantryOf(STOCK);
const BED = { footCm: 0, depthCm: 10 };
const WHERE = { pantry: PANTRY, bed: BED };

const ids = STOCK.all("ingredients").map(({ id }) => id);
const anyParts: fc.Arbitrary<Parts> = fc.uniqueArray(
  fc.record({ ingredientId: fc.constantFrom(...ids), parts: fc.integer({ min: 1, max: 9 }) }),
  { minLength: 1, maxLength: 5, selector: ({ ingredientId }) => ingredientId },
);

it("each single change it names brings the mix nearer by just what it says, the best first, each ingredient once (any two mixes)", () => {
  fc.assert(
    fc.property(anyParts, anyParts, fc.subarray(ids, { maxLength: 12 }), (mix, other, from) => {
      const aims = aimsAt(readMeters(blend(other, PANTRY)!, BED));
      const offOf = (parts: Parts) => distance(readMeters(blend(parts, PANTRY)!, BED), aims).whole;
      const steps = closers(mix, aims, from, WHERE);
      expect(steps.map(({ off }) => off)).toEqual(steps.map(({ off }) => off).toSorted((a, b) => a - b));
      expect(new Set(steps.map(({ ingredientId }) => ingredientId)).size).toBe(steps.length);
      for (const { ingredientId, change, parts, off } of steps) {
        const had = mix.find((part) => part.ingredientId === ingredientId)?.parts ?? 0;
        const rest = mix.filter((part) => part.ingredientId !== ingredientId);
        expect(offOf(change === "leaveOut" ? rest : [...rest, { ingredientId, parts: had + parts }])).toBeCloseTo(
          off,
          9,
        );
        expect(off).toBeLessThan(offOf(mix));
      }
    }),
    { numRuns: 60 },
  );
});

it("what hurts is told by whom it hurts: limestone an amphibian's skin, sharp grit who lives on the ground, neither a climber of scales", () => {
  const of = (ingredientId: string, animalId: string) =>
    unsuited(STOCK.get("ingredients", ingredientId), STOCK.get("animals", animalId));
  expect([
    of("limestoneGrit", "tomatoFrog"),
    of("lavaGrit", "leopardGecko"),
    of("lavaGrit", "crestedGecko"),
    of("coir", "tomatoFrog"),
  ]).toEqual(["skin", "digging", undefined, undefined]);
});
