import fc from "fast-check";
import { linearRegression, median as medianElsewhere } from "simple-statistics";
import { describe, expect, it } from "vitest";
import type { LogEvent, Sample } from "../log";
import { happened, scene, started } from "../testing";
import { daysToSafeLine, reportOf } from "./report";
import { bandFor } from "./index";
import { mannKendall, median, theilSen } from "./trend";

describe("trends", () => {
  it("Mann-Kendall on Gilbert 1987, Statistical Methods for Environmental Pollution Monitoring, 16.4.1: S = 4 (recalled)", () => {
    expect(mannKendall([10, 15, 14, 20]).s).toBe(4);
  });
  it("has Kendall's variance: n (n - 1) (2n + 5) / 18 without ties, so that ten in order score 3.936", () => {
    // S = 45, variance = 125: (45 - 1) / sqrt(125).
    expect(mannKendall(Array.from({ length: 10 }, (_, n) => n)).z).toBeCloseTo(44 / Math.sqrt(125), 12);
  });
  it("with ties the variance is less by t (t - 1) (2t + 5) / 18 for each group", () => {
    const { s, z } = mannKendall([1, 2, 2, 3, 4]);
    expect(s).toBe(9);
    expect(z).toBeCloseTo(8 / Math.sqrt((5 * 4 * 15 - 2 * 1 * 9) / 18), 12);
  });
  it("of a standard score has the probability tables of the normal distribution tell, on both sides", () => {
    const inOrder = (n: number) => mannKendall(Array.from({ length: n }, (_, k) => k));
    // Two-sided: z = 1.698 has 0.0894, z = 2.205 has 0.0275, z = 2.630 has 0.0085.
    expect(inOrder(4).p).toBeCloseTo(0.0894, 4);
    expect(inOrder(5).p).toBeCloseTo(0.0275, 4);
    expect(inOrder(6).p).toBeCloseTo(0.0085, 4);
  });
  it("Theil-Sen is the slope of a line, whatever less than a quarter of wild values does to it", () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 5, noNaN: true }), fc.integer({ min: 12, max: 40 }), (slope, n) => {
        const points = Array.from({ length: n }, (_, day) => ({ day, value: 3 + slope * day }));
        expect(theilSen(points)).toBeCloseTo(slope, 9);
        const wild = points.map((one) => (one.day % 6 === 1 ? { ...one, value: 1e4 } : one));
        const bent = theilSen(wild)!;
        expect(Math.abs(bent - slope)).toBeLessThan(1e-6);
      }),
      { numRuns: 60 },
    );
  });
  // Outside reference: the simple-statistics package, whose median and least squares are its own.
  it("agrees with simple-statistics: the median of all slopes, and the line where there is no noise", () => {
    const values = fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 2, maxLength: 25 });
    fc.assert(
      fc.property(values, (all) => {
        expect(median(all)).toBeCloseTo(medianElsewhere(all), 9);
        const points = all.map((value, n) => ({ day: n * 3 + (n % 3), value }));
        const slopes = points.flatMap((a, n) => points.slice(n + 1).map((b) => (b.value - a.value) / (b.day - a.day)));
        expect(theilSen(points)).toBeCloseTo(medianElsewhere(slopes), 9);
        const line = points.map(({ day }) => [day, 4 - 0.3 * day]);
        const told = theilSen(line.map(([day = 0, value = 0]) => ({ day, value })));
        expect(told).toBeCloseTo(linearRegression(line).m, 9);
      }),
    );
  });
  it("turned round in time a trend is the opposite, and of what never changes there is none", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 3, maxLength: 30 }), (values) => {
        const [there, back] = [mannKendall(values), mannKendall(values.toReversed())];
        expect(there.s).toBe(-back.s || 0);
        expect(there.z).toBeCloseTo(-back.z, 12);
      }),
    );
    expect(mannKendall([4, 4, 4, 4])).toMatchObject({ s: 0, z: 0 });
    expect(mannKendall([4, 4, 4, 4]).p).toBeCloseTo(1, 6);
  });
});

