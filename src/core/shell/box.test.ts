import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyAll, attempt, floorOutline, innerFromOuter, type Command, type Floor } from "../habitat";
import { seeded } from "../random";
import { contains } from "../shape";
import { floorAreaCm2, wedgeL } from "../strata";
import { airing, boxKg, wallVolumeCm3 } from "./index";
import { started } from "../testing";

const habitat = started({ shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "halfCovered" } });
const shellAfter = (...commands: Command[]) => applyAll(habitat, commands, STOCK).shell;
const withFloor = (floor: Floor) => ({ widthCm: 60, depthCm: 45, floor });

describe("the empty box", () => {
  it("of 5 mm glass weighs its panes at 2500 kg a cubic metre (EN 572-1)", () => {
    // Cut list with the walls standing on the floor pane: 61 x 46 floor, two 61 x 45, two 45 x 45, all 0.5 thick.
    const panesCm3 = (61 * 46 + 2 * 61 * 45 + 2 * 45 * 45) * 0.5;
    expect(wallVolumeCm3(habitat.shell)).toBeCloseTo(panesCm3, 8);
    expect(boxKg(habitat.shell, STOCK)).toBeCloseTo((panesCm3 / 1e6) * 2500, 8);
  });
  it("a glass lid adds its own pane", () => {
    const lidded = shellAfter({ name: "setTop", args: { lid: "glass" } });
    expect(wallVolumeCm3(lidded) - wallVolumeCm3(habitat.shell)).toBeCloseTo(61 * 46 * 0.5, 8);
  });
  it("is lighter of PVC board than of glass, thick as that is", () => {
    expect(boxKg(shellAfter({ name: "setBuild", args: { buildId: "pvcBoard" } }), STOCK)).toBeLessThan(
      boxKg(habitat.shell, STOCK),
    );
  });
});

describe("floors and the ground on them, to 0.1 % of closed forms", () => {
  it.each<[string, Floor, number]>([
    ["rectangle", { shape: "rectangle" }, 60 * 45],
    ["right triangle, w d / 2", { shape: "cornerTriangle" }, (60 * 45) / 2],
    ["quarter of an ellipse, π w d / 4", { shape: "quarterRound" }, (Math.PI * 60 * 45) / 4],
    ["hexagon with corners at the quarters, 3 w d / 4", { shape: "hexagon" }, (3 * 60 * 45) / 4],
  ])("%s", (_name, floor, area) => {
    expect(Math.abs(floorAreaCm2(withFloor(floor)) / area - 1)).toBeLessThan(0.001);
    // A prism on it, and a triangular wedge rising from nothing at the front.
    expect(Math.abs(wedgeL(withFloor(floor), 10, 10) / ((area * 10) / 1000) - 1)).toBeLessThan(0.001);
  });
  it("a wedge on a corner triangle is its area times the height over its centre, two thirds back: 18 L", () => {
    expect(wedgeL(withFloor({ shape: "cornerTriangle" }), 0, 20)).toBeCloseTo((1350 * 20 * (2 / 3)) / 1000, 8);
  });
  it("a wedge on any floor holds what a Monte Carlo count of the same shape gives, to 2 %", () => {
    const drawn: Floor = {
      shape: "polygon",
      points: [
        [0, 0],
        [60, 0],
        [60, 20],
        [35, 45],
        [0, 45],
        [12, 22],
      ],
    };
    for (const floor of [{ shape: "hexagon" }, { shape: "quarterRound" }, drawn] satisfies Floor[]) {
      const outline = floorOutline(withFloor(floor));
      const random = seeded(5);
      const tries = 60_000;
      let inside = 0;
      for (let at = 0; at < tries; at += 1) {
        const [x, y, z] = [random() * 60, random() * 45, random() * 20];
        if (contains(outline, [x, y]) && z < 6 + (12 * y) / 45) inside += 1;
      }
      const counted = ((inside / tries) * 60 * 45 * 20) / 1000;
      expect(Math.abs(wedgeL(withFloor(floor), 6, 18) / counted - 1), floor.shape).toBeLessThan(0.02);
    }
  });
});

describe("airing", () => {
  it("counts the open half of a half-covered mesh top, and vents by whether they stand low or high", () => {
    const shell = shellAfter(
      {
        name: "addOpening",
        args: { id: "low", kind: "vent", wall: "front", acrossCm: 20, upCm: 2, widthCm: 20, heightCm: 2.5 },
      },
      {
        name: "addOpening",
        args: { id: "high", kind: "vent", wall: "back", acrossCm: 20, upCm: 38, widthCm: 20, heightCm: 4 },
      },
      {
        name: "addOpening",
        args: { id: "port", kind: "port", wall: "back", acrossCm: 50, upCm: 38, widthCm: 2.5, heightCm: 2.5 },
      },
    );
    expect(airing(shell, STOCK)).toEqual({
      topCm2: 1350,
      lowVentsCm2: 50,
      highVentsCm2: 80,
      sidesCm2: 0,
      totalCm2: 1480,
    });
    expect(airing(shellAfter({ name: "setTop", args: { lid: "glass" } }), STOCK).totalCm2).toBe(0);
  });
});

