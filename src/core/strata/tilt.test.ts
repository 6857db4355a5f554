import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Design, Tilt } from "../habitat";
import { STOCK } from "../library";
import { seeded } from "../random";
import { bounds } from "../shape";
import { boulder, made, started, type PieceArgs } from "../testing";
import { ground } from "./index";
import { leaning, shadowOf } from "./tilt";

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const side = fc.constantFrom("left" as const, "right", "front", "back");

describe("what leans, in strips", () => {
  it("is as large as it is upright, however far it leans", () => {
    fc.assert(
      fc.property(cm(0.5, 80), cm(0.5, 80), cm(1, 90), (alongCm, heightCm, deg) => {
        const { strips, lengthCm, highCm } = leaning(alongCm, heightCm, deg);
        const area = strips.reduce((sum, strip) => sum + (strip.toCm - strip.fromCm) * (strip.highCm - strip.lowCm), 0);
        expect(area).toBeCloseTo(alongCm * heightCm, 6);
        expect(Math.min(...strips.map(({ lowCm }) => lowCm))).toBeGreaterThanOrEqual(-1e-9);
        expect(Math.max(...strips.map(({ highCm: top }) => top))).toBeLessThanOrEqual(highCm + 1e-9);
        expect(strips[0]!.fromCm).toBeCloseTo(-lengthCm / 2, 9);
        expect(strips.at(-1)!.toCm).toBeCloseTo(lengthCm / 2, 9);
      }),
    );
  });
  it("lies as long as it was high, and stands as it stood", () => {
    const tube = { widthCm: 14, depthCm: 12, heightCm: 32 };
    expect(shadowOf({ ...tube, tilt: null })).toEqual(tube);
    const lying = shadowOf({ ...tube, tilt: { deg: 90, to: "left" } });
    expect([lying.widthCm, lying.depthCm, lying.heightCm].map((value) => Math.round(value * 1e6) / 1e6)).toEqual([
      32, 12, 14,
    ]);
    // A 3-4-5 triangle: 30 cm at a slope of 3 to 4 reach 18 aside and 24 up, and 4 of width 3.2 and 2.4 more.
    const deg = (Math.atan2(3, 4) * 180) / Math.PI;
    const leant = shadowOf({ widthCm: 4, depthCm: 9, heightCm: 30, tilt: { deg, to: "right" } });
    expect([leant.widthCm, leant.heightCm]).toEqual([expect.closeTo(21.2, 9), expect.closeTo(26.4, 9)]);
  });
});

const SOIL = "soil-1";
const withPiece = (args: PieceArgs): Design =>
  made(
    started(),
    { name: "setCorners", args: { layerId: SOIL, frontLeftCm: 14, frontRightCm: 11, backLeftCm: 16, backRightCm: 13 } },
    boulder(args),
  );

/** Litres of soil the leaning piece takes, by throwing points and turning each back to where the piece stood. */
function thrownL(design: Design, round: boolean): number {
  const land = ground(design, STOCK);
  const { outline, baseCm, topCm, kind, piece } = land.solids.find(({ id }) => id === "stone")!;
  const { xCm, yCm, turnDeg, widthCm, depthCm, heightCm, tilt } = piece!;
  const { left, right, front, back } = bounds(outline);
  const turn = (turnDeg * Math.PI) / 180;
  const angle = (tilt!.deg * Math.PI) / 180;
  const along = tilt!.to === "left" || tilt!.to === "right";
  const way = tilt!.to === "right" || tilt!.to === "back" ? 1 : -1;
  const [a, c] = along ? [widthCm, depthCm] : [depthCm, widthCm];
  const shadowCm = a * Math.cos(angle) + heightCm * Math.sin(angle);
  const random = seeded(11);
  const tries = 120_000;
  let hits = 0;
  for (let n = 0; n < tries; n += 1) {
    const [x, y, z] = [
      left + random() * (right - left),
      front + random() * (back - front),
      baseCm + random() * (topCm - baseCm),
    ];
    const [dx, dy] = [x - xCm, y - yCm];
    const [u, v] = [dx * Math.cos(turn) + dy * Math.sin(turn), -dx * Math.sin(turn) + dy * Math.cos(turn)];
    const [s, t] = along ? [u * way, v] : [v * way, u];
    // From the edge it stands on; then back upright about that edge.
    const [ps, pz] = [s - (shadowCm / 2 - heightCm * Math.sin(angle)), z - baseCm];
    const [us, uz] = [ps * Math.cos(angle) - pz * Math.sin(angle), ps * Math.sin(angle) + pz * Math.cos(angle)];
    const off = (us + a / 2) / (a / 2);
    const inFoot = round ? off ** 2 + (t / (c / 2)) ** 2 <= 1 : Math.abs(off) <= 1 && Math.abs(t) <= c / 2;
    if (!inFoot || uz < 0 || uz > heightCm) continue;
    const column = land.terrain.columnAt(x, y);
    const soil = column.find(({ patch }) => patch.layer.id === SOIL)!;
    if (z >= soil.bottomCm && z <= soil.topCm) hits += 1;
  }
  const room = (right - left) * (back - front) * (topCm - baseCm);
  return ((hits / tries) * room * (kind.hollow ? 1 : kind.solidPct / 100)) / 1000;
}

