import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { BLOCK_MS, blocksOf, rollup, samplesOf, type SampleBlock, type SeriesSample } from "@/core/log";
import { happened, started } from "@/core/testing";
import { db } from "./db";
import { putDesign } from "./designs";
import { addBlocks, addSamples, append, blocksIn, eventsOf, logOn, logRevOf, newestOf, removeSamples } from "./log";
import { range } from "./ranges";

const START_MS = Date.UTC(2026, 0, 5);
const HOUR_MS = 3_600_000;
const warm = "warmEnd.temperatureC";
const hourly = (hours: number, from = 0): SeriesSample[] =>
  Array.from({ length: hours }, (_, n) => ({
    series: warm,
    atMs: START_MS + (from + n) * HOUR_MS,
    value: 24 + Math.sin((from + n) / 3),
  }));
const logRev = () => logRevOf("h");

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
    expect(await logRev()).toBeGreaterThan(before);
    expect((await logOn("h", "2026-02-01")).log.state).toMatchObject({ sinceOn: "2026-02-01", tickedOn: {} });
  });

  it("are all read, in order, where there are thousands, and thousands of one instant", async () => {
    const at = (n: number) => `2026-02-0${n < 1500 ? 1 : n < 6000 ? 2 : 3}T08:00:00.000Z`;
    const events = Array.from({ length: 7001 }, (_, n) => ({
      ...{ id: `e${String(n).padStart(4, "0")}`, at: at(n), on: "2026-02-01" },
      ...{ kind: "tick" as const, dutyId: "mist" },
    }));
    await append("h", events);
    expect(await eventsOf("h")).toEqual(events);
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
      expect(stored).toEqual({ ...rollup(block, "day", "UTC"), habitatId: "h" });
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

describe("samples from a file, and a part of the time", () => {
  const walk = (count: number): SampleBlock[] =>
    blocksOf(
      "warmEnd.temperatureC",
      Array.from({ length: count }, (_, n) => ({
        atMs: START_MS + n * (HOUR_MS / 12),
        value: 20 + Math.sin(n / 9) * 5,
      })),
    );

  it("come in once, however often the file is read, and say how many were new", async () => {
    expect(await addBlocks("h", walk(4000))).toBe(4000);
    expect(await addBlocks("h", walk(4000))).toBe(0);
    expect(await addBlocks("h", walk(4100))).toBe(100);
    const kept = (await blocksIn("h")).flatMap(samplesOf);
    expect(new Set(kept.map(({ atMs }) => atMs)).size).toBe(4100);
  });
  it("are read finer for a part of the time, whose least and most stay, and the rest keeps its ends", async () => {
    await addBlocks("h", walk(30_000));
    const span = { fromMs: START_MS + 40 * 24 * HOUR_MS, toMs: START_MS + 42 * 24 * HOUR_MS };
    const [whole, part] = [
      await range("h", "warmEnd.temperatureC", 800),
      await range("h", "warmEnd.temperatureC", 800, span),
    ];
    const isIn = ({ atMs }: { atMs: number }) => atMs >= span.fromMs && atMs <= span.toMs;
    expect(part.points.filter(isIn).length).toBeGreaterThan(whole.points.filter(isIn).length * 10);
    const raw = walk(30_000)
      .flatMap(samplesOf)
      .filter(isIn)
      .map(({ value }) => value);
    const values = part.points.filter(isIn).map(({ value }) => value);
    expect([Math.min(...values), Math.max(...values)]).toEqual([Math.min(...raw), Math.max(...raw)]);
    expect(part.points[0]!.atMs).toBeLessThanOrEqual(START_MS + 24 * HOUR_MS);
    expect(part.points.at(-1)!.atMs).toBeGreaterThan(span.toMs + 24 * HOUR_MS);
    expect(part.points).toEqual(part.points.toSorted((a, b) => a.atMs - b.atMs));
  });
});
