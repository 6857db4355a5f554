import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import { applyAll, type Command } from "../habitat";
import { ground } from "../strata";
import { boxKg } from "../shell";
import { evenStressMPa, loads, patchStressMPa } from "./index";
import { boulder, started } from "../testing";

const habitat = started();
const after = (...commands: Command[]) => {
  const made = applyAll(habitat, commands, STOCK);
  return { made, load: loads(made.shell, ground(made, STOCK), STOCK, 0) };
};
const stone = (xCm: number, yCm: number) => boulder({ xCm, yCm, widthCm: 20, depthCm: 20 });

describe("loads", () => {
  it("add the box, its walls, its pieces and its ground, and grow from dry to wet to flooded", () => {
    const { made, load } = after(stone(30, 22), {
      name: "setTreatment",
      args: { wall: "back", treatmentId: "foam", finishId: "cementPaint" },
    });
    expect(load.dryKg).toBeCloseTo(
      boxKg(made.shell, STOCK) + load.wallsKg + load.piecesKg + ground(made, STOCK).dryKg,
      8,
    );
    // An ellipse of 20 cm, 20 high, 70 % stone of 2.65 kg a litre.
    expect(load.piecesKg).toBeCloseTo((Math.PI * 100 * 20 * 0.7 * 2.65) / 1000, 1);
    expect(load.wetKg).toBeGreaterThan(load.dryKg);
    expect(load.floodedKg).toBeGreaterThan(load.wetKg);
  });
  it("stand in the middle of a level box, and lean to where the stone stands; the feet share all of it", () => {
    const level = after().load;
    expect(level.middle.xCm).toBeCloseTo(30, 6);
    const leaning = after(stone(12, 10)).load;
    expect(leaning.middle.xCm).toBeLessThan(level.middle.xCm);
    expect(leaning.middle.yCm).toBeLessThan(level.middle.yCm);
    const feet = Object.values(leaning.feetKg);
    expect(feet.reduce((sum, kg) => sum + kg, 0)).toBeCloseTo(leaning.floodedKg, 8);
    expect(Math.max(...feet)).toBe(leaning.feetKg.frontLeftKg);
  });
  it("name what wants two people (HSE L23: 25 kg)", () => {
    const { load } = after({ name: "setShell", args: { widthCm: 130, depthCm: 60, heightCm: 60, wallMm: 8 } });
    expect(load.lifts.map((lift) => lift.what)).toEqual(["box"]);
    expect(after().load.lifts).toEqual([]);
  });
});

describe("a floor pane carried at its rim (Young & Budynas, Roark's Formulas for Stress and Strain, simply supported plates)", () => {
  it("a square one under an even load: 0.2874 q b² / t²", () => {
    expect(evenStressMPa({ longCm: 60, shortCm: 60, thickMm: 6 }, 1)).toBeCloseTo(0.2874 * 0.001 * 100 ** 2, 10);
    expect(evenStressMPa({ longCm: 120, shortCm: 60, thickMm: 6 }, 1)).toBeCloseTo(0.6102 * 0.001 * 100 ** 2, 10);
    // A very long one is a strip on two supports: 6 q b² / (8 t²).
    expect(evenStressMPa({ longCm: 60000, shortCm: 60, thickMm: 6 }, 1)).toBeCloseTo(0.75 * 0.001 * 100 ** 2, 3);
  });
  it("an even load at any ratio is that of Navier's double series, within a hundredth", () => {
    // Moment across the short side in the middle, q = b = 1, ν = 0.3: Timoshenko & Woinowsky-Krieger, section 5.
    const navier = (ratio: number) => {
      const odd = Array.from({ length: 120 }, (_, n) => 2 * n + 1);
      const terms = odd.flatMap((m) =>
        odd.map((n) => {
          const [long, short] = [(m / ratio) ** 2, n ** 2];
          const sign = (m + n) % 4 === 2 ? 1 : -1;
          return (sign * 16 * (short + 0.3 * long)) / (Math.PI ** 4 * m * n * (long + short) ** 2);
        }),
      );
      return 6 * terms.reduce((sum, term) => sum + term, 0);
    };
    for (const ratio of [1, 1.3, 1.7, 2, 2.2, 2.5, 2.8, 3, 4, 5]) {
      const factor = evenStressMPa({ longCm: 60 * ratio, shortCm: 60, thickMm: 6 }, 1) / (0.001 * 100 ** 2);
      expect(factor / navier(ratio), `${ratio}`).toBeGreaterThan(0.99);
      expect(factor / navier(ratio), `${ratio}`).toBeLessThan(1.01);
    }
  });
  it("a load on a patch bends it the more the smaller the patch, and the less the thicker the pane", () => {
    const plate = { longCm: 60, shortCm: 60, thickMm: 6 };
    expect(patchStressMPa(plate, 100, 5)).toBeCloseTo(
      ((3 * 100) / (2 * Math.PI * 36)) * (1.3 * Math.log((2 * 600) / (Math.PI * 50)) + 0.435),
      10,
    );
    expect(patchStressMPa(plate, 100, 2)).toBeGreaterThan(patchStressMPa(plate, 100, 8));
    expect(patchStressMPa({ ...plate, thickMm: 10 }, 100, 5)).toBeLessThan(patchStressMPa(plate, 100, 5));
  });
  it("is only asked for when the rim alone is carried", () => {
    expect(after().load.pane).toBeUndefined();
    const { pane } = after({ name: "setStandsOn", args: { under: "rim" } }, stone(30, 22)).load;
    expect(pane!.stressMPa).toBeCloseTo(pane!.evenMPa + pane!.patchMPa, 10);
    expect(pane!.heaviestId).toBe("stone");
  });
});
