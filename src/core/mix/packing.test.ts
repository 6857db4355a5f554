import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Ingredient } from "../catalog";
import { blend, litresFor } from "./blend";
import { bestDensity, lostInMixing, pouredDensity, type SizeClass } from "./packing";
import { pantryOf } from "./blend";

const PANTRY = pantryOf(STOCK);

const coarse = (share: number): SizeClass => ({ grainMm: 1e6, packing: 0.6, share });
const fine = (share: number): SizeClass => ({ grainMm: 1, packing: 0.55, share });

describe("packing of size classes (compressible packing model, de Larrard 1999)", () => {
  it("one class alone lies as it lies", () => expect(bestDensity([coarse(1)])).toBeCloseTo(0.6, 10));

  it("sizes worlds apart keep Furnas's two limits: fines in the gaps of the coarse, or coarse pieces in a bed of fines", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), (y) => {
        const inTheGaps = 0.6 / (1 - y);
        const inTheBed = 0.55 / (1 - (1 - 0.55) * (1 - y));
        expect(bestDensity([coarse(1 - y), fine(y)])).toBeCloseTo(Math.min(inTheGaps, inTheBed), 3);
      }),
    );
  });
  it("at its best a mixture of two fills the coarse one's gaps with the fine one: 0.6 + 0.4 × 0.55", () => {
    const best = Math.max(
      ...Array.from({ length: 999 }, (_, at) => bestDensity([coarse(1 - (at + 1) / 1000), fine((at + 1) / 1000)])),
    );
    expect(best).toBeCloseTo(0.6 + 0.4 * 0.55, 2);
  });
  it("equal sizes only take each other's place: nothing is lost", () => {
    const one = { grainMm: 8, packing: 0.52, share: 0.3 };
    const other = { grainMm: 8, packing: 0.58, share: 0.7 };
    expect(bestDensity([one, other])).toBeCloseTo(1 / (0.3 / 0.52 + 0.7 / 0.58), 10);
    expect(pouredDensity([one, other])).toBeCloseTo(1 / (0.3 / 0.52 + 0.7 / 0.58), 8);
  });
  it("poured, one class lies as it lies, and a mixture denser than either and looser than at best", () => {
    expect(pouredDensity([coarse(1)])).toBeCloseTo(0.6, 8);
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.95, noNaN: true }), (y) => {
        const poured = pouredDensity([coarse(1 - y), fine(y)]);
        expect(poured).toBeGreaterThan(1 / ((1 - y) / 0.6 + y / 0.55) - 1e-9);
        expect(poured).toBeLessThan(
          bestDensity([coarse(1 - y), fine(y)].map((one) => ({ ...one, packing: one.packing * (1 + 1 / 4.1) }))),
        );
      }),
    );
  });
});

describe("a mix", () => {
  it("of bark and sand loses volume, of two barks none, and lies heavier and tighter for it", () => {
    const [bark, otherBark, sand] = ["fineBark", "eucalyptBark", "playSand"].map((id) =>
      STOCK.get("ingredients", id),
    ) as [Ingredient, Ingredient, Ingredient];
    const lost = lostInMixing(
      [
        { item: bark, share: 0.7 },
        { item: sand, share: 0.3 },
      ],
      0.35,
    );
    expect(lost).toBeGreaterThan(0.1);
    expect(
      lostInMixing(
        [
          { item: bark, share: 0.5 },
          { item: otherBark, share: 0.5 },
        ],
        0.4,
      ),
    ).toBeCloseTo(0, 10);
    const mixture = blend(
      [
        { ingredientId: "fineBark", parts: 7 },
        { ingredientId: "playSand", parts: 3 },
      ],
      PANTRY,
    )!;
    expect(mixture.lostPct).toBeGreaterThan(10);
    expect(mixture.looseKgPerL).toBeGreaterThan(0.7 * bark.looseKgPerL + 0.3 * sand.looseKgPerL);
  });
  it("asks for so much more of its parts, and their matter is all still there", () => {
    const parts = [
      { ingredientId: "fineBark", parts: 7 },
      { ingredientId: "playSand", parts: 3 },
    ];
    const mixture = blend(parts, PANTRY)!;
    const litres = litresFor(parts, 20, PANTRY);
    expect(litres.reduce((sum, part) => sum + part.litres, 0) * (1 - mixture.lostPct / 100)).toBeCloseTo(20, 8);
    // Kilograms measured out are the kilograms of the mixed litres.
    const kilograms = litres.reduce(
      (sum, part) => sum + part.litres * STOCK.get("ingredients", part.ingredientId).looseKgPerL,
      0,
    );
    expect(kilograms).toBeCloseTo(20 * mixture.looseKgPerL, 8);
  });
});
