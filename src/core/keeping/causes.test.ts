import { describe, expect, it } from "vitest";
import type { SeriesId } from "../log";
import type { Command } from "../habitat";
import { derived as worked, happened, logged, made, started } from "../testing";
import { causesOf, type Circumstances } from "./causes";
import { dueList } from "./due";
import { heaterFaults } from "./heaters";
import { spellOf, type Spell } from "./report";

const TODAY = "2026-03-02";
const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const lit = made(started(), add("uv", "strongUvTube", { powerW: 54, size: { lengthCm: 50 } }));
const spell = (over: Partial<Spell> = {}): Spell => ({
  ...{ series: "warmEnd.humidityRh", side: "below", fromOn: "2026-02-27", untilOn: TODAY, worst: 40 },
  ...{ band: [60, 80], after: undefined },
  ...over,
});
const around = (over: Partial<Circumstances> = {}, design = started()): Circumstances => {
  const box = worked(design);
  const log = logged([{ kind: "movedIn", on: "2025-01-01" }]);
  return {
    ...{ scene: box, outlook: box.outlook, state: log.state, dues: [], gauges: [], heaters: [] },
    ...{ isOverSafeLine: false, today: TODAY },
    ...over,
  };
};
const kinds = (one: Spell, of: Circumstances) => causesOf(one, of).map(({ kind }) => kind);

describe("causes of readings out of band", () => {
  it("looks at the gauge first, then at what was changed, then at what is late", () => {
    const [event] = happened({ kind: "changed", on: "2026-02-26", text: "lid opened" });
    const of = around({
      gauges: [{ kind: "stuck", series: "warmEnd.humidityRh", value: 40, sinceMs: 0, hours: 30 }],
      dues: dueList(worked(started()), logged([{ kind: "movedIn", on: "2025-01-01" }]), TODAY, undefined).map(
        (due) => ({
          ...due,
          inDays: -3,
        }),
      ),
    });
    expect(kinds(spell({ after: event }), of).slice(0, 3)).toEqual(["gauge", "changed", "dutyLate"]);
    expect(kinds(spell({ series: "coolEnd.humidityRh" }), of)).not.toContain("gauge");
    // What is late now is no cause of what is over since long; where it is too wet, only drawing water off helps.
    expect(kinds(spell({ fromOn: "2026-01-01", untilOn: "2026-01-09" }), of)).not.toContain("dutyLate");
    const late = causesOf(spell({ side: "above" }), of).flatMap((one) =>
      one.kind === "dutyLate" ? [one.duty.id] : [],
    );
    expect(late).toEqual(["waterLine"]);
  });

  it("names water over its safe line where it is too wet, and nowhere else", () => {
    const of = around({ isOverSafeLine: true });
    expect(kinds(spell({ side: "above" }), of)).toContain("waterOver");
    expect(kinds(spell(), of)).not.toContain("waterOver");
    expect(kinds(spell({ series: "warmEnd.temperatureC", side: "above" }), of)).not.toContain("waterOver");
  });

  it("says that the design comes to no more, where it does not: the same figure the Climate step tells", () => {
    const of = around();
    const { warmEndC } = of.outlook.sizing;
    const cold = spell({ series: "warmEnd.temperatureC", band: [warmEndC[1] + 2, warmEndC[1] + 6] });
    expect(causesOf(cold, of)).toContainEqual({ kind: "design", comesTo: warmEndC });
    const fine = spell({ series: "warmEnd.temperatureC", band: [warmEndC[0] - 6, warmEndC[1]] });
    expect(kinds(fine, of)).not.toContain("design");
  });

  it("names the mist that the air does not take where water stands too high", () => {
    const wet = made(
      started({ shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 20, top: "glass" } }),
      add("pump", "mistingPump", {
        size: { nozzles: 4, mLPerMin: 80 },
        run: { by: "bursts", atMin: [480, 720, 960], forS: 60 },
      }),
    );
    const high = spell({ series: "water.waterLineCm", side: "above", worst: 7, band: [0, 5] });
    const of = around({}, wet);
    expect(causesOf(high, of)[0]).toEqual({ kind: "runsDown", litresADay: of.outlook.runsDownL });
    expect(kinds(high, around())).not.toContain("runsDown");
  });

  it("names a lamp for UV that is older than it is good for", () => {
    const low = spell({ series: "basking.uvIndex", band: [0, 0.1] });
    const of = around({}, lit);
    expect(causesOf(low, of)[0]).toEqual({ kind: "lampOld", gearId: "uv", months: 14 });
    const renewed = logged([
      { kind: "movedIn", on: "2025-01-01" },
      { kind: "renewed", on: "2026-02-01", gearId: "uv" },
    ]);
    expect(kinds(low, { ...of, state: renewed.state })).not.toContain("lampOld");
  });

  it("makes a spell of a newest reading that is out, and none of one in band", () => {
    const check = { what: "humidityRh", place: "warmEnd", value: 40, band: [60, 80], side: "below" } as const;
    const events = happened({ kind: "changed", on: "2026-03-01", text: "fan added" });
    const told = spellOf({ ...check, band: [60, 80], atMs: Date.UTC(2026, 2, 2, 12) }, events, "UTC");
    expect(told).toMatchObject({ series: "warmEnd.humidityRh", worst: 40, after: { kind: "changed" } });
    expect(spellOf({ ...check, band: [60, 80], atMs: 0, side: "in" }, events, "UTC")).toBeUndefined();
  });
});

describe("heaters that their thermostat does not hold", () => {
  const HOUR_MS = 3_600_000;
  const run = { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 28, nightC: 22, alarmLowC: null, alarmHighC: null };
  const heater = (more: object = {}) =>
    worked(made(started(), add("dark", "ceramicEmitter", { powerW: 60, run, ...more })));
  const series: SeriesId = "warmEnd.temperatureC";
  const told = (nightC: number, dayC: number, scene = heater()) =>
    heaterFaults(
      scene,
      { basking: undefined },
      {
        [series]: Array.from({ length: 4 * 24 }, (_, n) => {
          const hour = n % 24;
          const at = new Date(2026, 1, 27, 0).getTime() + n * HOUR_MS;
          return { atMs: at, value: hour >= 8 && hour < 20 ? dayC : nightC };
        }),
      },
      TODAY,
    ).map(({ kind, sinceOn }) => [kind, sinceOn]);

  it("stay on by night, stay off by day, or hold", () => {
    expect(told(22, 28)).toEqual([]);
    expect(told(24.5, 25.5)).toEqual([]);
    expect(told(27, 28)).toEqual([["staysOn", "2026-03-01"]]);
    expect(told(22, 23)).toEqual([["staysOff", "2026-03-01"]]);
  });

  it("is not said of one that is put away for the season", () => {
    expect(told(22, 23, heater({ months: [6, 7, 8] }))).toEqual([]);
    expect(told(22, 23, heater({ months: [1, 2, 3] }))).toHaveLength(1);
  });

  it("is not said of a lamp that a clock switches", () => {
    const clocked = worked(made(started(), add("lamp", "halogenLamp", { powerW: 50 })));
    expect(heaterFaults(clocked, { basking: undefined }, { [series]: [] }, TODAY)).toEqual([]);
  });
});
