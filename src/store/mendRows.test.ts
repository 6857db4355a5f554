import "./testing";
import { readFileSync } from "node:fs";
import Dexie from "dexie";
import { expect, it } from "vitest";
import { samplesOf } from "@/core/log";
import { db } from "./db";
import { wholeHabitat } from "./habitats";

const NOON = Date.UTC(2026, 0, 5, 12);
const BLOCK_MS = 7 * 86_400_000;
const blockOf = (atMs: number) => Math.floor(atMs / BLOCK_MS) * BLOCK_MS;

const frozen = JSON.parse(
  readFileSync(new URL("../core/files/fixtures/habitat-v12.json", import.meta.url), "utf8"),
) as { design: { id: string }; formatVersion: number; format: string };

const tick = { id: "t", at: "2026-01-05T12:00:00.000Z", on: "2026-01-05", kind: "tick", dutyId: "mist" };
const samplesAt = (...atMs: number[]) => ({
  habitatId: "h",
  series: "warmEnd.temperatureC",
  fromMs: blockOf(atMs[0] ?? 0),
  atMs: Float64Array.from(atMs),
  values: Float64Array.from(atMs, () => 25),
});

/** A database as version 7 left it, with what its writes let through. */
async function leaveVersion7(): Promise<void> {
  const old = new Dexie("rincon");
  old.version(7).stores({
    ...{ designs: "id, updatedAt", bins: "id", own: "id", trials: "id", photos: "id, habitatId", results: "hash, at" },
    ...{ events: "[habitatId+id], [habitatId+at]", samples: "[habitatId+series+fromMs]", aside: "id, habitatId" },
    rollups: "[habitatId+series+step+fromMs]",
  });
  await old.open();
  const document = { ...frozen, design: { ...frozen.design, id: "h" } };
  await old.table("designs").put({ id: "h", rev: 4, logRev: 9, updatedAt: "2026-01-05T08:00:00Z", document });
  const events = [
    tick,
    { ...tick, id: "late", on: "9999-12-31" },
    { ...tick, id: "nameless", dutyId: 7 },
    { ...tick, id: "grown", kind: "somethingElse" },
  ];
  await old.table("events").bulkPut(events.map((event) => ({ ...event, habitatId: "h" })));
  const inMicroseconds = (NOON + 3_600_000) * 1000;
  await old.table("samples").bulkPut([samplesAt(NOON), samplesAt(inMicroseconds), samplesAt(-5e12)]);
  const rolled = { habitatId: "h", series: "warmEnd.temperatureC", step: "day", fromMs: blockOf(inMicroseconds) };
  await old.table("rollups").put({ ...rolled, atMs: new Float64Array(1), count: Float64Array.from([1]) });
  old.close();
}

it("a database of version 7 opens: what its writes let through is mended or set aside, and no row of it is gone", async () => {
  await leaveVersion7();
  const whole = await wholeHabitat("h");
  expect(whole?.events.map(({ id }) => id).toSorted()).toEqual(["late", "t"]);
  expect(whole?.events.find(({ id }) => id === "late")?.on).toBe("2100-12-31");
  expect((await db().aside.toArray()).map(({ raw }) => raw)).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ id: "nameless", dutyId: 7 }),
      expect.objectContaining({ id: "grown", kind: "somethingElse" }),
      { series: "warmEnd.temperatureC", atMs: [-5e12], values: [25] },
    ]),
  );
  expect(whole?.samples.flatMap(samplesOf).map(({ atMs }) => atMs)).toEqual([NOON, NOON + 3_600_000]);
  expect(await db().logs.get("h")).toEqual({ habitatId: "h", rev: 9 });
  expect(await db().designs.get("h")).not.toHaveProperty("logRev");
  const days = (await db().rollups.toArray()).filter(({ step }) => step === "day");
  expect(days.map(({ fromMs, count }) => [fromMs, [...count]])).toEqual([[blockOf(NOON), [2]]]);
});
