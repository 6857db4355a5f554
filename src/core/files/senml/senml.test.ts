import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SERIES, SAMPLE_LIMITS, measurableOf } from "../../log";
import { channelOf, channelsIn, readSenml, resolveSenml, samplesIn, type Resolved } from "./index";

const NOW = Date.UTC(2026, 2, 2, 10);
const resolved = (raw: unknown): Resolved[] => {
  const read = resolveSenml(raw, NOW);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.records;
};
const problem = (raw: unknown) => {
  const read = resolveSenml(raw, NOW);
  return read.ok ? undefined : read.problem;
};

// RFC 8428, section 5.1; recalled, so that a figure may differ from print in its last digit.
describe("the examples of RFC 8428", () => {
  it("5.1.1: one record, at the time it is received", () => {
    expect(resolved([{ n: "urn:dev:ow:10e2073a01080063", u: "Cel", v: 23.1 }])).toEqual([
      { name: "urn:dev:ow:10e2073a01080063", unit: "Cel", atMs: NOW, value: 23.1, sum: undefined },
    ]);
  });

  it("5.1.2: a base name before each, a base time with times before it", () => {
    const pack = [
      { bn: "urn:dev:ow:10e2073a0108006:", bt: 1.276020076001e9, bu: "A", bver: 5, n: "voltage", u: "V", v: 120.1 },
      { n: "current", t: -5, v: 1.2 },
      { n: "current", t: -4, v: 1.3 },
      { n: "current", v: 1.7 },
    ];
    expect(resolved(pack).map(({ name, unit, atMs, value }) => [name, unit, atMs, value])).toEqual([
      ["urn:dev:ow:10e2073a0108006:voltage", "V", 1276020076001, 120.1],
      ["urn:dev:ow:10e2073a0108006:current", "A", 1276020071001, 1.2],
      ["urn:dev:ow:10e2073a0108006:current", "A", 1276020072001, 1.3],
      ["urn:dev:ow:10e2073a0108006:current", "A", 1276020076001, 1.7],
    ]);
  });

  it("5.1.3 resolves to 5.1.4: units of their own beside the base unit", () => {
    const pack = [
      { bn: "urn:dev:ow:10e2073a01080063", bt: 1.320067464e9, bu: "%RH", v: 20 },
      { u: "lon", v: 24.30621 },
      { u: "lat", v: 60.07965 },
      { t: 60, v: 20.3 },
      { u: "lon", t: 60, v: 24.30622 },
      { u: "%EL", t: 150, v: 98 },
      { t: 180, v: 21.2 },
    ];
    expect(resolved(pack).map(({ unit, atMs, value }) => [unit, atMs / 1000, value])).toEqual([
      ["%RH", 1320067464, 20],
      ["lon", 1320067464, 24.30621],
      ["lat", 1320067464, 60.07965],
      ["%RH", 1320067524, 20.3],
      ["lon", 1320067524, 24.30622],
      ["%EL", 1320067614, 98],
      ["%RH", 1320067644, 21.2],
    ]);
    const channels = channelsIn(resolved(pack));
    expect(channels.map(({ unit, series, count }) => [unit, series, count])).toEqual([
      ["%RH", "warmEnd.humidityRh", 3],
      ["lon", null, 2],
      ["lat", null, 1],
      ["%EL", null, 1],
    ]);
    expect(samplesIn(resolved(pack), channels)).toMatchObject({ left: 4, beyond: 0 });
  });

  it("5.1.5: words, switches and data are told, and taken for no reading", () => {
    const pack = [
      { bn: "urn:dev:ow:10e2073a01080063:", n: "temp", u: "Cel", v: 23.1 },
      { n: "label", vs: "Machine Room" },
      { n: "open", vb: false },
      { n: "nfc-reader", vd: "aGkgCg" },
    ];
    expect(resolved(pack).map(({ value }) => value)).toEqual([23.1, undefined, undefined, undefined]);
    expect(channelsIn(resolved(pack))).toHaveLength(1);
  });
});

