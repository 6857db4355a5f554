import { STOCK } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyAll, type Command, type Design, type Mound } from "../habitat";
import { seeded } from "../random";
import { contains } from "../shape";
import { L_PER_US_DRY_QUART } from "../units";
import { depthOfL, ground, moundCm, tooSteep, wedgeL } from "./index";
import { boulder, type PieceArgs, started } from "../testing";

const shell = { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" as const };
const habitat = applyAll(
  started({ shell }),
  [
    { name: "setDepth", args: { layerId: "drainage-1", depthCm: 5 } },
    { name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 14 } },
    { name: "setDepth", args: { layerId: "dressing-1", depthCm: 2 } },
  ],
  STOCK,
);
/** Nothing but one soil lift. */
const bare = applyAll(
  habitat,
  [
    { name: "removeLayers", args: { layerIds: ["drainage-1", "barrier-1", "dressing-1"] } },
    { name: "setDepth", args: { layerId: "soil-1", depthCm: 5 } },
  ],
  STOCK,
);
const after = (from: Design, ...commands: Command[]) => ground(applyAll(from, commands, STOCK), STOCK);
const heap = (mound: Partial<Mound>): Command => ({
  name: "addMound",
  args: {
    layerId: "soil-1",
    id: "m",
    form: "dome",
    xCm: 30,
    yCm: 22,
    radiusCm: 12,
    topRadiusCm: 0,
    heightCm: 6,
    ...mound,
  },
});
const piece = (more: Partial<PieceArgs>) => boulder({ id: "p", ...more });
const volume = (of: ReturnType<typeof ground>) => of.soilVolumeL;
/** Within a tenth of a per cent, as the closed form is the outside check. */
const near = (value: number, exact: number) => expect(Math.abs(value / exact - 1)).toBeLessThan(0.001);

describe("volumes (worked examples, common practice)", () => {
  it("4 US dry quarts (NIST SP 811) on a 12 x 12 in floor lie 4.74 cm deep, loose", () => {
    expect(depthOfL({ widthCm: 30.48, depthCm: 30.48 }, 4 * L_PER_US_DRY_QUART)).toBeCloseTo(4.74, 2);
  });
  it("5 cm of pebbles at 45 % voids on 60 x 45 cm: 13.5 L of pebbles, 6.08 L of water to the barrier", () => {
    expect(ground(habitat, STOCK).levels[0]?.volumeL).toBeCloseTo(13.5, 8);
    expect(ground(habitat, STOCK).water?.capacityL).toBeCloseTo(6.075, 8);
    expect(ground(habitat, STOCK).water?.perCmL).toBeCloseTo(6.075 / 5, 8);
  });
  it("a soil wedge of 8 cm in front and 14 cm at the back on 60 x 45 cm: 29.7 L", () => {
    expect(wedgeL(shell, 8, 14)).toBeCloseTo(29.7, 10);
    expect(volume(ground(habitat, STOCK))).toBeCloseTo(29.7, 8);
  });
});

describe("terrain, to 0.1 % of closed forms (CRC tables of solids)", () => {
  it("four corners: floor times their mean", () => {
    const made = after(bare, {
      name: "setCorners",
      args: { layerId: "soil-1", frontLeftCm: 3, frontRightCm: 9, backLeftCm: 12, backRightCm: 20 },
    });
    near(volume(made), (2700 * 11) / 1000);
  });
  it("a spherical cap: π h (3 r² + h²) / 6", () =>
    near(volume(after(bare, heap({}))) - 13.5, (Math.PI * 6 * (3 * 12 ** 2 + 6 ** 2)) / 6000));
  it("a frustum of a cone: π h (R² + R r + r²) / 3", () =>
    near(
      volume(after(bare, heap({ form: "flat", topRadiusCm: 5, heightCm: 8 }))) - 13.5,
      (Math.PI * 8 * (12 ** 2 + 12 * 5 + 5 ** 2)) / 3000,
    ));
  it("a cone: a third of its cylinder", () =>
    near(volume(after(bare, heap({ form: "flat", heightCm: 9 }))) - 13.5, (Math.PI * 9 * 12 ** 2) / 3000));
  it.each([
    ["cornerTriangle", 1350],
    ["hexagon", 2025],
  ] as const)("a prism on a %s", (shape, area) => {
    near(volume(after(bare, { name: "setFloor", args: { floor: { shape } } })), (area * 5) / 1000);
  });
  it("a dome cut off by the wall holds half", () =>
    near(volume(after(bare, heap({ yCm: 0 }))) - 13.5, (Math.PI * 6 * (3 * 12 ** 2 + 6 ** 2)) / 12000));

  it("any corners, heaps and floors hold what a Monte Carlo count of the same shape gives, to 3 %", () => {
    const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const corners = fc.record({
      frontLeftCm: cm(1, 12),
      frontRightCm: cm(1, 12),
      backLeftCm: cm(1, 12),
      backRightCm: cm(1, 12),
    });
    const mound = fc.record({
      form: fc.constantFrom("dome" as const, "flat" as const),
      xCm: cm(0, 60),
      yCm: cm(0, 45),
      radiusCm: cm(9, 20),
      topRadiusCm: cm(0, 8),
      heightCm: cm(1, 8),
    });
    fc.assert(
      fc.property(
        corners,
        mound,
        fc.constantFrom("rectangle" as const, "quarterRound" as const, "hexagon" as const),
        (at, one, shape) => {
          const made = after(
            bare,
            { name: "setFloor", args: { floor: { shape } } },
            { name: "setCorners", args: { layerId: "soil-1", ...at } },
            heap(one),
          );
          const random = seeded(7);
          const tries = 12_000;
          let inside = 0;
          for (let n = 0; n < tries; n += 1) {
            const [x, y, z] = [random() * 60, random() * 45, random() * 21];
            const [u, v] = [x / 60, y / 45];
            const plain =
              (1 - v) * ((1 - u) * at.frontLeftCm + u * at.frontRightCm) +
              v * ((1 - u) * at.backLeftCm + u * at.backRightCm);
            if (
              contains(made.terrain.outline, [x, y]) &&
              z < plain + moundCm({ id: "m", ...one }, Math.hypot(x - one.xCm, y - one.yCm))
            )
              inside += 1;
          }
          const counted = ((inside / tries) * 60 * 45 * 21) / 1000;
          expect(Math.abs(volume(made) - counted)).toBeLessThan(0.03 * 56.7);
        },
      ),
      { numRuns: 20 },
    );
  });
});

