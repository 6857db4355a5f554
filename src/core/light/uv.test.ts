import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fitted } from "../gear";
import type { Command, Design } from "../habitat";
import { STOCK } from "../library";
import { NOTHING_LOGGED, type LogState } from "../log";
import { logged, made, started } from "../testing";
import { lambertOrder, leftByAge, lineShine, plantLamps, pointShine, ppfdAtPlace, uvIndexAt, uvLamps } from "./index";

describe("light by distance", () => {
  it("of a line: (α + sin α cos α)/d is what its small parts add up to, each by inverse square and both slants", () => {
    for (const [length, away, along] of [
      [55, 20, 0],
      [85, 40, 0],
      [30, 60, 0],
      [55, 25, 12],
    ] as const) {
      // Each part shines by the cosine of its angle from square, and falls on what faces the line by that cosine again.
      const steps = 40_000;
      const part = length / steps;
      const summed = Array.from({ length: steps }, (_, n) => -length / 2 + (n + 0.5) * part - along).reduce(
        (sum, x) => sum + (part * away ** 2) / (away ** 2 + x ** 2) ** 2,
        0,
      );
      expect(lineShine(length, away, along) / summed).toBeCloseTo(1, 5);
    }
  });
  it("of a lamp: all that it sends out falls on a wide floor, whatever its beam", () => {
    for (const beam of [30, 60, 90, 120]) {
      const ring = 0.002;
      const all = Array.from({ length: 60_000 }, (_, n) => (n + 0.5) * ring).reduce(
        (sum, r) => sum + pointShine(0.5, r, beam) * 2 * Math.PI * r * ring,
        0,
      );
      expect(all).toBeGreaterThan(0.97);
      expect(all).toBeLessThanOrEqual(1.001);
    }
    expect(lambertOrder(120)).toBeCloseTo(1, 10);
    expect(pointShine(0.5, 0, 120)).toBeCloseTo(1 / (Math.PI * 0.25), 6);
  });
  it("far from a tube it falls with the square of the distance, near to it with the distance", () => {
    expect(lineShine(30, 400) / lineShine(30, 800)).toBeCloseTo(4, 1);
    expect(lineShine(300, 4) / lineShine(300, 8)).toBeCloseTo(2, 1);
  });
});

const tube = (more: object = {}): Command => ({
  name: "addGear",
  args: { id: "uv", kindId: "linearUvTube", xCm: 30, yCm: 22, powerW: 24, size: { lengthCm: 55 }, ...more },
});
const lampsIn = (design: Design, state: LogState = NOTHING_LOGGED.state, on = "2026-03-01") =>
  uvLamps(fitted(design.gear, STOCK), design.shell, () => 12, state, on);
const under = (design: Design, zCm: number, state?: LogState, on?: string) =>
  uvIndexAt(lampsIn(design, state, on), { xCm: 30, yCm: 22, zCm });

