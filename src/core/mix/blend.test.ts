import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DE_BOODT_1972 } from "../catalog";
import {
  type Blend,
  age,
  aimsAt,
  blend,
  distance,
  DOES,
  firstWettingL,
  heldPct,
  litresFor,
  mixTarget,
  normalise,
  readMeters,
  SCALES,
  standing,
  toldTotal,
} from "./index";
import { pantryOf } from "./blend";

const PANTRY = pantryOf(STOCK);

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
    expect(blend([], PANTRY)).toBeUndefined();
  });

  const anyParts = fc.uniqueArray(
    fc.record({
      ingredientId: fc.constantFrom(...STOCK.all("ingredients").map((i) => i.id)),
      parts: fc.double({ min: 0.01, max: 1e4, noNaN: true }),
    }),
    { minLength: 1, selector: (part) => part.ingredientId },
  );
  it("never hold more water than there are pores, and their litres add up to the whole and what mixing loses", () => {
    fc.assert(
      fc.property(anyParts, (parts) => {
        const mixture = blend(parts, PANTRY)!;
        for (const depthCm of [0, 3, 10, 60]) {
          const held = heldPct(mixture, { footCm: 0, depthCm });
          expect(held).toBeLessThanOrEqual(mixture.totalPorosityPct + 0.1);
          expect(held).toBeGreaterThan(0);
        }
        expect(firstWettingL(mixture, 10)).toBeLessThanOrEqual(10);
        expect(litresFor(parts, 24, PANTRY).reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(
          24 / (1 - mixture.lostPct / 100),
          6,
        );
      }),
    );
  });

  it(`the tree-fern forest mix has pores over 85 %, as the ideal container medium, and more air than its 20 to 30 % at 1 kPa (${DE_BOODT_1972})`, () => {
    const forest = blend(STOCK.all("recipes").find((recipe) => recipe.id === "treeFernForest")!.parts, PANTRY)!;
    expect(forest.totalPorosityPct).toBeGreaterThan(85);
    // An epiphyte mix is coarser than a pot medium: its school's target reaches to 50 % of air.
    const air = forest.totalPorosityPct - forest.at1kPaPct;
    expect(air).toBeGreaterThan(30);
    expect(air).toBeLessThan(50);
  });
  it("a bark, peat and sand pot mix lies in the ranges for container media: pores 50 to 85, air 10 to 30, held 45 to 65 %, 0.19 to 0.70 kg/L in a core of 7.6 cm (Bilderback et al. 2005, HortTechnology 15:747-751)", () => {
    const pot = blend(
      [
        { ingredientId: "fineBark", parts: 3 },
        { ingredientId: "peat", parts: 1 },
        { ingredientId: "playSand", parts: 1 },
      ],
      PANTRY,
    )!;
    const held = heldPct(pot, { footCm: 0, depthCm: 7.6 });
    const between = (value: number, [low, high]: readonly [number, number]) => value >= low && value <= high;
    expect(between(pot.totalPorosityPct, [50, 85])).toBe(true);
    expect(between(held, [45, 65])).toBe(true);
    expect(between(pot.totalPorosityPct - held, [10, 30])).toBe(true);
    expect(between(pot.kgPerL, [0.19, 0.7])).toBe(true);
  });

  it("by themselves are what the ingredient is, whatever the number of parts", () => {
    for (const item of STOCK.all("ingredients")) {
      const alone = blend([{ ingredientId: item.id, parts: 7 }], PANTRY)!;
      expect(alone).toMatchObject({
        pH: expect.closeTo(item.freeLimePct > 0 ? Math.max(item.pH, 7.8) : item.pH, 9),
        cohesionKPa: item.cohesionKPa,
        lostPct: 0,
        peatPct: item.peat === "yes" ? 100 : 0,
        maybePeatPct: item.peat === "maybe" ? 100 : 0,
        kgPerL: expect.closeTo(item.laid.kgPerL, 2),
        totalPorosityPct: expect.closeTo(item.laid.totalPorosityPct, 9),
        at1kPaPct: expect.closeTo(item.laid.at1kPaPct, 9),
        settlesPct: expect.closeTo(item.settlesPct, 9),
      });
      if (item.halvesInMonths === null) expect(alone.halvesInMonths).toBeNull();
      else expect(alone.halvesInMonths).toBeCloseTo(item.halvesInMonths, 6);
    }
  });
  it("stand between their parts in acidity, and nearer the one that holds its pH more firmly", () => {
    const half = blend(
      [
        { ingredientId: "peat", parts: 1 },
        { ingredientId: "clayLoam", parts: 1 },
      ],
      PANTRY,
    )!;
    expect(half.pH).toBeCloseTo((38 * 3.9 + 70 * 6.8) / 108, 9);
  });
  it("rise with lime by its charge, 20 mmol a gram of calcite, and come to rest between 7 and 8, whatever more there is", () => {
    const limed = (parts: number) =>
      blend(
        [
          { ingredientId: "peat", parts: 1000 },
          { ingredientId: "limePowder", parts },
        ],
        PANTRY,
      )!;
    // 2 mL a litre of a lime powder of 1.1 kg/L and 97 % is 2.13 g, or 42.7 mmol against a buffer of 38.
    expect(limed(2).pH - 3.9).toBeCloseTo((2 * 1.1 * 0.97 * 20) / 38, 1);
    expect([limed(20).pH, limed(200).pH]).toEqual([7.8, 7.8]);
    expect(limed(20).freeLimePct).toBeGreaterThan(1);
  });
  it("seal with a twentieth of swelling clay, and not with as much plain clay", () => {
    const drains = (clay: string) =>
      blend(
        [
          { ingredientId: "playSand", parts: 95 },
          { ingredientId: clay, parts: 5 },
        ],
        PANTRY,
      )!.conductivity;
    expect(drains("swellingClay")).toBeLessThanOrEqual(1);
    expect(drains("clayPowder")).toBeGreaterThan(1);
  });
  it("last until half is gone: leaf that halves in 8 months and sand that never does, half and half, never come to it", () => {
    expect(
      blend(
        [
          { ingredientId: "crushedLeaf", parts: 1 },
          { ingredientId: "playSand", parts: 1 },
        ],
        PANTRY,
      )!.halvesInMonths,
    ).toBeNull();
    // 0.8 × 0.5^(t/8) + 0.2 = 0.5 at t = 8 × log2(0.8 / 0.3).
    expect(
      blend(
        [
          { ingredientId: "crushedLeaf", parts: 4 },
          { ingredientId: "playSand", parts: 1 },
        ],
        PANTRY,
      )!.halvesInMonths,
    ).toBeCloseTo(8 * Math.log2(0.8 / 0.3), 6);
  });
});