describe("the rules of RFC 8428", () => {
  it("section 4.2: of a value and its base the one not told is nought, and sums likewise", () => {
    const told = resolved([{ bn: "a", bv: 20, v: 1.5 }, {}, { bs: 100, s: 5 }, { bv: 0, v: 2 }]);
    expect(told.map(({ value, sum }) => [value, sum])).toEqual([
      [21.5, undefined],
      [20, undefined],
      [20, 105],
      [2, 100],
    ]);
  });

  it("section 4.5.3: times under 2**28 are counted from now, others from 1970", () => {
    expect(resolved([{ n: "a", v: 1, t: -60 }])[0]?.atMs).toBe(NOW - 60_000);
    expect(resolved([{ n: "a", v: 1, t: 2 ** 28 }])[0]?.atMs).toBe(2 ** 28 * 1000);
  });

  it("refuses what it must, by the record and the field", () => {
    expect(problem({ n: "a" })).toEqual({ code: "senml.notJson" });
    expect(
      problem([
        { n: "a", v: 1 },
        { n: "b", v: "1" },
      ]),
    ).toEqual({ code: "senml.badField", at: 2, field: "v" });
    expect(problem([7])).toEqual({ code: "senml.badField", at: 1, field: "record" });
    expect(problem([{ n: "a", v: 1, bver: 11 }])).toEqual({ code: "senml.newer", found: 11, known: 10 });
    expect(problem([{ n: "a", v: 1, price_: 2 }])).toEqual({ code: "senml.mustUnderstand", at: 1, field: "price_" });
    expect(problem([{ n: "a", v: 1, price: 2 }])).toBeUndefined();
    expect(problem([{ n: ":a", v: 1 }])).toEqual({ code: "senml.badName", at: 1, name: ":a" });
    expect(problem([{ v: 1 }])).toEqual({ code: "senml.badName", at: 1, name: "" });
    expect(problem([{ n: "a", v: 1, vb: true }])).toEqual({ code: "senml.twoValues", at: 1 });
    expect(problem([{ n: "a" }])).toEqual({ code: "senml.noValue", at: 1 });
    expect(readSenml("[{", NOW)).toEqual({ ok: false, problem: { code: "senml.notJson" } });
  });
});

describe("channels", () => {
  it("knows every series of ours again by the name and unit it goes by in a pack", () => {
    for (const series of SERIES) {
      const [channel] = channelsIn(resolved([{ ...channelOf(series), v: 1 }]));
      expect(channel?.series, series).toBe(series);
    }
  });

  it("brings figures into our units, and leaves out what no gauge can tell", () => {
    const told = resolved([
      { bn: "hub/", n: "basking", u: "K", v: 308.15 },
      { n: "coolEnd", u: "far", v: 77 },
      { n: "water", u: "m", v: 0.052 },
      { n: "surface", u: "/", v: 0.4 },
      { n: "retreat", u: "%RH", v: 140 },
    ]);
    const { samples, left, beyond } = samplesIn(told, channelsIn(told));
    expect(samples.map(({ series, value }) => [series, value])).toEqual([
      ["basking.temperatureC", 35],
      ["coolEnd.temperatureC", 25],
      ["water.waterLineCm", 5.2],
      ["surface.moisturePct", 40],
    ]);
    expect([left, beyond]).toEqual([0, 1]);
  });

  it("loses and invents no record: taken, left out and beyond come to all", () => {
    const record = fc.record({
      n: fc.constantFrom("basking/t", "x", "water/ph", "cool/uvIndex"),
      u: fc.constantFrom("Cel", "%RH", "lux", "pH"),
      v: fc.double({ min: -200, max: 200, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(record, { maxLength: 40 }), (pack) => {
        const told = resolved(pack);
        const { samples, left, beyond } = samplesIn(told, channelsIn(told));
        expect(samples.length + left + beyond).toBe(pack.length);
        for (const { series, value } of samples) {
          const { min, max } = SAMPLE_LIMITS[measurableOf(series)];
          expect(value).toBeGreaterThanOrEqual(min);
          expect(value).toBeLessThanOrEqual(max);
        }
      }),
    );
  });
});
