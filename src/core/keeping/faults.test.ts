import fc from "fast-check";
import psychrolib from "psychrolib";
import { describe, expect, it } from "vitest";
import { dewPointC } from "../climate";
import { channelsIn, resolveSenml, samplesIn } from "../files/senml";
import { grouped } from "../grouped";
import { hubPacks, hubSpecFor } from "../hub";
import type { LogEvent, Sample, SeriesId } from "../log";
import { derived as worked, happened, started } from "../testing";
import { gaugeFaults } from "./faults";
import { hoursADay } from "./hours";
import { shiftsOf } from "./shifts";
import { uvDecay } from "./uvDecay";
import type { BySeries } from "./settled";

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const FROM = Date.UTC(2026, 1, 1);
const every = (minutes: number, days: number, value: (hours: number) => number, fromMs = FROM): Sample[] =>
  Array.from({ length: Math.floor((days * 24 * 60) / minutes) }, (_, n) => ({
    atMs: fromMs + n * minutes * 60_000,
    value: value((n * minutes) / 60),
  }));
/** A day that swings by so much about a middle. */
const swing = (middle: number, by: number) => (hours: number) => middle + by * Math.sin((hours / 24) * 2 * Math.PI);

describe("gauges that do not live", () => {
  const living = every(15, 3, swing(25, 4));
  const stuck = living.map((sample) => (sample.atMs < FROM + 2 * DAY_MS ? sample : { ...sample, value: 24.2 }));

  it("shows the same for half a day while another of its kind moved", () => {
    const all: BySeries = { "warmEnd.temperatureC": living, "coolEnd.temperatureC": stuck };
    expect(gaugeFaults(all)).toEqual([
      {
        ...{ kind: "stuck", series: "coolEnd.temperatureC", value: 24.2, sinceMs: FROM + 2 * DAY_MS },
        hours: expect.closeTo(23.75),
      },
    ]);
  });

  it("is not told of where nothing moved, of a short stillness, nor of one that was read a few times", () => {
    const still = every(15, 3, () => 22);
    expect(gaugeFaults({ "warmEnd.temperatureC": still, "coolEnd.temperatureC": still })).toEqual([]);
    const late = living.map((sample) => (sample.atMs < FROM + 2.7 * DAY_MS ? sample : { ...sample, value: 24.2 }));
    expect(gaugeFaults({ "warmEnd.temperatureC": living, "coolEnd.temperatureC": late })).toEqual([]);
    const byHand = every(24 * 60, 8, () => 22);
    expect(gaugeFaults({ "warmEnd.temperatureC": living, "coolEnd.temperatureC": byHand })).toEqual([]);
  });

  it("goes by its own past where it stands alone: a coarse gauge is often the same for half a day", () => {
    expect(gaugeFaults({ "coolEnd.temperatureC": stuck })[0]?.kind).toBe("stuck");
    const coarse = every(15, 3, (hours) => (hours < 10 ? 23 : hours < 30 ? 24 : hours < 40 ? 25 : 24));
    expect(gaugeFaults({ "coolEnd.temperatureC": coarse })).toEqual([]);
    expect(gaugeFaults({ "coolEnd.temperatureC": every(15, 3, () => 22) })).toEqual([]);
  });

  // Common practice: cheap gauges of damp stick at 99 %.
  it("stands at its stop when it shows 99 % and more for a day, whether it flickers or not", () => {
    const stop = every(30, 2, (hours) => (hours < 12 ? 80 : hours % 2 ? 99 : 99.9));
    expect(gaugeFaults({ "warmEnd.humidityRh": stop })[0]).toMatchObject({ kind: "atStop", hours: 35.5 });
    expect(gaugeFaults({ "warmEnd.humidityRh": stop.slice(0, 60) })).toEqual([]);
  });

  it("is found in what a simulated hub tells, whichever of its gauges sticks, and only that one", () => {
    const design = started({ id: "h" });
    const derived = worked(design);
    const asked = { seed: 3, fromMs: FROM, untilMs: FROM + 7 * DAY_MS, everyS: 600, aheadMin: 0, sticks: null };
    const usual = hubSpecFor(derived, derived.outlook, {}, asked);
    // As under a lamp of some strength: the plain box has none.
    const spec = {
      ...usual,
      channels: usual.channels.map((one) => ({ ...one, day: one.night + (one.series.endsWith("C") ? 6 : -12) })),
    };
    const told = (sticks: SeriesId | undefined): BySeries => {
      const packs = [
        ...hubPacks({ ...spec, sticks: sticks ? { series: sticks, fromMs: FROM + 6 * DAY_MS } : null }),
      ].flat();
      const read = resolveSenml(packs, 0);
      if (!read.ok) throw new Error(read.problem.code);
      const { samples } = samplesIn(read.records, channelsIn(read.records));
      return Object.fromEntries(grouped(samples, ({ series }) => series));
    };
    expect(gaugeFaults(told(undefined))).toEqual([]);
    for (const series of ["warmEnd.temperatureC", "coolEnd.temperatureC", "coolEnd.humidityRh"] as const)
      expect(gaugeFaults(told(series)).map((fault) => [fault.kind, fault.series])).toEqual([["stuck", series]]);
  });
});

