import { describe, expect, it } from "vitest";
import type { Range } from "../catalog";
import { fitted } from "../gear";
import type { Command, Design } from "../habitat";
import { STOCK } from "../library";
import { made, started } from "../testing";
import { rhOf, solve, type Case } from "../testing/zonal";
import { airChangesPerH, leafKgPerS, openingsOf, sizingOf, type Sizing } from "./index";

type Box = {
  name: string;
  design: (room: Design["brief"]["room"]) => Design;
  fillCm: number;
  leafM2: number;
  leafSM: { day: Range; night: Range };
  solver: Omit<Case, "changes" | "room" | "leafM2" | "leafSM" | "fillM">;
};

const add = (id: string, kindId: string, more: object): Command => ({ name: "addGear", args: { id, kindId, ...more } });
const THIN = { day: [350, 800] as Range, night: [1500, 4500] as Range };
const STORES = { day: [6000, 20000] as Range, night: [900, 3000] as Range };
const LID = {
  mesh: { closedShare: 0, openShare: 1 },
  half: { closedShare: 0.5, openShare: 0.5 },
  glass: { closedShare: 1, openShare: 0 },
};
const size = (w: number, d: number, h: number) => ({ widthM: w / 100, depthM: d / 100, highM: h / 100 });
const shell = (w: number, d: number, h: number, top: "mesh" | "halfCovered" | "glass") => ({
  widthCm: w,
  depthCm: d,
  heightCm: h,
  sillCm: 0,
  top,
});
const GLASS = { wallM2KPerW: 0.005, isClear: true };
const mist = (atMin: number[], forS: number): Command =>
  add("mist", "handSprayer", { run: { by: "bursts", atMin, forS } });
const daily = (design: Design): number => {
  const piece = fitted(design.gear, STOCK).find(({ kind }) => kind.purpose === "water");
  if (piece?.piece.run.by !== "bursts") return 0;
  const [low, high] = piece.kind.reference.mLPerStroke!;
  return piece.piece.run.atMin.length * piece.piece.run.forS * ((low + high) / 2);
};

const BOXES: readonly Box[] = [
  {
    name: "a tall planted box, half covered, misted by hand, with a bar of light",
    design: (room) =>
      made(
        started({ animalId: "crestedGecko", room, shell: shell(45, 45, 60, "halfCovered") }),
        add("bar", "ledBar", { powerW: 20, xCm: 22 }),
        mist([510, 1140], 30),
      ),
    fillCm: 12,
    leafM2: 0.3,
    leafSM: THIN,
    solver: {
      ...size(45, 45, 60),
      ...GLASS,
      ...LID.half,
      dampness: 0.62,
      lamps: [{ xShare: 0.5, airW: 20 * 0.6, shoneW: 20 * 0.4, lightShare: 0.2, by: "day" }],
      sprayGPerDay: 0,
    },
  },
  {
    name: "a low box under mesh with a lamp over one end",
    design: (room) =>
      made(
        started({ animalId: "leopardGecko", room, shell: shell(90, 45, 45, "mesh") }),
        add("lamp", "halogenLamp", { powerW: 75, xCm: 18 }),
      ),
    fillCm: 8,
    leafM2: 0.03,
    leafSM: STORES,
    solver: {
      ...size(90, 45, 45),
      ...GLASS,
      ...LID.mesh,
      dampness: 0.15,
      lamps: [{ xShare: 0.2, airW: 0, shoneW: 75 * 0.775 * 0.65, lightShare: 0.15, by: "day" }],
      sprayGPerDay: 0,
    },
  },
  {
    name: "a closed rain box",
    design: (room) =>
      made(
        started({ animalId: "dyeingPoisonFrog", room, shell: shell(60, 45, 45, "glass") }),
        add("bar", "ledBar", { powerW: 24, xCm: 30 }),
        mist([480, 1200], 20),
      ),
    fillCm: 14,
    leafM2: 0.45,
    leafSM: THIN,
    solver: {
      ...size(60, 45, 45),
      ...GLASS,
      ...LID.glass,
      dampness: 0.62,
      lamps: [{ xShare: 0.5, airW: 24 * 0.6, shoneW: 24 * 0.4, lightShare: 0.2, by: "day" }],
      sprayGPerDay: 0,
    },
  },
  {
    name: "a board box with a lamp and a dark heater",
    design: (room) =>
      made(
        started({ animalId: "leopardGecko", room, shell: shell(120, 60, 60, "halfCovered") }),
        { name: "setBuild", args: { buildId: "plywood" } },
        add("lamp", "halogenLamp", { powerW: 75, xCm: 24 }),
        add("dark", "ceramicEmitter", { powerW: 100, xCm: 48, run: { by: "always" } }),
      ),
    fillCm: 8,
    leafM2: 0,
    leafSM: STORES,
    solver: {
      ...size(120, 60, 60),
      wallM2KPerW: 0.015 / 0.13,
      isClear: false,
      ...LID.half,
      dampness: 0.15,
      lamps: [
        { xShare: 0.2, airW: 0, shoneW: 75 * 0.775 * 0.65, lightShare: 0.15, by: "day" },
        { xShare: 0.4, airW: 0, shoneW: 100 * 0.575 * 0.65, lightShare: 0, by: "both" },
      ],
      sprayGPerDay: 0,
    },
  },
  {
    name: "an open planted box with a lamp in the middle",
    design: (room) =>
      made(
        started({ animalId: "greenAnole", room, shell: shell(60, 45, 60, "mesh") }),
        add("lamp", "halogenLamp", { powerW: 50, xCm: 30 }),
        mist([480, 780, 1140], 30),
      ),
    fillCm: 12,
    leafM2: 0.35,
    leafSM: THIN,
    solver: {
      ...size(60, 45, 60),
      ...GLASS,
      ...LID.mesh,
      dampness: 0.35,
      lamps: [{ xShare: 0.5, airW: 0, shoneW: 50 * 0.775 * 0.65, lightShare: 0.15, by: "day" }],
      sprayGPerDay: 0,
    },
  },
  {
    name: "a bare damp box with nothing that runs",
    design: (room) => started({ animalId: "crocodileSkink", room, shell: shell(60, 45, 40, "halfCovered") }),
    fillCm: 12,
    leafM2: 0,
    leafSM: THIN,
    solver: { ...size(60, 45, 40), ...GLASS, ...LID.half, dampness: 0.62, lamps: [], sprayGPerDay: 0 },
  },
];

