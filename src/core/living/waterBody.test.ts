import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, FERNWALL, started } from "../testing";
import { aquaticLineCm, plantFit, usualStand, waterBody, waterInBoxL } from "./index";

const TANK = { ...FERNWALL.shell, widthCm: 100, depthCm: 40, heightCm: 50, sillCm: 0 };
const newts = derived(started({ animalId: "iberianRibbedNewt", count: 3, shell: TANK }));

describe("the water an animal lives in", () => {
  it("is share of the floor times depth: 100 × 40 cm of floor, 85 to 100 % of it, 15 to 30 cm deep", () => {
    const body = waterBody(newts.animal, newts.habitat.shell);
    expect(body?.depthCm).toEqual([15, 30]);
    expect(body?.litres[0]).toBeCloseTo((100 * 40 * 0.85 * 15) / 1000, 6);
    expect(body?.litres[1]).toBeCloseTo(120, 6);
  });

  it("weighs on the stand, a kilogram a litre, at its most; a bowl's does not, as the bowl is a piece", () => {
    const dry = derived(started({ animalId: "crocodileSkink", shell: TANK }));
    expect(newts.load.wetKg - newts.load.dryKg).toBeCloseTo(120, 3);
    expect(waterInBoxL(STOCK.get("animals", "leopardGecko"), dry.habitat.shell)).toEqual([0, 0]);
  });

  it("never stands deeper than the box, nor within a hand of its rim", () => {
    const low = derived(started({ animalId: "axolotl", shell: { ...TANK, heightCm: 20 } }));
    expect(waterBody(low.animal, low.habitat.shell)?.depthCm[1]).toBeLessThanOrEqual(20);
    expect(aquaticLineCm(low.animal, low.habitat.shell, 0)).toBe(12);
    expect(aquaticLineCm(STOCK.get("animals", "vampireCrab"), low.habitat.shell, 0)).toBeUndefined();
  });

  it("is where a plant goes that grows on wood elsewhere but can live under water", () => {
    const fern = STOCK.get("plants", "javaFern");
    expect(usualStand(newts, fern).spot).toBe("water");
    expect(plantFit(fern, newts, usualStand(newts, fern)).reasons.map(({ code }) => code)).not.toContain(
      "humidity.tooDry",
    );
    const skink = derived(started());
    expect(usualStand(skink, fern).spot).toBeNull();
  });
});
