import { STOCK } from "../library";
import { expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { ground, mixWanted } from "./index";

const begun = startHabitat(
  {
    id: "h",
    name: "Box",
    createdAt: "2026-01-05T08:00:00Z",
    startOn: "2026-01-05",
    animalId: "crocodileSkink",
    count: 2,
    room: { temperatureC: 21, humidityRh: 45 },
    shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 0, top: "mesh" },
  },
  STOCK,
);
const habitat = applyAll(begun, [{ name: "setDepth", args: { layerId: "soil-1", depthCm: 9 } }], STOCK);

it("9 cm on 60 x 45 want 24.3 L in place (worked example), and so much loose as settling asks; what is laid dry is told apart", () => {
  const land = ground(habitat, STOCK);
  const wanted = mixWanted(habitat, land, "mix-1", 18);
  expect([wanted.volumeL, wanted.laying.moistL, wanted.laying.dryL]).toEqual([
    expect.closeTo(24.3, 6),
    expect.closeTo(24.3, 6),
    0,
  ]);
  expect(wanted.depthCm).toBeCloseTo(9, 6);
  expect(wanted.laying.looseL).toBeGreaterThan(24.3);
  const dry = applyAll(habitat, [{ name: "setLaid", args: { layerId: "soil-1", laid: "dry" } }], STOCK);
  expect(mixWanted(dry, ground(dry, STOCK), "mix-1", 18).laying).toMatchObject({
    moistL: 0,
    dryL: expect.closeTo(24.3, 6),
  });
  expect(mixWanted(habitat, land, "elsewhere", 18)).toMatchObject({ volumeL: 0, depthCm: 0 });
});

it("lifts of one mix in two zones are two beds, each as deep as it is there, and not one as deep as both", () => {
  const zoned = applyAll(
    habitat,
    [
      {
        name: "addZone",
        args: {
          id: "warm",
          name: "Warm",
          points: [
            [0, 0],
            [20, 0],
            [20, 45],
            [0, 45],
          ],
          retaining: null,
        },
      },
      { name: "setOver", args: { layerId: "soil-1", over: { on: "rest" } } },
      {
        name: "addLayer",
        args: {
          layer: {
            id: "bed",
            kind: "soil",
            mixId: "mix-1",
            frontCm: 4,
            backCm: 4,
            over: { on: "zone", zoneId: "warm" },
          },
        },
      },
    ],
    STOCK,
  );
  const { beds, depthCm, volumeL } = mixWanted(zoned, ground(zoned, STOCK), "mix-1", 18);
  expect(beds.map((bed) => [bed.zoneId, bed.depthCm, bed.volumeL])).toEqual([
    [undefined, expect.closeTo(9, 6), expect.closeTo((40 * 45 * 9) / 1000, 6)],
    ["warm", expect.closeTo(4, 6), expect.closeTo((20 * 45 * 4) / 1000, 6)],
  ]);
  expect(depthCm).toBeCloseTo(9, 6);
  expect(volumeL).toBeCloseTo(beds[0]!.volumeL + beds[1]!.volumeL, 6);
});
