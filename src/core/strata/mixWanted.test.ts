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
