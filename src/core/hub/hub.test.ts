import fc from "fast-check";
import { mean, standardDeviation } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { channelsIn, resolveSenml, samplesIn } from "../files/senml";
import type { SeriesId } from "../log";
import { hubPacks, HubSpecSchema, type HubSpec } from "./index";

const DAY_MS = 86_400_000;
const FROM = Date.UTC(2026, 1, 23);
const channel = { series: "warmEnd.temperatureC" as SeriesId, day: 30, night: 20, lagMin: 60 };
const still = { noise: 0, driftADay: 0, digits: 3 };
const spec = (over: Partial<HubSpec> = {}): HubSpec => ({
  ...{ seed: 7, fromMs: FROM, untilMs: FROM + 7 * DAY_MS, everyS: 300 },
  ...{ dayFromMin: 480, dayUntilMin: 1200, aheadMin: 0, lostShare: 0, sticks: null },
  channels: [{ ...channel, ...still }],
  ...over,
});

const samples = (of: HubSpec) =>
  [...hubPacks(of)].flatMap((pack) => {
    const read = resolveSenml(pack, 0);
    if (!read.ok) throw new Error(read.problem.code);
    return samplesIn(read.records, channelsIn(read.records)).samples;
  });
const at = (told: ReturnType<typeof samples>, hour: number, minute = 0) =>
  told.find(({ atMs }) => atMs === FROM + (hour * 60 + minute) * 60_000)?.value ?? Number.NaN;

describe("a simulated hub", () => {
  // The definition of a time constant: 63.2 % of the way after one of it, 95 % after three.
  it("follows the lamps by a first-order response", () => {
    const told = samples(spec());
    expect(at(told, 7)).toBe(20);
    // The instant the lamps go on at counts for the five minutes that follow.
    expect(at(told, 8, 55)).toBeCloseTo(20 + 10 * (1 - Math.exp(-1)), 2);
    expect(at(told, 10, 55)).toBeCloseTo(20 + 10 * (1 - Math.exp(-3)), 2);
    expect(at(told, 20, 55)).toBeCloseTo(20 + 10 * Math.exp(-1), 2);
    expect(told).toHaveLength(7 * 288);
  });

  it("goes by the clock of its keeper", () => {
    const ahead = samples(spec({ aheadMin: 120 }));
    expect(at(ahead, 5, 55)).toBe(20);
    expect(at(ahead, 6, 5)).toBeGreaterThan(20);
  });

  it("adds noise of the size it is told, and a drift", () => {
    const flat = { ...channel, night: 30, noise: 0.4, driftADay: 0, digits: 3 };
    const noisy = samples(spec({ channels: [flat] })).map(({ value }) => value);
    expect(mean(noisy)).toBeCloseTo(30, 1);
    expect(standardDeviation(noisy)).toBeCloseTo(0.4, 1);
    const drifting = samples(spec({ channels: [{ ...flat, noise: 0, driftADay: 0.5 }] }));
    expect((drifting.at(-1)?.value ?? 0) - (drifting[0]?.value ?? 0)).toBeCloseTo(3.5, 1);
  });

  it("loses its radio for about the share it is told, for a while each time", () => {
    const of = spec({ untilMs: FROM + 200 * DAY_MS, lostShare: 0.1, channels: [{ ...channel, ...still }] });
    const told = samples(of);
    const inAll = 200 * 288;
    expect(told.length / inAll).toBeGreaterThan(0.86);
    expect(told.length / inAll).toBeLessThan(0.94);
    const gaps = told.flatMap(({ atMs }, n) => (n > 0 ? [(atMs - (told[n - 1]?.atMs ?? 0)) / 60_000] : []));
    const lost = gaps.filter((minutes) => minutes > 5);
    expect(mean(lost)).toBeGreaterThan(60);
    expect(mean(lost)).toBeLessThan(130);
  });

  it("sticks on demand: one gauge shows the same from then on, the others go on", () => {
    const other = { ...channel, series: "coolEnd.temperatureC" as SeriesId, noise: 0.2, driftADay: 0, digits: 1 };
    const fromMs = FROM + 3 * DAY_MS;
    const told = samples(
      spec({ sticks: { series: channel.series, fromMs }, channels: [{ ...other, series: channel.series }, other] }),
    );
    const values = (series: SeriesId, isStuck: boolean) =>
      new Set(told.filter((one) => one.series === series && one.atMs >= fromMs === isStuck).map(({ value }) => value));
    expect(values(channel.series, true).size).toBe(1);
    expect(values(channel.series, false).size).toBeGreaterThan(50);
    expect(values(other.series, true).size).toBeGreaterThan(50);
  });

  it("tells the same for the same spec, within what its gauges can show", () => {
    const anySpec = fc.record({
      seed: fc.integer(),
      day: fc.double({ min: 0, max: 100, noNaN: true }),
      noise: fc.double({ min: 0, max: 30, noNaN: true }),
      lostShare: fc.double({ min: 0, max: 0.5, noNaN: true }),
    });
    fc.assert(
      fc.property(anySpec, ({ seed, day, noise, lostShare }) => {
        const damp = { ...channel, series: "warmEnd.humidityRh" as SeriesId, day, noise, driftADay: 0, digits: 1 };
        const of = spec({ seed, lostShare, untilMs: FROM + DAY_MS, channels: [damp] });
        const told = samples(of);
        expect(told).toEqual(samples(of));
        expect(told.every(({ value }) => value >= 0 && value <= 100)).toBe(true);
        expect(HubSpecSchema.safeParse(of).success).toBe(true);
      }),
      { numRuns: 25 },
    );
  });

  it("refuses a spec that never ends or tells nothing, by its field", () => {
    const wrong = (over: Partial<HubSpec>) => HubSpecSchema.safeParse(spec(over)).error?.issues[0]?.path[0];
    expect(wrong({ untilMs: FROM })).toBe("untilMs");
    expect(wrong({ untilMs: FROM + 500 * DAY_MS })).toBe("untilMs");
    expect(wrong({ everyS: 0 })).toBe("everyS");
    expect(wrong({ channels: [] })).toBe("channels");
  });
});
