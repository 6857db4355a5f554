import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blend, makePlan, refresh } from "./index";
import { pantryOf } from "./blend";

const PANTRY = pantryOf(STOCK);

const recipe = (id: string) => STOCK.all("recipes").find((other) => other.id === id)!.parts;
const bench = { vesselL: 12, scoopL: 0.5, liftKg: 25 };

describe("making a mix", () => {
  it("fits every batch into the vessel with room to turn it, in as few as can be, and all of it is there", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STOCK.all("recipes")),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        fc.double({ min: 2, max: 90, noNaN: true }),
        ({ parts }, looseL, vesselL) => {
          const plan = makePlan(parts, { looseL, moistL: looseL * 0.85, dryL: 0 }, { ...bench, vesselL }, PANTRY)!;
          const measured = plan.measured.reduce((sum, part) => sum + part.litres, 0);
          expect(measured / plan.batches).toBeLessThanOrEqual(vesselL * 0.8 + 1e-6);
          if (plan.batches > 1) expect(measured / (plan.batches - 1)).toBeGreaterThan(vesselL * 0.8 - 1e-6);
          expect(measured * (1 - blend(parts, PANTRY)!.lostPct / 100)).toBeCloseTo(looseL, 6);
          expect(plan.batchLooseL * plan.batches).toBeCloseTo(looseL, 9);
          const named = plan.steps.filter(({ id }) => id !== "soak").flatMap((step) => step.ingredientIds);
          expect(named.toSorted()).toEqual(parts.map((part) => part.ingredientId).toSorted());
        },
      ),
    );
  });
  it("soaks two bricks of coir for 15 L of it: 7.6 L of water (common practice: 3.8 L a brick, 7 to 9 L of coir)", () => {
    const plan = makePlan([{ ingredientId: "coir", parts: 1 }], { looseL: 15, moistL: 12.5, dryL: 0 }, bench, PANTRY)!;
    expect(plan.soaks).toEqual([
      { ingredientId: "coir", bricks: 2, brick: STOCK.get("ingredients", "coir").brick, waterL: 7.6 },
    ]);
    expect(plan.steps[0]).toEqual({ id: "soak", ingredientIds: ["coir"] });
    expect(plan.brickWaterL).toBeLessThanOrEqual(plan.moistWaterL);
  });
  it("gives a semi-arid build two waters: squeeze-ready below, a tenth of that by volume above (from memory)", () => {
    const both = makePlan(recipe("redDesert"), { looseL: 22, moistL: 10, dryL: 10 }, bench, PANTRY)!;
    expect(both.dryWaterL).toBeCloseTo(both.moistWaterL * 0.1, 9);
    expect(both.dryWaterL).toBeGreaterThan(0);
  });
  it("says how many batches keep each under the lifting limit: wet sand in a tub, by its mass and its water", () => {
    const sand = makePlan(
      [{ ingredientId: "playSand", parts: 1 }],
      { looseL: 60, moistL: 54, dryL: 0 },
      { vesselL: 90, scoopL: 1, liftKg: 25 },
      PANTRY,
    )!;
    expect(sand.batches).toBe(1);
    // 1.5 kg a poured litre, and seven tenths of the 33 % it holds at 1 kPa.
    const wetKg = 60 * 1.5 + 54 * 0.33 * 0.7;
    expect(sand.batchWetKg).toBeCloseTo(wetKg, 9);
    expect(sand.batchesToLift).toBe(Math.ceil(wetKg / 25));
  });
  it("refuses a vessel of nothing by name, and makes nothing of an empty mix", () => {
    expect(() =>
      makePlan(recipe("burrow"), { looseL: 10, moistL: 9, dryL: 0 }, { ...bench, vesselL: 0 }, PANTRY),
    ).toThrow("vesselL");
    expect(makePlan([], { looseL: 10, moistL: 9, dryL: 0 }, bench, PANTRY)).toBeUndefined();
  });
});

describe("refreshing an old soil", () => {
  const forest = recipe("peatFreeBark");

  it("sinks more the older it is, and the top-up brings back what is gone", () => {
    const sunk = [0, 6, 12, 24, 48].map((months) => refresh(forest, [{ volumeL: 20, months }], 10, PANTRY)!);
    expect(sunk.map((one) => one.sunkCm)).toEqual(sunk.map((one) => one.sunkCm).toSorted((a, b) => a - b));
    for (const one of sunk) expect(one.aged.leftL + one.topUpVolumeL).toBeCloseTo(20, 9);
    expect(sunk[0]).toMatchObject({ sunkCm: expect.closeTo(0, 9), advice: "wait" });
  });
  it("advises 2.5 to 5 cm at a time (common practice), by the ruler before the reckoning", () => {
    const by = (measured: number) => refresh(forest, [{ volumeL: 40, months: 12 }], 20, PANTRY, measured)!;
    expect([1, 2.5, 4, 5, 7].map((cm) => by(cm).advice)).toEqual(["wait", "topUp", "topUp", "topUp", "twoRounds"]);
    expect(by(4).topUpVolumeL).toBeCloseTo(8, 9);
  });
  it("counts what was topped up before with its own age", () => {
    const old = { volumeL: 20, months: 24 };
    const left = refresh(forest, [old], 10, PANTRY)!;
    const topped = refresh(forest, [old, { volumeL: left.topUpVolumeL, months: 0 }], 10, PANTRY)!;
    expect(topped.sunkCm).toBeLessThan(0.35);
    expect(() => refresh(forest, [{ volumeL: 20, months: -1 }], 10, PANTRY)).toThrow("laid");
    expect(refresh([], [old], 10, PANTRY)).toBeUndefined();
  });
});