describe("the distance of two mixes", () => {
  const readingsOf = (id: string) =>
    readMeters(blend(STOCK.all("recipes").find((recipe) => recipe.id === id)!.parts, PANTRY)!, {
      footCm: 0,
      depthCm: 10,
    });

  it("is nothing to itself, the same both ways, and names the meter that is furthest off", () => {
    const [forest, desert] = [readingsOf("treeFernForest"), readingsOf("redDesert")];
    expect(distance(forest, aimsAt(forest))).toEqual({
      whole: 0,
      by: Object.fromEntries(DOES.map((id) => [id, 0])),
      most: undefined,
    });
    expect(distance(forest, aimsAt(desert)).whole).toBeCloseTo(distance(desert, aimsAt(forest)).whole, 12);
    const { by, most, whole } = distance(forest, aimsAt(desert));
    expect(by[most!]).toBe(Math.max(...Object.values(by)));
    expect(whole).toBeGreaterThan(0.15);
    expect(distance(readingsOf("peatFreeForest"), aimsAt(forest)).whole).toBeLessThan(whole / 2);
  });
  it("grows with every step out of a range, by the share of the scale", () => {
    const forest = readingsOf("treeFernForest");
    const air = (off: number) => distance({ ...forest, air: 30 + off }, { air: [20, 30] }).whole;
    expect([air(-5), air(0)]).toEqual([0, 0]);
    expect(air(6)).toBeCloseTo(6 / (SCALES.air[1] - SCALES.air[0]), 12);
    expect([
      standing(19.9, [20, 30]),
      standing(20, [20, 30]),
      standing(30.1, [20, 30]),
      standing(5, undefined),
    ]).toEqual(["below", "in", "above", "free"]);
  });
  it("of the peat-free forest mix to a humid forest's target: water, air and easy water in range, the last about the ideal 20 to 30 % (De Boodt & Verdonck 1972, Acta Horticulturae 26)", () => {
    const targetFor = (animalId: string) => mixTarget(STOCK.get("animals", animalId), false);
    const aims = targetFor("dyeingPoisonFrog");
    const readings = readingsOf("peatFreeForest");
    for (const id of ["water", "air", "easyWater"] as const) expect(standing(readings[id], aims[id]), id).toBe("in");
    expect(readings.easyWater).toBeGreaterThan(18);
    expect(aims.easyWater?.[1]).toBe(30);
    expect(standing(readingsOf("redDesert").water, aims.water)).toBe("below");
    expect(aims.burrow).toBeUndefined();
    expect(targetFor("emperorScorpion").burrow).toEqual([6, 45]);
  });
});

describe("an old soil", () => {
  it("of stuff that never rots is what it was; of one that halves, half and a fifth of the other half as humus", () => {
    expect(age([{ ingredientId: "playSand", parts: 1 }], [{ volumeL: 10, months: 60 }], PANTRY)!.leftL).toBeCloseTo(
      10,
      9,
    );
    const leaf = age([{ ingredientId: "crushedLeaf", parts: 1 }], [{ volumeL: 10, months: 8 }], PANTRY)!;
    const lies = ({ lostPct, settlesPct }: Blend) => (1 - lostPct / 100) * (1 - settlesPct / 100);
    expect((leaf.leftL * lies(leaf.fresh)) / lies(leaf.now)).toBeCloseTo(10 * (0.5 + 0.5 * 0.2), 9);
  });
});