describe("what is buried", () => {
  it("a block on the glass takes its own room in each layer, and only as high as it stands", () => {
    const [before, made] = [
      ground(habitat, STOCK),
      after(habitat, piece({ kindId: "acrylicStrip", heightCm: 5 + 0.03 + 4 })),
    ];
    const lost = made.levels.map((level, at) => before.levels[at]!.volumeL - level.volumeL);
    expect(lost[0]).toBeCloseTo((100 * 5) / 1000, 6);
    expect(lost[2]).toBeCloseTo((100 * 4) / 1000, 6);
    expect(lost[3]).toBeCloseTo(0, 10);
  });
  it("an open tube keeps the ground inside it, a filled one has its own and is deep", () => {
    const open = after(bare, piece({ kindId: "corkTube", widthCm: 14, depthCm: 14, heightCm: 30 }));
    near(volume(ground(bare, STOCK)) - volume(open), ((Math.PI / 4) * (14 ** 2 - 11 ** 2) * 5) / 1000);
    expect(open.soilDepthAt(30, 22)).toBeCloseTo(5, 8);
    const filled = after(
      bare,
      piece({ kindId: "corkTube", widthCm: 14, depthCm: 14, heightCm: 30, fillMixId: "mix-1" }),
    );
    near(filled.fillingL, ((Math.PI / 4) * 11 ** 2 * 30) / 1000);
    expect([filled.soilDepthAt(30, 22), filled.soilDepthAt(5, 5), filled.deepestSoilCm].map(Math.round)).toEqual([
      30, 5, 30,
    ]);
  });
  it("a pump column gives the water the room of the pebbles it stands in the place of", () => {
    const made = after(habitat, piece({ kindId: "pumpColumn", widthCm: 10, depthCm: 10 }));
    // 9.2 cm square of open water 5 cm deep, in place of 100 cm² at 45 % voids.
    expect(made.water!.capacityL).toBeCloseTo(6.075 + (9.2 ** 2 * 5) / 1000 - (100 * 5 * 0.45) / 1000, 6);
  });
  it("a piece on the ground stands on the surface where it is, less what it is sunk", () => {
    const made = after(habitat, piece({ rest: { on: "ground", sunkCm: 3 } }));
    expect(made.solids[0]!.baseCm).toBeCloseTo(made.surfaceAt(30, 22) - 3, 8);
  });
});

