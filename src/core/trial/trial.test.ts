import { randomNormal } from "d3-random";
import fc from "fast-check";
import { mean, tTest } from "simple-statistics";
import { describe, expect, it } from "vitest";
import type { Sample } from "../log";
import { seeded } from "../random";
import { happened } from "../testing";
import { daysAfter } from "../units";
import {
  dailyDifferences,
  NO_TRIALS,
  pairedInterval,
  trialLog,
  trialOf,
  trialsJoined,
  TrialsSchema,
  verdictOf,
  withoutTrial,
  withTrial,
  type DailyDifference,
  type Trial,
} from "./index";

const FROM = "2026-01-01";
/** Differences on days that lie apart, so that none is like the next. */
const apart = (values: readonly number[]): DailyDifference[] =>
  values.map((by, n) => ({ on: daysAfter(FROM, n * 3), by }));
const inARow = (values: readonly number[]): DailyDifference[] =>
  values.map((by, n) => ({ on: daysAfter(FROM, n), by }));

describe("the interval of paired differences", () => {
  // "Student" 1908, The probable error of a mean: ten patients, hours of sleep gained with one drug over the other.
  // Mean 1.58, t = 4.062, and so 0.70 to 2.46 for 95 %, as textbooks print it.
  it("is that of the textbook example", () => {
    const sleep = [1.2, 2.4, 1.3, 1.3, 0, 1, 1.8, 0.8, 4.6, 1.4];
    const interval = pairedInterval(apart(sleep));
    expect(interval?.mean).toBeCloseTo(1.58, 9);
    expect(interval?.low).toBeCloseTo(0.7, 2);
    expect(interval?.high).toBeCloseTo(2.46, 2);
    expect(interval).toMatchObject({ n: 10, effectiveN: 10 });
  });

  // Outside reference: the t statistic of the simple-statistics package.
  it("leaves out nought just where the t test says so", () => {
    // Tables of Student's distribution: 2.262 for 9 degrees of freedom, two sides, 5 %.
    const T9 = 2.262;
    fc.assert(
      fc.property(fc.array(fc.double({ min: -5, max: 6, noNaN: true }), { minLength: 10, maxLength: 10 }), (values) => {
        fc.pre(new Set(values).size > 2);
        const t = Math.abs(tTest([...values], 0));
        fc.pre(Math.abs(t - T9) > 0.01);
        const interval = pairedInterval(apart(values));
        const leavesOut = (interval?.low ?? 0) > 0 || (interval?.high ?? 0) < 0;
        expect(leavesOut).toBe(t > T9);
        expect(interval?.mean).toBeCloseTo(mean(values), 9);
      }),
    );
  });

  it("holds the true difference about as often as it says although each day is like the last", () => {
    const normal = randomNormal.source(seeded(5))(0, 1);
    const runs = 400;
    let [held, heldNaively] = [0, 0];
    for (let run = 0; run < runs; run++) {
      let value = normal();
      const days = Array.from({ length: 60 }, () => (value = 0.6 * value + 0.8 * normal()) + 2);
      const interval = pairedInterval(inARow(days));
      const naive = pairedInterval(apart(days));
      if (interval && interval.low <= 2 && interval.high >= 2) held += 1;
      if (naive && naive.low <= 2 && naive.high >= 2) heldNaively += 1;
    }
    expect(heldNaively / runs).toBeLessThan(0.8);
    expect(held / runs).toBeGreaterThan(0.88);
  });

  it("is undefined for fewer than two, a point where all are the same", () => {
    expect(pairedInterval([])).toBeUndefined();
    expect(pairedInterval(apart([1]))).toBeUndefined();
    expect(pairedInterval(apart([3, 3, 3, 3]))).toMatchObject({ mean: 3, low: 3, high: 3 });
  });
});