it("takes of the soil what a count of thrown points says, blocks and tubes, on a slope, turned any way", () => {
  const any = fc.record({
    tube: fc.boolean(),
    turnDeg: fc.integer({ min: -180, max: 180 }),
    deg: fc.integer({ min: 10, max: 90 }),
    to: side,
    sunkCm: fc.integer({ min: 2, max: 8 }),
  });
  fc.assert(
    fc.property(any, ({ tube, turnDeg, deg, to, sunkCm }) => {
      const tilt: Tilt = { deg, to };
      const design = withPiece({
        id: "stone",
        kindId: tube ? "corkTube" : "log",
        xCm: 30,
        yCm: 22,
        turnDeg,
        widthCm: 12,
        depthCm: tube ? 12 : 8,
        heightCm: 18,
        rest: { on: "ground", sunkCm },
        tilt,
        fillMixId: null,
      });
      const takenL = ground(design, STOCK).levelOf(SOIL)!.buriedL;
      expect(Math.abs(takenL - thrownL(design, tube))).toBeLessThan(0.03 + 0.06 * takenL);
    }),
    { numRuns: 25 },
  );
});

it("a tube lying half in level ground takes half a cylinder of it: π r² l / 2", () => {
  const design = made(
    started(),
    { name: "setDepth", args: { layerId: SOIL, depthCm: 12 } },
    boulder({
      kindId: "corkTube",
      xCm: 30,
      yCm: 22,
      widthCm: 14,
      depthCm: 14,
      heightCm: 30,
      rest: { on: "ground", sunkCm: 7 },
      tilt: { deg: 90, to: "right" },
    }),
  );
  const taken = ground(design, STOCK).levels.reduce((sum, level) => sum + level.buriedL, 0);
  expect(taken).toBeCloseTo((Math.PI * 7 ** 2 * 30) / 2 / 1000, 1);
});

it("a pile weighs its slabs and not its gaps, and soil lies between them", () => {
  const pile = (gapCm: number) =>
    ground(
      withPiece({
        id: "stone",
        kindId: "slabStack",
        xCm: 30,
        yCm: 22,
        turnDeg: 0,
        widthCm: 24,
        depthCm: 16,
        heightCm: 20,
        rest: { on: "ground", sunkCm: 8 },
        slabs: { count: 5, gapCm },
        fillMixId: null,
      }),
      STOCK,
    );
  const [close, apart] = [pile(0), pile(2)];
  const stone = (land: typeof close) => land.solids.find(({ id }) => id === "stone")!;
  expect(stone(close).emptyKg).toBeCloseTo((24 * 16 * 20 * 0.8 * 2.7) / 1000, 9);
  expect(stone(apart).emptyKg).toBeCloseTo((24 * 16 * (20 - 4 * 2) * 0.8 * 2.7) / 1000, 9);
  expect(stone(apart).topCm).toBeCloseTo(stone(close).topCm, 9);
  expect(apart.levelOf(SOIL)!.buriedL).toBeLessThan(close.levelOf(SOIL)!.buriedL * 0.8);
});
