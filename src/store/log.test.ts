import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { BLOCK_MS, rollup, samplesOf, type SeriesSample } from "@/core/log";
import { happened, started } from "@/core/testing";
import { db } from "./db";
import { getDesign, putDesign } from "./designs";
import { addSamples, append, blocksIn, eventsOf, logOn, newestOf, range, removeSamples } from "./log";

const START_MS = Date.UTC(2026, 0, 5);
const HOUR_MS = 3_600_000;
const warm = "warmEnd.temperatureC";
const hourly = (hours: number, from = 0): SeriesSample[] =>
  Array.from({ length: hours }, (_, n) => ({
    series: warm,
    atMs: START_MS + (from + n) * HOUR_MS,
    value: 24 + Math.sin((from + n) / 3),
  }));
const logRev = async () => {
  const found = await getDesign("h");
  return found?.ok ? found.logRev : undefined;
};

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
  await putDesign(started({ id: "h" }));
});

describe("events", () => {
  it("are appended once, however often they are told, and the log's revision counts up", async () => {
    const events = happened({ kind: "movedIn", on: "2026-02-01" }, { kind: "tick", on: "2026-02-02", dutyId: "mist" });
    const before = await logRev();
    await append("h", events);
    await append("h", events);
    expect(await eventsOf("h")).toEqual(events);
    expect(await logRev()).toBeGreaterThan(before!);
    expect((await logOn("h", "2026-02-01")).log.state).toMatchObject({ sinceOn: "2026-02-01", tickedOn: {} });
  });

  it("of one habitat are not those of another", async () => {
    await putDesign(started({ id: "h2" }));
    await append("h", happened({ kind: "movedIn", on: "2026-02-01" }));
    await append("h2", happened({ kind: "tick", on: "2026-02-02", dutyId: "mist" }));
    expect([(await eventsOf("h")).length, (await eventsOf("h2")).map(({ kind }) => kind)]).toEqual([1, ["tick"]]);
  });
});

describe("samples", () => {
  it("go into the blocks of their weeks, whatever portions they come in, with roll-ups made from them", async () => {
    const samples = hourly(400);
    await addSamples("h", samples.slice(100));
    await addSamples("h", samples.slice(0, 200));
    const blocks = await blocksIn("h");
    expect(blocks.flatMap(samplesOf)).toEqual(samples.map(({ atMs, value }) => ({ atMs, value })));
    expect(blocks.length).toBe(Math.floor((START_MS % BLOCK_MS) / BLOCK_MS + (400 * HOUR_MS) / BLOCK_MS) + 1);
    for (const block of blocks) {
      const stored = await db().rollups.get(["h", warm, "day", block.fromMs]);
      expect(stored).toEqual({ ...rollup(block, "day"), habitatId: "h" });
    }
  });

  it("that were wrong are taken out again, and a block left empty goes with its roll-ups", async () => {
    await addSamples("h", hourly(2));
    await removeSamples("h", hourly(1));
    expect((await newestOf("h"))[warm]?.atMs).toBe(START_MS + HOUR_MS);
    expect((await db().rollups.get(["h", warm, "hour", (await blocksIn("h"))[0]!.fromMs]))?.count).toEqual(
      new Float64Array([1]),
    );
    await removeSamples("h", hourly(2));
    expect([await db().samples.count(), await db().rollups.count(), await newestOf("h")]).toEqual([0, 0, {}]);
  });

  it("are drawn raw while they are few, and then from roll-ups that keep the least and the most", async () => {
    const samples = hourly(3000);
    await addSamples("h", samples);
    expect(await range("h", warm, 5000)).toEqual({
      points: samples.map(({ atMs, value }) => ({ atMs, value })),
      count: 3000,
    });
    const { points, count } = await range("h", warm, 400);
    expect(count).toBe(3000);
    expect(points.length).toBeLessThanOrEqual(400);
    const values = samples.map(({ value }) => value);
    expect(Math.max(...points.map(({ value }) => value))).toBe(Math.max(...values));
    expect(Math.min(...points.map(({ value }) => value))).toBe(Math.min(...values));
    expect(await range("h", "coolEnd.waterLineCm", 400)).toEqual({ points: [], count: 0 });
  });
});
