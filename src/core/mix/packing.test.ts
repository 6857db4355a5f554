import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Ingredient } from "../catalog";
import { blend, litresFor } from "./blend";
import { bestDensity, classPacking, lostInMixing, pouredDensity, type SizeClass } from "./packing";
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
    const lost = lostInMixing([
      { item: bark, share: 0.7 },
      { item: sand, share: 0.3 },
    ]);
    expect(lost).toBeGreaterThan(0.1);
    const barks = lostInMixing([
      { item: bark, share: 0.5 },
      { item: otherBark, share: 0.5 },
    ]);
    expect(barks).toBeCloseTo(0, 6);
    const mixture = blend(
      [
        { ingredientId: "fineBark", parts: 7 },
        { ingredientId: "playSand", parts: 3 },
      ],
      PANTRY,
    )!;
    expect(mixture.lostPct).toBeGreaterThan(10);
    expect(mixture.pouredKgPerL).toBeGreaterThan(0.7 * bark.pouredKgPerL + 0.3 * sand.pouredKgPerL);
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
      (sum, part) => sum + part.litres * STOCK.get("ingredients", part.ingredientId).pouredKgPerL,
      0,
    );
    expect(kilograms).toBeCloseTo(20 * mixture.pouredKgPerL, 8);
    // And they are what lies, once it has settled.
    expect(kilograms).toBeCloseTo(20 * (1 - mixture.settlesPct / 100) * mixture.kgPerL, 8);
  });
});

describe("what real mixes lose (ranges of the catalogue's reading notes: an opinion; each within a point)", () => {
  const mixed = (parts: Record<string, number>) =>
    blend(
      Object.entries(parts).map(([ingredientId, share]) => ({ ingredientId, parts: share })),
      PANTRY,
    )!;
  const recipe = (id: string) =>
    Object.fromEntries(STOCK.get("recipes", id).parts.map(({ ingredientId, parts }) => [ingredientId, parts]));
  it.each([
    [8.5, { coir: 1, treeFernFibre: 1 }],
    [19, { playSand: 1, coarseBark: 1 }],
    [6.3, recipe("treeFernForest")],
    [11.3, recipe("peatFreeForest")],
    [7.1, { peat: 1, perlite: 1 }],
    [14.8, { fineBark: 3, peat: 1, playSand: 1 }],
    [3, { topsoil: 7, playSand: 3 }],
  ] as const)("%s %% is lost of %o", (wanted, parts) => {
    expect(Math.abs(mixed(parts).lostPct - wanted)).toBeLessThan(1);
  });
  it("from measuring out to lying, forest mixes sink by 17 to 22 % in all", () => {
    for (const id of ["treeFernForest", "peatFreeForest", "peatFreeBark"]) {
      const { lostPct, settlesPct } = mixed(recipe(id));
      const sunkPct = 100 - (100 - lostPct) * (1 - settlesPct / 100);
      expect(sunkPct, id).toBeGreaterThan(17);
      expect(sunkPct, id).toBeLessThan(22);
    }
  });
});

describe("an ingredient's own spread of sizes", () => {
  it("lies alone just as it is told to lie (all ingredients)", () => {
    for (const { id, sizes, betweenPct, springiness } of STOCK.all("ingredients")) {
      const packing = classPacking({ sizes, betweenPct, springiness });
      const classes = [-1.4652, -0.7916, -0.3661, 0, 0.3661, 0.7916, 1.4652].map((z) => ({
        grainMm: sizes.medianMm * sizes.geometricDeviation ** z,
        packing,
        share: 1 / 7,
      }));
      expect(pouredDensity(classes), id).toBeCloseTo(1 - betweenPct / 100, 6);
      expect(packing, id).toBeLessThanOrEqual(1 - betweenPct / 100 + 1e-9);
    }
  });
});