describe("edits of the shell", () => {
  it("an outer size loses a wall on each side and the floor, and comes back the same", () => {
    expect(shellAfter({ name: "setOuterSize", args: { widthCm: 61, depthCm: 46, heightCm: 45.5 } })).toMatchObject({
      widthCm: 60,
      depthCm: 45,
      heightCm: 45,
    });
    expect(innerFromOuter({ widthCm: 61, depthCm: 46, heightCm: 46 }, 5, true).heightCm).toBeCloseTo(45, 10);
  });
  it("a box stood on its end and laid back is as it was", () => {
    const long = applyAll(habitat, [{ name: "setShell", args: { widthCm: 91 } }], STOCK);
    const upright = applyAll(long, [{ name: "turnOnEnd", args: {} }], STOCK);
    expect(upright.shell).toMatchObject({ widthCm: 45, heightCm: 91 });
    expect(applyAll(upright, [{ name: "turnOnEnd", args: {} }], STOCK)).toEqual(long);
  });
  it("a drawn floor is stretched with its box", () => {
    const drawn = applyAll(
      habitat,
      [
        {
          name: "setFloor",
          args: {
            floor: {
              shape: "polygon",
              points: [
                [0, 0],
                [60, 0],
                [0, 45],
              ],
            },
          },
        },
      ],
      STOCK,
    );
    fc.assert(
      fc.property(fc.double({ min: 10, max: 500, noNaN: true }), (widthCm) => {
        const { shell } = applyAll(drawn, [{ name: "setShell", args: { widthCm } }], STOCK);
        expect(floorAreaCm2(shell)).toBeCloseTo((widthCm * 45) / 2, 6);
      }),
    );
  });
  it.each<[string, RegExp, Command]>([
    [
      "a floor that crosses itself",
      /^shell\.floor\.points: crossesItself$/,
      {
        name: "setFloor",
        args: {
          floor: {
            shape: "polygon",
            points: [
              [0, 0],
              [60, 45],
              [60, 0],
              [0, 45],
            ],
          },
        },
      },
    ],
    [
      "a floor larger than the box",
      /^shell\.floor\.points: passesBox$/,
      {
        name: "setFloor",
        args: {
          floor: {
            shape: "polygon",
            points: [
              [0, 0],
              [90, 0],
              [0, 45],
            ],
          },
        },
      },
    ],
    [
      "a vent past the end of its wall",
      /^shell\.openings\.0\.acrossCm: passesWall$/,
      {
        name: "addOpening",
        args: { id: "v", kind: "vent", wall: "left", acrossCm: 40, upCm: 2, widthCm: 20, heightCm: 4 },
      },
    ],
    [
      "a vent above its wall",
      /^shell\.openings\.0\.upCm: passesWall$/,
      {
        name: "addOpening",
        args: { id: "v", kind: "vent", wall: "front", acrossCm: 2, upCm: 44, widthCm: 20, heightCm: 4 },
      },
    ],
    ["an unknown build", /^boxBuilds: unknown/, { name: "setBuild", args: { buildId: "gold" } }],
  ])("refuse %s by name", (_what, message, command) => {
    expect(() => applyAll(habitat, [command], STOCK)).toThrow(RangeError);
    expect(() => applyAll(habitat, [command], STOCK)).toThrow(message);
  });
  it("refuse a wall that eats the box, and what is no number", () => {
    expect(() =>
      shellAfter(
        { name: "setShell", args: { wallMm: 60 } },
        { name: "setOuterSize", args: { widthCm: 20, depthCm: 20, heightCm: 20 } },
      ),
    ).toThrow(/^widthCm: outOfRange$/);
    expect(() =>
      shellAfter({
        name: "setFloor",
        args: {
          floor: {
            shape: "polygon",
            points: [
              [0, 0],
              [Number.NaN, 0],
              [0, 45],
            ],
          },
        },
      }),
    ).toThrow(/^floor\.points\.1\.0: invalid$/);
  });
});

describe("a box bought as it is", () => {
  const bought = applyAll(habitat, [{ name: "setBought", args: { bought: true } }], STOCK);
  it.each<Command>([
    { name: "setShell", args: { widthCm: 70 } },
    { name: "setShell", args: { sillCm: 5 } },
    { name: "setOuterSize", args: { widthCm: 70, depthCm: 46, heightCm: 46 } },
    { name: "turnOnEnd", args: {} },
  ])("keeps its size and its sill: $name is refused by name", (command) => {
    expect(attempt(bought, [command], STOCK)).toMatchObject({ ok: false, problem: { code: "bought" } });
    const freed = attempt(bought, [{ name: "setBought", args: { bought: false } }, command], STOCK);
    expect(freed.ok).toBe(true);
  });
  it("takes another wall thickness all the same: glass is measured late", () => {
    expect(attempt(bought, [{ name: "setShell", args: { wallMm: 6 } }], STOCK).ok).toBe(true);
  });
});