describe("zones", () => {
  const half: Command[] = [
    {
      name: "addZone",
      args: {
        id: "warm",
        name: "Warm end",
        points: [
          [0, 0],
          [20, 0],
          [20, 45],
          [0, 45],
        ],
        retaining: { kindId: "acrylicStrip", thicknessCm: 1, heightCm: 12 },
      },
    },
    { name: "setOver", args: { layerId: "soil-1", over: { on: "rest" } } },
    {
      name: "addLayer",
      args: {
        layer: { id: "bed", kind: "soil", mixId: "mix-1", frontCm: 3, backCm: 3, over: { on: "zone", zoneId: "warm" } },
      },
    },
  ];
  it("each have their own ground, and together they are the whole floor", () => {
    const made = after(bare, ...half);
    const [rest, bed] = made.levels;
    expect([rest!.areaCm2, bed!.areaCm2].map(Math.round)).toEqual([1800, 900]);
    expect([made.soilDepthAt(10, 20), made.soilDepthAt(40, 20)]).toEqual([3, 5]);
    // The strip stands half in each: half a centimetre by 45 in each ground.
    expect(bed!.volumeL).toBeCloseTo((900 * 3 - 0.5 * 45 * 3) / 1000, 5);
    expect(rest!.volumeL).toBeCloseTo((1800 * 5 - 0.5 * 45 * 5) / 1000, 5);
  });
  it("any upright split keeps all of the floor", () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 58, noNaN: true }), (x) => {
        const made = after(
          bare,
          {
            name: "addZone",
            args: {
              id: "z",
              name: "Z",
              points: [
                [0, 0],
                [x, 0],
                [x, 45],
                [0, 45],
              ],
              retaining: null,
            },
          },
          ...half.slice(1, 2),
          {
            name: "addLayer",
            args: {
              layer: {
                id: "bed",
                kind: "soil",
                mixId: "mix-1",
                frontCm: 5,
                backCm: 5,
                over: { on: "zone", zoneId: "z" },
              },
            },
          },
        );
        expect(volume(made)).toBeCloseTo(13.5, 6);
      }),
    );
  });
  it.each<[string, RegExp, [number, number][]]>([
    [
      "crosses itself",
      /points: crossesItself/,
      [
        [0, 0],
        [20, 20],
        [20, 0],
        [0, 20],
      ],
    ],
    [
      "passes the floor",
      /points: passesBox/,
      [
        [40, 0],
        [90, 0],
        [90, 45],
        [40, 45],
      ],
    ],
    [
      "lies over another",
      /points: overlapsZone "Warm end"/,
      [
        [10, 0],
        [30, 0],
        [30, 45],
        [10, 45],
      ],
    ],
  ])("one that %s is refused by name", (_what, message, points) => {
    expect(() =>
      applyAll(bare, [half[0]!, { name: "addZone", args: { id: "z", name: "Z", points, retaining: null } }], STOCK),
    ).toThrow(message);
  });
  it("given up, leave what lay over the rest over the whole floor", () => {
    const undone = applyAll(bare, [...half, { name: "removeZone", args: { id: "warm" } }], STOCK);
    expect(undone.strata.layers.map((layer) => [layer.id, layer.over])).toEqual([["soil-1", { on: "floor" }]]);
  });
});

describe("the ground", () => {
  it("stacks from the glass up and keeps the gap to sill and rim", () => {
    const { surface, underSillCm, underRimCm } = ground(habitat, STOCK);
    expect(surface.frontCm).toBeCloseTo(5 + 0.03 + 8 + 2, 6);
    expect(underSillCm).toBeCloseTo(17 - 15.03, 6);
    expect(underRimCm).toBeCloseTo(45 - 21.03, 6);
  });
  it("is less by what is built on the walls, and its back is the foam's face", () => {
    const made = after(
      bare,
      { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 5 } },
      { name: "setSoil", args: { layerId: "soil-1", frontCm: 4, backCm: 12 } },
    );
    expect(volume(made)).toBeCloseTo((60 * 40 * 8) / 1000, 8);
    expect(made.surfaceAt(30, 40)).toBeCloseTo(12, 8);
  });
  it("fills with water evenly by the void share, and no further than the barrier", () => {
    const { water } = ground(habitat, STOCK);
    expect(water!.atL(2.5)).toBeCloseTo(6.075 / 2, 8);
    expect(water!.atL(40)).toBeCloseTo(6.075, 8);
  });
  it("is never lighter wet than dry, and its mass grows with its floor", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 250, noNaN: true }),
        fc.double({ min: 0.1, max: 60, noNaN: true }),
        (widthCm, frontCm) => {
          const at = (width: number) =>
            after(
              habitat,
              { name: "setShell", args: { widthCm: width } },
              { name: "setSoil", args: { layerId: "soil-1", frontCm } },
            );
          expect(at(widthCm).wetKg).toBeGreaterThanOrEqual(at(widthCm).dryKg);
          expect(at(widthCm * 2).dryKg).toBeGreaterThan(at(widthCm).dryKg);
        },
      ),
    );
  });
  it("a lift laid dry weighs wet what it weighs dry", () => {
    const dry = after(bare, { name: "setLaid", args: { layerId: "soil-1", laid: "dry" } });
    expect(dry.wetKg).toBeCloseTo(dry.dryKg, 10);
    expect(ground(bare, STOCK).wetKg).toBeGreaterThan(dry.wetKg + 3);
  });
  it("a box with no layers at all has a bare floor", () => {
    const none = after(habitat, {
      name: "removeLayers",
      args: { layerIds: habitat.strata.layers.map((layer) => layer.id) },
    });
    expect(none).toMatchObject({ surface: { frontCm: 0, backCm: 0 }, soilVolumeL: 0, dryKg: 0, water: undefined });
  });
  it("a heap steeper than its soil stands is found, a gentle one is not", () => {
    const steep = (heightCm: number) =>
      applyAll(bare, [heap({ form: "flat", radiusCm: 10, topRadiusCm: 2, heightCm })], STOCK);
    const found = (design: Design) => tooSteep(ground(design, STOCK).terrain, design.mixes, STOCK);
    expect(found(steep(14))[0]?.slopeDeg).toBeCloseTo((Math.atan(14 / 8) * 180) / Math.PI, 0);
    expect(found(steep(3))).toEqual([]);
  });
});