describe("what readings say by themselves", () => {
  const wanted = scene(started());
  const [low, high] = bandFor(wanted, "temperatureC", "warmEnd", 13)!;
  const at = (day: number, hour: number) => new Date(2026, 1, 1 + day, hour).getTime();
  /** Readings at one in the afternoon and three at night over some days, in band but where told. */
  const samples = (days: number, other: (day: number) => number | undefined): Sample[] =>
    Array.from({ length: days }, (_, day) =>
      [3, 13].map((hour) => ({ atMs: at(day, hour), value: other(day) ?? (low + high) / 2 })),
    ).flat();
  const report = (list: Sample[], events: LogEvent[] = []) =>
    reportOf(wanted, { "warmEnd.temperatureC": list }, events);

  it("counts readings in band by day and by night", () => {
    const { day, night } = report(samples(10, (n) => (n < 3 ? 10 : undefined)));
    expect([day, night]).toEqual([
      { in: 7, of: 10 },
      { in: 7, of: 10 },
    ]);
  });
  it("tells a spell with its days, its worst, and what was changed just before it", () => {
    const events = happened(
      { kind: "changed", on: "2026-01-20", text: "New lid" },
      { kind: "changed", on: "2026-02-06", text: "Lamp lower" },
      { kind: "fed", on: "2026-02-06", food: "insects", dusted: [], taken: "all", apart: false },
    );
    const cold = samples(30, (n) => (n >= 6 && n < 12 ? low - 5 - (n === 8 ? 2 : 0) : undefined));
    const [spell, ...others] = report(cold, events).spells;
    expect(others).toEqual([]);
    expect(spell).toMatchObject({ side: "below", fromOn: "2026-02-07", untilOn: "2026-02-12", worst: low - 7 });
    expect(spell!.after).toMatchObject({ kind: "changed", text: "Lamp lower" });
    expect(report(cold).spells[0]!.after).toBeUndefined();
  });
  it("one bad day is no spell, cold and heat are two, and a struck change explains nothing", () => {
    expect(report(samples(20, (n) => (n === 5 ? 10 : undefined))).spells).toEqual([]);
    const both = report(
      samples(20, (n) => (n === 5 || n === 6 ? low - 15 : n === 7 || n === 8 ? high + 9 : undefined)),
    );
    expect(both.spells.map(({ side }) => side).toSorted()).toEqual(["above", "below"]);
    const told = happened({ kind: "changed", on: "2026-02-06", text: "Lamp lower" });
    const struck: LogEvent = { id: "s", at: "2026-02-20T00:00:00Z", on: "2026-02-20", kind: "struck", eventId: "e0" };
    const cold = samples(20, (n) => (n >= 6 && n < 12 ? 10 : undefined));
    expect(report(cold, [...told, struck]).spells[0]!.after).toBeUndefined();
  });
  it("finds a drift chance does not explain, and none in what only wobbles", () => {
    const wobble = (n: number) => ((n * 7919) % 13) / 13 - 0.5;
    const drifting = report(samples(40, (n) => 25 + n * 0.1 + wobble(n)));
    expect(drifting.drifts[0]!.aWeek).toBeCloseTo(0.7, 1);
    expect(report(samples(40, (n) => 25 + wobble(n))).drifts).toEqual([]);
    expect(report(samples(10, (n) => 25 + n)).drifts).toEqual([]);
  });
  it("days to the safe line are those at which the drift has brought it there", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        (nowCm, roomCm, aWeek) => {
          const days = daysToSafeLine(nowCm, nowCm + roomCm, aWeek)!;
          expect(nowCm + (aWeek / 7) * days).toBeGreaterThanOrEqual(nowCm + roomCm - 1e-9);
          expect(nowCm + (aWeek / 7) * (days - 1)).toBeLessThan(nowCm + roomCm + 1e-9);
        },
      ),
    );
    expect(daysToSafeLine(5, 4, 1)).toBeUndefined();
    expect(daysToSafeLine(3, 4, -1)).toBeUndefined();
  });
});