describe("differences day by day", () => {
  const at = (day: number, hour: number, value: number): Sample => ({ atMs: Date.UTC(2026, 0, day, hour), value });

  it("hold only what was read in the same quarter of a day against one another", () => {
    const a = [at(1, 8, 20), at(1, 13, 30), at(2, 13, 30), at(3, 2, 18)];
    const b = [at(1, 9, 19), at(2, 14, 27), at(2, 16, 29), at(3, 14, 28)];
    expect(dailyDifferences(a, b, "UTC")).toEqual([
      { on: "2026-01-01", by: 1 },
      { on: "2026-01-02", by: 2 },
    ]);
  });

  it("turn round with the two, and are nought of one against itself", () => {
    const sample = fc.record({
      atMs: fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2026, 0, 20) }),
      value: fc.double({ min: -20, max: 60, noNaN: true }),
    });
    const samples = fc.array(sample, { maxLength: 60 });
    fc.assert(
      fc.property(samples, samples, (a, b) => {
        const there = dailyDifferences(a, b, "UTC");
        const back = dailyDifferences(b, a, "UTC");
        expect(back.map(({ on }) => on)).toEqual(there.map(({ on }) => on));
        there.forEach(({ by }, n) => expect(by + (back[n]?.by ?? Number.NaN)).toBeCloseTo(0, 9));
        expect(dailyDifferences(a, a, "UTC").every(({ by }) => by === 0)).toBe(true);
      }),
    );
  });
});

describe("the verdict", () => {
  const interval = (mean: number, half: number, n = 30) => ({
    mean,
    low: mean - half,
    high: mean + half,
    n,
    effectiveN: n,
  });

  it("says nothing before a week, whatever the figures", () => {
    expect(verdictOf(undefined, "humidityRh")).toEqual({ kind: "tooFew", days: 0, needed: 7 });
    expect(verdictOf(interval(20, 0.1, 6), "humidityRh")).toEqual({ kind: "tooFew", days: 6, needed: 7 });
  });

  it("tells which reads higher, and whether anybody would mind", () => {
    expect(verdictOf(interval(8, 2), "humidityRh")).toEqual({ kind: "higher", which: "a", isWorth: true });
    expect(verdictOf(interval(-8, 2), "humidityRh")).toEqual({ kind: "higher", which: "b", isWorth: true });
    expect(verdictOf(interval(2, 1.5), "humidityRh")).toEqual({ kind: "higher", which: "a", isWorth: false });
  });

  it("calls alike what lies within what nobody minds, nought in it or not", () => {
    expect(verdictOf(interval(0.1, 0.3), "temperatureC")).toEqual({ kind: "alike" });
    expect(verdictOf(interval(0.3, 0.1), "temperatureC")).toEqual({ kind: "alike" });
  });

  it("stays open where it may be either, with about the days that would settle it", () => {
    // Half of the interval must come down from 4 to 2.5: (4 / 2.5)^2 = 2.56 times the 30 days, 47 more.
    expect(verdictOf(interval(0.5, 4), "humidityRh")).toEqual({ kind: "open", moreDays: 47 });
    expect(verdictOf(interval(0, 400), "humidityRh")).toEqual({ kind: "open", moreDays: undefined });
  });

  it("is the other way round when the two are, and one of four for any interval", () => {
    const figures = fc.tuple(
      fc.double({ min: -30, max: 30, noNaN: true }),
      fc.double({ min: 0, max: 30, noNaN: true }),
      fc.integer({ min: 2, max: 400 }),
    );
    fc.assert(
      fc.property(figures, ([by, half, n]) => {
        const there = verdictOf(interval(by, half, n), "humidityRh");
        const back = verdictOf(interval(-by, half, n), "humidityRh");
        expect(back.kind).toBe(there.kind);
        if (there.kind === "higher" && back.kind === "higher") expect(back.which).not.toBe(there.which);
        if (there.kind === "open" && there.moreDays !== undefined) expect(there.moreDays).toBeGreaterThan(0);
      }),
    );
  });
});

