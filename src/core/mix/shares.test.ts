import { STOCK } from "../library";
import fc from "fast-check";
import { expect, it } from "vitest";
import {
  aimsAt,
  asPercent,
  blend,
  closers,
  distance,
  mostShare,
  normalise,
  readMeters,
  shifted,
  toldTotal,
  withShare,
} from "./index";
import { pantryOf } from "./blend";

const PANTRY = pantryOf(STOCK);
const BED = { footCm: 0, depthCm: 10 };
const WHERE = { pantry: PANTRY, bed: BED };

const anyParts = fc.uniqueArray(
  fc.record({
    ingredientId: fc.constantFrom(...STOCK.all("ingredients").map((i) => i.id)),
    parts: fc.double({ min: 1, max: 100, noNaN: true }),
  }),
  { minLength: 2, maxLength: 8, selector: (part) => part.ingredientId },
);
const shareOf = (parts: ReturnType<typeof withShare>, id: string) =>
  normalise(parts).find((part) => part.ingredientId === id)!.share;

it("one part given a share: locked ones keep theirs, the others their proportions, the told total stays", () => {
  fc.assert(
    fc.property(anyParts, fc.double({ min: 0.01, max: 0.9, noNaN: true }), fc.nat(), (parts, share, lock) => {
      const [first, ...others] = parts;
      const locked = new Set(others.length > 1 ? [others[lock % others.length]!.ingredientId] : []);
      const told = withShare(parts, first!.ingredientId, share, locked);
      expect(toldTotal(told)).toBeCloseTo(toldTotal(parts), 1);
      expect(shareOf(told, first!.ingredientId)).toBeCloseTo(
        Math.min(share, mostShare(parts, first!.ingredientId, locked)),
        2,
      );
      for (const id of locked) expect(shareOf(told, id)).toBeCloseTo(shareOf(parts, id), 2);
    }),
  );
});
it("says which part is locked, and when all others are", () => {
  const parts = [
    { ingredientId: "coir", parts: 3 },
    { ingredientId: "peat", parts: 1 },
  ];
  expect(() => withShare(parts, "coir", 0.5, new Set(["coir"]))).toThrow("coir: is locked");
  expect(() => withShare(parts, "coir", 0.5, new Set(["peat"]))).toThrow("every other part");
  expect(withShare(parts, "coir", 0.5, new Set()).map((part) => part.parts)).toEqual([2, 2]);
});
it("a boundary moves between the next two parts that are not locked, and no part vanishes", () => {
  const parts = [
    { ingredientId: "coir", parts: 5 },
    { ingredientId: "peat", parts: 3 },
    { ingredientId: "charcoal", parts: 2 },
  ];
  const after = (at: number, by: number, ...locked: string[]) =>
    shifted(parts, at, by, new Set(locked)).map((part) => part.parts);
  expect(after(0, 0.1)).toEqual([6, 2, 2]);
  expect(after(0, 0.1, "peat")).toEqual([6, 3, 1]);
  expect(after(1, -0.1, "peat")).toEqual([4, 3, 3]);
  expect(after(0, 0.9)).toEqual([7.99, 0.01, 2]);
  expect(after(0, 0.1, "coir")).toEqual([5, 3, 2]);
});
it("told as per cent they come to 100", () => {
  fc.assert(fc.property(anyParts, (parts) => void expect(toldTotal(asPercent(parts))).toBeCloseTo(100, 6)));
  expect(
    asPercent([
      { ingredientId: "topsoil", parts: 70 },
      { ingredientId: "playSand", parts: 30 },
      { ingredientId: "clayPowder", parts: 10 },
    ]).map((part) => part.parts),
  ).toEqual([63.6, 27.3, 9.1]);
});
it("what is said to bring a mix nearer does, by as much as is said", () => {
  const forest = STOCK.all("recipes").find((recipe) => recipe.id === "treeFernForest")!.parts;
  const aims = aimsAt(readMeters(blend(forest, PANTRY)!, BED));
  const found = closers(
    [
      { ingredientId: "coir", parts: 4 },
      { ingredientId: "playSand", parts: 2 },
    ],
    aims,
    ["treeFernFibre", "peat", "clayPowder"],
    WHERE,
  );
  expect(found.length).toBeGreaterThan(1);
  const [best] = found;
  const told =
    best!.change === "leaveOut"
      ? [{ ingredientId: "coir", parts: 4 }]
      : [
          { ingredientId: "coir", parts: 4 },
          { ingredientId: "playSand", parts: 2 },
          { ingredientId: best!.ingredientId, parts: best!.parts },
        ];
  expect(distance(readMeters(blend(told, PANTRY)!, BED), aims).whole).toBeCloseTo(best!.off, 12);
  expect(closers(forest, aims, ["peat", "clayPowder"], WHERE)).toEqual([]);
});
