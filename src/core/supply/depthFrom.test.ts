import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { derived, made, scene, started } from "../testing";
import { depthFrom, EMPTY_BINS, kgALitre, litresAtHand, withStock, type Bins } from "./index";
import { STOCK } from "../library";

const box = started();
const looseOf = (of: ReturnType<typeof scene>, layerId: string) => of.ground.levelOf(layerId)!.looseL;

describe("from what there is to how deep it gets", () => {
  it("gives back the depth that asked for the litres, level or sloped, in every poured layer", () => {
    const layers = fc.constantFrom("drainage-1", "soil-1", "dressing-1");
    fc.assert(
      fc.property(layers, fc.double({ min: 1, max: 14, noNaN: true }), (layerId, cm) => {
        const sloped = made(box, { name: "setSoil", args: { layerId: "soil-1", frontCm: 6, backCm: 9 } });
        const deep = layerId === "soil-1" ? { frontCm: cm, backCm: cm + 3 } : undefined;
        const wished = scene(
          made(
            sloped,
            deep
              ? { name: "setSoil", args: { layerId, ...deep } }
              : { name: "setDepth", args: { layerId, depthCm: cm } },
          ),
        );
        const back = depthFrom(scene(sloped), layerId, looseOf(wished, layerId))!;
        expect(back.frontCm).toBeCloseTo(cm, 3);
        expect(back.leftL).toBeLessThan(0.01);
      }),
      { numRuns: 25 },
    );
  });
  it("worked by hand: 27.3 L of pebbles that settle by a twentieth lie 9.61 cm deep in 60 x 45 cm", () => {
    // 27.3 L x 0.95 over 2,700 cm² is 9.606 cm.
    expect(depthFrom(scene(box), "drainage-1", 27.3)!.frontCm).toBeCloseTo(9.606, 2);
  });
  it("stops at the rim, and says what is left over", () => {
    const full = depthFrom(scene(box), "soil-1", 1000)!;
    const filled = derived(made(box, ...full.commands));
    expect(filled.ground.underRimCm).toBeGreaterThanOrEqual(-0.01);
    expect(full.leftL).toBeCloseTo(1000 - full.usedL, 6);
    expect(full.usedL).toBeLessThan(200);
  });
  it("nothing makes nothing, and a screen is not poured", () => {
    expect(depthFrom(scene(box), "soil-1", 0)).toBeUndefined();
    expect(depthFrom(scene(box), "barrier-1", 5)).toBeUndefined();
  });
});

describe("what is in the bins", () => {
  const put = (bins: Bins, shelf: "ingredients" | "drainageMedia", itemId: string, looseL: number): Bins =>
    withStock(bins, { id: `${shelf}-${itemId}`, shelf, itemId, amount: { kind: "loose", looseL } }, STOCK);
  it("of a mix is as much as its scarcest part allows", () => {
    const parts = box.mixes[0]!.parts;
    const plenty = parts.reduce((bins, { ingredientId }) => put(bins, "ingredients", ingredientId, 100), EMPTY_BINS);
    const some = litresAtHand(scene(box), "soil-1", plenty);
    const scarce = put(plenty, "ingredients", parts[0]!.ingredientId, 1);
    expect(litresAtHand(scene(box), "soil-1", scarce)).toBeLessThan(some);
    expect(litresAtHand(scene(box), "soil-1", EMPTY_BINS)).toBe(0);
  });
  it("of a medium is its litres", () => {
    expect(litresAtHand(scene(box), "drainage-1", put(EMPTY_BINS, "drainageMedia", "clayPebbles", 12))).toBe(12);
  });
  it("what is not sold loose weighs nothing a litre", () => {
    expect(kgALitre("plants", "nervePlant", STOCK)).toBeUndefined();
    expect(kgALitre("ingredients", "playSand", STOCK)).toBeGreaterThan(1.3);
  });
});
