import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DE_BOODT_1972, catalog } from "../catalog";
import { blend, firstWettingL, litresFor, normalise, toldTotal } from "./index";

const burrow = [
  { ingredientId: "topsoil", parts: 70 },
  { ingredientId: "playSand", parts: 30 },
  { ingredientId: "clayPowder", parts: 10 },
];

describe("mixes", () => {
  it("normalise a recipe told as 70/30/10 (110 in all) to 63.6/27.3/9.1 % (common practice, worked example)", () => {
    expect(toldTotal(burrow)).toBe(110);
    expect(normalise(burrow).map(({ share }) => Number((share * 100).toFixed(1)))).toEqual([63.6, 27.3, 9.1]);
    expect(normalise([])).toEqual([]);
    expect(blend([])).toBeUndefined();
  });

  const anyParts = fc.uniqueArray(
    fc.record({ ingredientId: fc.constantFrom(...catalog.ingredients.map((i) => i.id)), parts: fc.double({ min: 0.01, max: 1e4, noNaN: true }) }),
    { minLength: 1, selector: (part) => part.ingredientId },
  );
  it("never hold more water than there are pores, and their litres add up to the whole and what mixing loses", () => {
    fc.assert(
      fc.property(anyParts, (parts) => {
        const mixture = blend(parts)!;
        expect(mixture.waterHeldPct).toBeLessThanOrEqual(mixture.totalPorosityPct + 1e-9);
        expect(firstWettingL(mixture, 10)).toBeLessThanOrEqual(10);
        expect(litresFor(parts, 24).reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(24 / (1 - mixture.lostPct / 100), 6);
      }),
    );
  });

  it(`the tree-fern forest mix comes near the ideal container medium: pores over 85 %, air 20-30 % at 1 kPa (${DE_BOODT_1972})`, () => {
    const forest = blend(catalog.recipes.find((recipe) => recipe.id === "treeFernForest")!.parts)!;
    expect(forest.totalPorosityPct).toBeGreaterThan(85);
    // An epiphyte mix is coarser than a pot medium: more air than the ideal, by intent.
    expect(forest.airSpacePct).toBeGreaterThan(30);
  });
});
