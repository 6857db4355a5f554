import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import { applyAll, attempt, type Command } from "../habitat";
import { areaCm2 } from "../shape";
import { groundOutline, panelFit, wallLengthCm, wallWork, wallWorks, type PanelPlace, type Rigid } from "./index";
import { ground } from "../strata";
import { started } from "../testing";

const habitat = started({ shell: { widthCm: 76, depthCm: 45, heightCm: 30, sillCm: 10, top: "mesh" } });
const after = (...commands: Command[]) => applyAll(habitat, commands, STOCK).shell;

describe("what is built on the walls", () => {
  it("a foam wall of 76 x 30 cm finished with fibre takes one and a half cartridges of silicone for it (common practice)", () => {
    const bare = wallWork(
      habitat.shell,
      { wall: "back", treatmentId: "foam", finishId: null, thicknessCm: 5, fromCm: 0 },
      STOCK,
    );
    const finished = wallWork(
      habitat.shell,
      {
        wall: "back",
        treatmentId: "foam",
        finishId: "siliconeFibre",
        thicknessCm: 5,
        fromCm: 0,
      },
      STOCK,
    );
    expect(0.76 * 0.3 * 6.6).toBeCloseTo(1.5, 2);
    // With the scribble that the foam grips, two whole ones and a bit: three are bought, or one without the finish.
    expect([bare.cartridges, finished.cartridges]).toEqual([1, 2]);
  });
  it("takes its room from the box and from the floor, wall by wall", () => {
    const shell = after(
      { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 5 } },
      { name: "setTreatment", args: { wall: "left", treatmentId: "corkPanel", thicknessCm: 2 } },
    );
    expect(areaCm2(groundOutline(shell))).toBeCloseTo(74 * 40, 8);
    const [foam, cork] = wallWorks(shell, STOCK);
    expect(foam!.roomL).toBeCloseTo((76 * 30 * 5) / 1000, 8);
    expect(foam!.foamCans).toBe(Math.ceil(11.4 / 0.65 / 18));
    expect(cork!.sheetCm2).toBeCloseTo(45 * 30, 8);
  });
  it("built from above the drainage, it takes less of the wall, and the drainage runs on under it", () => {
    const from = (fromCm: number) =>
      applyAll(
        habitat,
        [{ name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 5, fromCm } }],
        STOCK,
      );
    const drainage = habitat.strata.layers.find(({ kind }) => kind === "drainage") as { id: string; depthCm: number };
    const [whole, raised] = [from(0), from(drainage.depthCm)];
    const level = (design: typeof habitat, id: string) => ground(design, STOCK).levelOf(id)!;
    expect(level(whole, drainage.id).areaCm2).toBeCloseTo(76 * 40, 6);
    expect(level(raised, drainage.id).areaCm2).toBeCloseTo(76 * 45, 6);
    expect(level(raised, drainage.id).volumeL).toBeCloseTo((76 * 45 * drainage.depthCm) / 1000, 6);
    expect(level(raised, "soil-1").volumeL).toBeCloseTo(level(whole, "soil-1").volumeL, 6);
    expect(ground(raised, STOCK).water!.capacityL).toBeCloseTo((ground(whole, STOCK).water!.capacityL * 45) / 40, 3);
    const [work] = wallWorks(raised.shell, STOCK);
    expect(work!.roomL).toBeCloseTo((76 * (30 - drainage.depthCm) * 5) / 1000, 8);
    expect(
      attempt(habitat, [{ name: "setTreatment", args: { wall: "back", treatmentId: "foam", fromCm: 29.5 } }], STOCK).ok,
    ).toBe(false);
  });
  it("paint is coats times area over what a litre covers", () => {
    const { paintL, setDays, finishDays } = wallWork(
      habitat.shell,
      {
        wall: "back",
        treatmentId: "foam",
        finishId: "cementPaint",
        thicknessCm: 5,
        fromCm: 0,
      },
      STOCK,
    );
    expect(paintL).toBeCloseTo((0.228 * 4) / 2.5, 8);
    expect([setDays, finishDays]).toEqual([1, 11]);
  });
  it("a corner box has only the walls that lie against its sides", () => {
    const corner = after({ name: "setFloor", args: { floor: { shape: "cornerTriangle" } } });
    expect((["front", "back", "left", "right"] as const).map((wall) => wallLengthCm(corner, wall))).toEqual([
      0, 76, 45, 0,
    ]);
  });
  it("refuses what would fill the box, an unknown finish, and a finish on what takes none", () => {
    expect(() => after({ name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 25 } })).toThrow(
      /^shell\.treatments\.0\.thicknessCm: fillsHalf/,
    );
    expect(() =>
      after({ name: "setTreatment", args: { wall: "back", treatmentId: "corkPanel", finishId: "cementPaint" } }),
    ).toThrow(/^shell\.treatments\.0\.finishId: takesNoFinish/);
    expect(() => after({ name: "setTreatment", args: { wall: "back", treatmentId: "gold" } })).toThrow(
      /^wallTreatments: unknown/,
    );
  });
  it("grows thinner with a box that shrinks, so that some floor is always left; vents and plants are pulled in", () => {
    const shrunk = applyAll(
      habitat,
      [
        { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 18 } },
        { name: "setTreatment", args: { wall: "front", treatmentId: "corkPanel", thicknessCm: 18 } },
        {
          name: "addOpening",
          args: { id: "v", kind: "vent", wall: "back", acrossCm: 50, upCm: 20, widthCm: 24, heightCm: 4 },
        },
        { name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 70, yCm: 40 } },
        { name: "setShell", args: { widthCm: 20, depthCm: 12, heightCm: 15 } },
      ],
      STOCK,
    );
    expect(areaCm2(groundOutline(shrunk.shell))).toBeGreaterThan(1);
    const [vent] = shrunk.shell.openings;
    expect([vent!.acrossCm + vent!.widthCm <= 20, vent!.upCm + vent!.heightCm <= 15]).toEqual([true, true]);
    expect(shrunk.plants[0]).toMatchObject({ xCm: 20, yCm: 12 });
  });
});