describe("what the log tells of a trial", () => {
  const events = happened(
    { kind: "weighed", on: "2025-12-20", massG: 10 },
    { kind: "weighed", on: "2026-01-01", massG: 40 },
    { kind: "weighed", on: "2026-01-15", massG: 44 },
    { kind: "weighed", on: "2026-01-29", massG: 48 },
    { kind: "grew", on: "2026-01-01", standId: "p1", heightCm: 10 },
    { kind: "grew", on: "2026-01-31", standId: "p1", heightCm: 13 },
    { kind: "grew", on: "2026-01-01", standId: "p2", heightCm: 30 },
    { kind: "grew", on: "2026-01-31", standId: "p2", heightCm: 31 },
    { kind: "fed", on: "2026-01-03", food: "insects", dusted: [], taken: "refused", apart: false },
    { kind: "fed", on: "2026-01-04", food: "insects", dusted: [], taken: "all", apart: false },
    { kind: "tick", on: "2026-01-04", dutyId: "mist", minutes: 5 },
    { kind: "tick", on: "2026-01-05", dutyId: "mist" },
    { kind: "spent", on: "2026-01-05", amount: 12.5, text: "leaves" },
    { kind: "counted", on: "2026-01-09", crewId: "dwarfWhiteIsopod", count: 20 },
    { kind: "counted", on: "2026-01-07", crewId: "dwarfWhiteIsopod", count: 12 },
    { kind: "lost", on: "2026-01-10", plantId: "creepingFig", how: "died" },
    { kind: "left", on: "2026-01-11", how: "died", count: 2, text: "" },
    { kind: "spent", on: "2026-02-20", amount: 99, text: "later" },
  );

  it("counts what falls into it, each animal and plant by its own course", () => {
    const told = trialLog(events, "2026-01-01", "2026-01-31");
    expect(told.massGAWeek).toBeCloseTo(2, 9);
    expect(told.plantCmAMonth).toBeCloseTo(2, 9);
    expect(told).toMatchObject({ died: 2, plantsDied: 1, meals: 1, refused: 1, spent: 12.5, minutes: 5 });
    expect([...told.crew]).toEqual([["dwarfWhiteIsopod", 20]]);
  });

  it("tells no growth of one weighing", () => {
    expect(trialLog(events, "2026-01-01", "2026-01-10").massGAWeek).toBeUndefined();
  });
});

describe("trials on a device", () => {
  const trial: Trial = {
    ...{ id: "t", question: "Does deeper litter hold damp?", aId: "a", bId: "b" },
    ...{ series: "coolEnd.humidityRh", startOn: FROM, endOn: null },
  };

  it("are put in, changed, found from either side, joined and taken out", () => {
    const all = withTrial(withTrial(NO_TRIALS, trial), { ...trial, endOn: "2026-02-01" });
    expect(all.trials).toHaveLength(1);
    expect(trialOf(all, "b", "a")?.endOn).toBe("2026-02-01");
    expect(trialOf(all, "a", "c")).toBeUndefined();
    const later = withTrial(all, { ...trial, id: "u", startOn: "2026-03-01" });
    expect(trialOf(later, "a", "b")?.id).toBe("u");
    expect(trialsJoined(all, later).trials.map(({ id }) => id)).toEqual(["t", "u"]);
    expect(withoutTrial(all, "t")).toEqual(NO_TRIALS);
    expect(TrialsSchema.safeParse(later).success).toBe(true);
  });

  it("hold two habitats, and end after they begin", () => {
    expect(() => withTrial(NO_TRIALS, { ...trial, bId: "a" })).toThrow(/bId/);
    expect(() => withTrial(NO_TRIALS, { ...trial, endOn: FROM })).toThrow(/endOn/);
    expect(() => withTrial(NO_TRIALS, { ...trial, question: "" })).toThrow(/question/);
  });
});
