import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { L_PER_US_DRY_QUART } from "../units";
import { barrierCut, depthOfL, ground, levels, soilDepthAt, waterAtL, waterStore, wedgeL } from "./index";

const shell = { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" as const };
const habitat = applyAll(
  startHabitat({
    id: "h", name: "Fernwall", createdAt: "2026-01-05T08:00:00Z", startOn: "2026-01-05", animalId: "crocodileSkink", count: 2,
    room: { temperatureC: 21, humidityRh: 45 }, shell,
  }),
  [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 14 } }],
);

describe("volumes (worked examples, common practice)", () => {
  it("4 US dry quarts (NIST SP 811) on a 12 x 12 in floor lie 4.74 cm deep, loose", () => {
    expect(depthOfL({ widthCm: 30.48, depthCm: 30.48 }, 4 * L_PER_US_DRY_QUART)).toBeCloseTo(4.74, 2);
  });
  it("5 cm of pebbles at 45 % voids on 60 x 45 cm: 13.5 L of pebbles, 6.08 L of water to the barrier", () => {
    expect(levels(habitat)[0]?.volumeL).toBeCloseTo(13.5, 10);
    expect(waterStore(habitat)?.capacityL).toBeCloseTo(6.075, 10);
  });
  it("a soil wedge of 8 cm in front and 14 cm at the back on 60 x 45 cm: 29.7 L", () => {
    expect(wedgeL(shell, 8, 14)).toBeCloseTo(29.7, 10);
    expect(ground(habitat).soilVolumeL).toBeCloseTo(29.7, 10);
  });
});

describe("the ground", () => {
  it("stacks from the glass up and keeps the gap to sill and rim", () => {
    const { surface, underSillCm, underRimCm } = ground(habitat);
    expect(surface.frontCm).toBeCloseTo(5 + 0.03 + 8 + 2, 10);
    expect(underSillCm).toBeCloseTo(17 - 15.03, 10);
    expect(underRimCm).toBeCloseTo(45 - 21.03, 10);
  });
  it("has the depth of a straight slope in between", () => {
    expect(soilDepthAt(ground(habitat), 22.5, 45)).toBeCloseTo(11, 10);
  });
  it("cuts the barrier 2.5 cm larger on each side (common practice, 2 to 3 cm)", () => {
    expect(barrierCut(shell)).toEqual({ widthCm: 65, depthCm: 50 });
  });
  it("fills with water evenly by the void share, and no further than the barrier", () => {
    expect(waterAtL(habitat, 2.5)).toBeCloseTo(6.075 / 2, 10);
    expect(waterAtL(habitat, 40)).toBeCloseTo(6.075, 10);
  });
  it("is never lighter wet than dry, and its mass grows with its floor", () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 250, noNaN: true }), fc.double({ min: 0.1, max: 60, noNaN: true }), (widthCm, frontCm) => {
        const at = (width: number) =>
          ground(applyAll(habitat, [{ name: "setShell", args: { widthCm: width } }, { name: "setSoil", args: { layerId: "soil-1", frontCm } }]));
        expect(at(widthCm).wetKg).toBeGreaterThanOrEqual(at(widthCm).dryKg);
        expect(at(widthCm * 2).dryKg).toBeGreaterThan(at(widthCm).dryKg);
      }),
    );
  });
  it("a box with no layers at all has a bare floor", () => {
    const bare = applyAll(habitat, [{ name: "removeLayers", args: { layerIds: habitat.strata.layers.map((layer) => layer.id) } }]);
    expect(ground(bare)).toMatchObject({ surface: { frontCm: 0, backCm: 0 }, soilVolumeL: 0, dryKg: 0, water: undefined });
  });
});