const ROOMS = [
  [16, 60],
  [18, 50],
  [21, 40],
  [21, 60],
  [24, 50],
  [27, 45],
] as const;

const mid = ([low, high]: Range): number => (low + high) / 2;

function sized(box: Box, design: Design): Sizing {
  const leaf = ([open, shut]: Range): Range => [leafKgPerS(box.leafM2, shut), leafKgPerS(box.leafM2, open)];
  return sizingOf({
    animal: STOCK.get("animals", design.brief.animalId),
    room: design.brief.room,
    shell: design.shell,
    fillCm: box.fillCm,
    surfaceAt: () => box.fillCm,
    gear: fitted(design.gear, STOCK),
    wet: {
      leavesM2: box.leafM2,
      leavesKgPerS: { day: leaf(box.leafSM.day), night: leaf(box.leafSM.night) },
      waterM2: 0,
    },
    on: "2026-01-10",
    library: STOCK,
  });
}

type Line = { what: string; lies: number; range: Range };

function lines(box: Box, [c, rh]: (typeof ROOMS)[number]): Line[] {
  const design = box.design({ temperatureC: c, humidityRh: rh });
  const openings = openingsOf(design.shell, box.fillCm, STOCK);
  const told = sized(box, design);
  const one: Case = {
    ...box.solver,
    fillM: box.fillCm / 100,
    leafM2: box.leafM2,
    leafSM: { day: mid(box.leafSM.day), night: mid(box.leafSM.night) },
    sprayGPerDay: daily(design),
    changes: (lighterK) => airChangesPerH(openings, lighterK, { draughtMPerS: 0.002, leaksPerH: 0.5 }),
    room: { c, rh },
  };
  const [day, night] = [solve(one, "day"), solve(one, "night")];
  const [left, middle, right] = day.airC;
  const byDay = (left + middle + right) / 3;
  const byNight = night.airC.reduce((sum, value) => sum + value, 0) / 3;
  const litres = (at: 0 | 1) => (12 * (told.day.outGPerH[at] + told.night.outGPerH[at])) / 1000;
  return [
    { what: "warm end", lies: Math.max(left, right), range: told.warmEndC },
    { what: "cool end", lies: Math.min(left, right), range: told.coolEndC },
    { what: "night", lies: byNight, range: told.night.temperatureC },
    { what: "humidity by day", lies: rhOf(byDay, day.ratio), range: told.day.humidityRh },
    { what: "humidity by night", lies: rhOf(byNight, night.ratio), range: told.night.humidityRh },
    { what: "water lost", lies: 12 * 3600 * (day.outKgPerS + night.outKgPerS), range: [litres(0), litres(1)] },
  ];
}

/** A hundredth of a degree, a hundredth of a point, a gram. */
const HAIR = 0.01;
const isIn = ({ lies, range }: Line): boolean => lies >= range[0] - HAIR && lies <= range[1] + HAIR;

describe("a first sizing against an independent steady solver", () => {
  it("its ranges hold at least 80 % of 36 cases, in each of what it tells", () => {
    const all = BOXES.flatMap((box) =>
      ROOMS.flatMap((room) => lines(box, room).map((line) => ({ ...line, box: box.name, room }))),
    );
    const whats = [...new Set(all.map(({ what }) => what))];
    const shares = whats.map((what) => {
      const some = all.filter((line) => line.what === what);
      return { what, held: some.filter(isIn).length, of: some.length };
    });
    for (const { what, held, of } of shares) expect(held / of, `${what}: ${held} of ${of}`).toBeGreaterThanOrEqual(0.8);
  });
});