describe("UV index at the animal's back", () => {
  const inside = made(started(), tube({ upCm: 56, place: "insideTop" }));
  const over = made(started(), tube({ upCm: 60, place: "aboveMesh" }));
  const glazed = made(over, { name: "setTop", args: { lid: "glass", coveredPct: 0 } });

  it("is the kind's own at the distance it is told for; a third or more less through mesh; nothing through glass", () => {
    const { distanceCm, index } = STOCK.get("gear", "linearUvTube").reference.uvIndexAt!;
    const told = under(inside, 56 - distanceCm);
    for (const at of [0, 1] as const) expect(told[at]).toBeCloseTo(index[at], 6);
    const meshed = under(over, 60 - distanceCm);
    expect(meshed[1] / told[1]).toBeLessThanOrEqual(0.75 + 1e-9);
    expect(meshed[0] / told[0]).toBeCloseTo(0.55, 6);
    expect(under(glazed, 30)).toEqual([0, 0]);
  });
  it("falls with every centimetre down and aside, and lamps that overlap add up", () => {
    const lamps = lampsIn(inside);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        (z, step) => {
          const at = (zCm: number, yCm = 22) => uvIndexAt(lamps, { xCm: 30, yCm, zCm })[1];
          expect(at(z)).toBeLessThanOrEqual(at(z + step));
          expect(at(z, 22 + step)).toBeLessThanOrEqual(at(z) + 1e-12);
        },
      ),
    );
    const twice = uvIndexAt([...lamps, ...lamps], { xCm: 30, yCm: 22, zCm: 20 });
    expect(twice[0]).toBeCloseTo(2 * under(inside, 20)[0], 9);
  });
  it("falls on a back as slantingly as it comes: half to the side of a tube by the cosine once more", () => {
    const lamps = lampsIn(inside);
    const at = (yCm: number, zCm: number) => uvIndexAt(lamps, { xCm: 30, yCm, zCm })[1];
    const away = Math.hypot(20, 20);
    const facing = (lineShine(55, away) / lineShine(55, 20)) * Math.SQRT1_2 ** lambertOrder(130);
    expect(at(42, 36) / at(22, 36) / facing).toBeCloseTo(Math.SQRT1_2, 6);
  });
  it("grows with the watts of a lamp, and is bounded by its face close to it", () => {
    const led = (powerW: number) =>
      made(started(), tube({ kindId: "uvLed", powerW, size: {}, upCm: 56, place: "insideTop" }));
    expect(under(led(40), 26)[1] / under(led(5), 26)[1]).toBeCloseTo(8, 6);
    expect(under(led(10), 51)[1]).toBeLessThan(under(led(10), 26)[1] * 20);
    const told = made(started(), tube({ powerW: 39, size: { lengthCm: 85 }, upCm: 56, place: "insideTop" }));
    expect(under(told, 26)[1] / under(inside, 26)[1]).toBeGreaterThan(1);
  });
  it("falls with the lamp's age, and begins again when it is renewed", () => {
    const moved = logged([{ kind: "movedIn", on: "2025-03-01" }], [], "2026-03-01").state;
    const old = under(inside, 26, moved, "2026-03-01")[1];
    expect(old / under(inside, 26)[1]).toBeCloseTo(0.7, 2);
    const renewed = logged(
      [
        { kind: "movedIn", on: "2025-03-01" },
        { kind: "renewed", on: "2026-02-28", gearId: "uv" },
      ],
      [],
      "2026-03-01",
    ).state;
    expect(under(inside, 26, renewed, "2026-03-01")[1] / under(inside, 26)[1]).toBeGreaterThan(0.99);
    expect([0, 400, 9000].map((days) => leftByAge(days, 12)).every((share) => share > 0 && share <= 1)).toBe(true);
  });
  it("is what a meter read, there, with what is between in it; a reading from before the lamp was renewed counts for nothing", () => {
    const read = { kind: "metered", on: "2026-02-20", gearId: "uv", uvIndex: 1.2, belowCm: 30 } as const;
    const state = logged([read], [], "2026-03-01").state;
    const [low, high] = under(over, 30, state);
    expect([low, high].map((one) => one / 1.2)).toEqual([expect.closeTo(0.9, 6), expect.closeTo(1.1, 6)]);
    // Half as far it is stronger, by the line's law.
    expect(under(over, 45, state)[0] / low).toBeCloseTo(lineShine(55, 15) / lineShine(55, 30), 6);
    const after = logged([read, { kind: "renewed", on: "2026-02-25", gearId: "uv" }], [], "2026-03-01").state;
    expect(under(over, 30, after)).not.toEqual([low, high]);
    expect(under(glazed, 30, state)).toEqual([0, 0]);
  });
});

it("species with a published zone want an index of that zone (Baines et al. 2016: mean to peak 0-1.4, 0.7-3, 1-7.4, 2.6-9.5)", () => {
  const ZONES = { 1: [0, 1.4], 2: [0.7, 3], 3: [1, 7.4], 4: [2.6, 9.5] } as const;
  const zoned = STOCK.all("animals").filter(({ uv }) => uv.zone !== null && uv.indexAtBack !== null);
  expect(zoned.length).toBeGreaterThan(8);
  for (const { id, uv } of zoned) {
    const [low, high] = ZONES[uv.zone!];
    expect(uv.indexAtBack![0], id).toBeGreaterThanOrEqual(low);
    expect(uv.indexAtBack![1], id).toBeLessThanOrEqual(high);
  }
});

it("a plant in a dark corner gets less than one under the lamp, and a lamp of another month none", () => {
  const lit = made(started(), {
    name: "addGear",
    args: { id: "led", kindId: "ledBar", lumens: 2200, xCm: 30, yCm: 22 },
  });
  const lamps = plantLamps(fitted(lit.gear, STOCK), lit.shell, () => 12);
  const [corner] = ppfdAtPlace(lamps, { xCm: 2, yCm: 43, zCm: 12 });
  const [middle] = ppfdAtPlace(lamps, { xCm: 30, yCm: 22, zCm: 12 });
  expect(corner).toBeGreaterThan(0);
  expect(corner).toBeLessThan(middle * 0.75);
  const summer = made(lit, { name: "setGear", args: { id: "led", months: [6, 7] } });
  expect(plantLamps(fitted(summer.gear, STOCK), summer.shell, () => 12, "2026-01-15")).toEqual([]);
});
