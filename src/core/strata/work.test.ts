import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Command, type Design } from "../habitat";
import { STOCK } from "../library";
import { boulder, made, type PieceArgs, started } from "../testing";
import { cutSheets, fillStrips, ground, legSpacingCm } from "./index";

const habitat = made(
  started(),
  { name: "setDepth", args: { layerId: "drainage-1", depthCm: 5 } },
  { name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 14 } },
);
const after = (from: Design, ...commands: Command[]) => ground(made(from, ...commands), STOCK);
const piece = (more: Partial<PieceArgs>) => boulder({ id: "p", ...more });

describe("false bottoms", () => {
  const onLegs = made(
    habitat,

    { name: "removeLayers", args: { layerIds: ["drainage-1"] } },
    {
      name: "addLayer",
      args: { layer: { id: "grid", kind: "falseBottom", materialId: "diffuserGrid", depthCm: 7 } },
    },
  );
  it("legs stand no further apart than a simply supported strip bears: q s² / 8 within strength, 5 q s⁴ / 384 E I within a two-hundredth (Roark)", () => {
    const plate = STOCK.get("falseBottoms", "diffuserGrid");
    for (const kPa of [0.5, 1, 3, 8]) {
      const s = legSpacingCm(plate, kPa) / 100;
      const [q, t, solid] = [kPa * 1000, 0.012, 0.12];
      expect((q * s ** 2) / 8 / ((solid * t ** 2) / 6)).toBeLessThanOrEqual(5e6 * 1.000001);
      expect((5 * q * s ** 4) / (384 * 3e9 * 0.33 * ((solid * t ** 3) / 12))).toBeLessThanOrEqual((s / 200) * 1.000001);
    }
    expect(legSpacingCm(plate, 8)).toBeLessThan(legSpacingCm(plate, 1));
  });
  it("are cut from so much pipe, each leg the plate's thickness short, and hold open water", () => {
    const { legs, water } = ground(onLegs, STOCK);
    expect(legs[0]!.legCm).toBeCloseTo(7 - 1.2, 10);
    expect(legs[0]!.pipeCm).toBeCloseTo(legs[0]!.legs.length * (5.8 + 0.3), 8);
    expect(legs[0]!.legs.length).toBeGreaterThanOrEqual(9);
    expect(water!.capacityL).toBeGreaterThan((2700 * 7 * 0.97) / 1000);
    expect(water!.capacityL).toBeLessThan((2700 * 7) / 1000);
  });
  it("leave legs out where a column stands", () => {
    const before = ground(onLegs, STOCK).legs[0]!.legs;
    const [x, y] = before[0]!;
    const withColumn = after(onLegs, piece({ kindId: "pumpColumn", xCm: x, yCm: y, widthCm: 6, depthCm: 6 }));
    expect(withColumn.legs[0]!.legs.length).toBe(before.length - 1);
  });
});

describe("cut sheets and fill strips", () => {
  it("cut the barrier 2.5 cm larger on each side (common practice, 2 to 3 cm), with a hole where a column passes", () => {
    expect(cutSheets(ground(habitat, STOCK), STOCK)[0]).toMatchObject({
      widthCm: 65,
      depthCm: 50,
      notches: [],
    });
    const holed = made(habitat, piece({ kindId: "pumpColumn", xCm: 50, yCm: 40, widthCm: 8, depthCm: 6 }));
    expect(cutSheets(ground(holed, STOCK), STOCK)[0]).toMatchObject({
      strips: 1,
      notches: [{ xCm: 48.5, yCm: 39.5, widthCm: 8, depthCm: 6, round: false }],
    });
  });
  it("a floor wider than the roll takes strips that overlap and cover it", () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 400, noNaN: true }), (size) => {
        const wide = made(habitat, { name: "setShell", args: { widthCm: size, depthCm: size } });
        const [sheet] = cutSheets(ground(wide, STOCK), STOCK);
        expect(sheet!.stripWidthCm).toBeLessThanOrEqual(sheet!.rollWidthCm + 1e-9);
        expect(sheet!.strips * sheet!.stripWidthCm - (sheet!.strips - 1) * sheet!.overlapCm).toBeCloseTo(size + 5, 6);
      }),
    );
  });
  it("a strip stands at each corner, with the heights there pressed and loose", () => {
    const strips = fillStrips(habitat, ground(habitat, STOCK), STOCK);
    expect(strips.map((strip) => strip.place)).toEqual(["frontLeft", "frontRight", "backRight", "backLeft"]);
    const [frontLeft, , backRight] = strips;
    expect(frontLeft!.lines.map((line) => Number(line.pressedCm.toFixed(1)))).toEqual([5, 13, 15]);
    expect(backRight!.lines.at(-1)!.pressedCm).toBeCloseTo(21.03, 1);
    expect(frontLeft!.lines[0]!.looseCm).toBeCloseTo(5 / 0.95, 6);
  });
});