describe("a step since something was changed", () => {
  const changed: LogEvent[] = happened({ kind: "changed", on: "2026-02-08", text: "half of the lid covered" });
  const at = (before: number, after: number) =>
    every(60, 15, (hours) => swing(hours < 7.5 * 24 ? before : after, 2)(hours));

  it("is told with what was changed, its size and its way", () => {
    expect(shiftsOf({ "warmEnd.temperatureC": at(25, 28) }, changed, "UTC")).toEqual([
      { series: "warmEnd.temperatureC", by: expect.closeTo(3, 0), after: changed[0] },
    ]);
    expect(shiftsOf({ "warmEnd.humidityRh": at(80, 60) }, changed, "UTC")[0]?.by).toBeCloseTo(-20, 0);
  });

  it("is not told where the days overlap, where it is small, with too few days, or nothing changed", () => {
    expect(shiftsOf({ "warmEnd.temperatureC": at(25, 25.3) }, changed, "UTC")).toEqual([]);
    expect(shiftsOf({ "warmEnd.temperatureC": at(25, 28).slice(0, 10 * 24) }, changed, "UTC")).toEqual([]);
    expect(shiftsOf({ "warmEnd.temperatureC": at(25, 28) }, [], "UTC")).toEqual([]);
    const wild = every(60, 15, (hours) => (Math.floor(hours / 24) % 2 ? 20 : 30) + (hours < 180 ? 0 : 3));
    expect(shiftsOf({ "warmEnd.temperatureC": wild }, changed, "UTC")).toEqual([]);
  });

  it("tells one step once, though two things were changed within three days", () => {
    const both = happened(
      { kind: "changed", on: "2026-02-07", text: "a" },
      { kind: "changed", on: "2026-02-08", text: "b" },
    );
    expect(shiftsOf({ "warmEnd.temperatureC": at(25, 28) }, both, "UTC")).toHaveLength(1);
  });
});

describe("UV that falls as its lamp ages", () => {
  const design = started({ id: "h", animalId: "beardedDragon" });
  const scene = worked(design);
  const noon = (days: number, aMonth: number, from = 5) =>
    Array.from({ length: days }, (_, n) => ({
      atMs: FROM + n * 7 * DAY_MS + 12 * HOUR_MS,
      value: from * (1 - aMonth) ** ((n * 7) / 30),
    }));

  it("is told by its share a month, whatever it began with", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.2, noNaN: true }),
        fc.double({ min: 1, max: 9, noNaN: true }),
        (share, from) => {
          expect(uvDecay(scene, noon(12, share, from))?.shareAMonth).toBeCloseTo(share, 6);
        },
      ),
    );
  });

  it("names the day it comes under the band, and nothing where it does not fall or too little was read", () => {
    const low = scene.animal.uv.indexAtBack?.[0] ?? 0;
    expect(low).toBeGreaterThan(0);
    const decay = uvDecay(scene, noon(12, 0.05, low * 1.3));
    // 1.3 x 0.95^(t/30) = 1 at t = 30 ln(1.3) / -ln(0.95) = 153.5 days.
    expect(decay?.lowOn).toBe("2026-07-05");
    expect(uvDecay(scene, noon(12, -0.02))).toBeUndefined();
    expect(uvDecay(scene, noon(12, 0))).toBeUndefined();
    expect(uvDecay(scene, noon(4, 0.1))).toBeUndefined();
  });
});

describe("hours of dew, of dryness and under the lamp", () => {
  // Outside reference: psychrolib's dew point (ASHRAE Handbook of Fundamentals), to a tenth of a degree.
  it("goes by a dew point that agrees with psychrolib", () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 45, noNaN: true }),
        fc.double({ min: 50, max: 100, noNaN: true }),
        (t, rh) => {
          expect(Math.abs(dewPointC(t, rh) - psychrolib.GetTDewPointFromRelHum(t, rh / 100))).toBeLessThan(0.25);
        },
      ),
    );
    expect(dewPointC(20, 100)).toBeCloseTo(20, 9);
  });

  it("counts the hours of each day that was read for most of it", () => {
    const design = started({ id: "h" });
    const derived = worked(design);
    const { day, night } = derived.animal.humidityRh;
    const fine = Math.max(day.preferred[0], night.preferred[0]) + 1;
    const dryFor6h = every(30, 4, (hours) => (hours % 24 >= 9 && hours % 24 < 15 ? day.preferred[0] - 10 : fine));
    const hours = hoursADay(derived, derived.outlook, {
      "warmEnd.humidityRh": dryFor6h,
      "warmEnd.temperatureC": every(30, 4, () => derived.habitat.brief.room.temperatureC),
    });
    expect(hours).toMatchObject({ days: 4, baskingH: undefined });
    expect(hours?.dryH).toBeCloseTo(6, 0);
    expect(hours?.dewH).toBe(0);
    expect(hoursADay(derived, derived.outlook, { "warmEnd.humidityRh": every(24 * 60, 9, () => 75) })).toBeUndefined();
  });

  it("finds dew where warm damp air stands before glass as cold as the room lets it be", () => {
    const design = started({ id: "h" });
    const derived = worked(design);
    const roomC = derived.habitat.brief.room.temperatureC;
    const told = (rh: number) =>
      hoursADay(derived, derived.outlook, {
        "warmEnd.humidityRh": every(30, 2, () => rh),
        "warmEnd.temperatureC": every(30, 2, () => roomC + 8),
      })?.dewH;
    expect(told(95)).toBeCloseTo(24, 0);
    expect(told(35)).toBe(0);
  });
});