describe("whether a rigid piece fits, before it is cut (common practice: too big is trimmed, too short cannot be mended)", () => {
  const codes = (rigid: Rigid, place: PanelPlace) => panelFit(rigid, habitat.shell, place).map((reason) => reason.code);
  it.each<[string, Rigid, PanelPlace, string[]]>([
    [
      "a panel a centimetre too long",
      { lengthCm: 77, heightCm: 29, thicknessCm: 3 },
      "back",
      ["tooLong", "tooLow", "tiltsIn", "passesDoor"],
    ],
    [
      "a panel that just goes in",
      { lengthCm: 75.6, heightCm: 29.6, thicknessCm: 3 },
      "back",
      ["fits", "tiltsIn", "passesDoor"],
    ],
    [
      "a short panel",
      { lengthCm: 60, heightCm: 15, thicknessCm: 3 },
      "back",
      ["fits", "tooShort", "tooLow", "passesDoor"],
    ],
    [
      "a cane that does not reach",
      { lengthCm: 70, heightCm: 2, thicknessCm: 2 },
      "spanWidth",
      ["rodTooShort", "passesDoor"],
    ],
    [
      "a cane too long for the width that the front's diagonal takes",
      { lengthCm: 80, heightCm: 2, thicknessCm: 2 },
      "spanWidth",
      ["rodTooLong", "spansDiagonal", "passesDoor"],
    ],
    [
      "a slab no door lets in",
      { lengthCm: 90, heightCm: 85, thicknessCm: 4 },
      "back",
      ["tooLong", "tooHigh", "cannotPassDoor"],
    ],
  ])("%s", (_what, rigid, place, expected) => {
    expect(codes(rigid, place)).toEqual(expected);
  });
});
