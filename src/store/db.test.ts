import "./testing";
import { readFileSync } from "node:fs";
import Dexie from "dexie";
import { expect, it } from "vitest";
import { samplesOf, stateAt } from "@/core/log";
import { db } from "./db";
import { listDesigns } from "./designs";
import { wholeHabitat } from "./habitats";

type OldHabitat = { id: string; keeping: { sinceOn: string; readings: object[]; ticks: object[] } };

const frozen = (version: number) =>
  JSON.parse(
    readFileSync(new URL(`../core/files/fixtures/habitat-v${version}.json`, import.meta.url), "utf8"),
  ) as OldHabitat;

/** A database as the program before this one left it: whole documents in one table, of every version they had. */
async function leaveOldDatabase(): Promise<void> {
  const old = new Dexie("rincon");
  old.version(1).stores({ habitats: "id, updatedAt" });
  old.version(2).stores({ habitats: "id, updatedAt", bins: "id" });
  old.version(3).stores({ habitats: "id, updatedAt", bins: "id", own: "id" });
  await old.open();
  const rows = [1, 2, 3, 4, 5].map((version) => ({
    id: `from-v${version}`,
    updatedAt: "2026-01-05T08:00:00Z",
    document: { ...frozen(version), id: `from-v${version}` },
  }));
  await old
    .table("habitats")
    .bulkPut([...rows, { id: "torn", updatedAt: "2026-01-05T08:00:00Z", document: { format: "torn" } }]);
  await old.table("bins").put({ id: "bins", document: { kept: true } });
  old.close();
}

it("a database of the version before opens: logs apart from designs, nothing lost, what does not read kept as it lies", async () => {
  await leaveOldDatabase();
  const all = await listDesigns();
  expect(all.filter(({ ok }) => ok).map(({ id }) => id)).toEqual(
    expect.arrayContaining(["from-v1", "from-v2", "from-v3", "from-v4", "from-v5"]),
  );
  expect(all.filter(({ ok }) => !ok)).toMatchObject([{ id: "torn", raw: { format: "torn" } }]);
  for (const version of [1, 2, 3, 4, 5]) {
    const { keeping } = frozen(version);
    const whole = await wholeHabitat(`from-v${version}`);
    const told = keeping.readings.flatMap((reading) =>
      Object.values(reading).filter((value) => typeof value === "number"),
    );
    expect(whole?.samples.flatMap(samplesOf)).toHaveLength(told.length);
    expect(whole?.events.filter(({ kind }) => kind === "tick")).toHaveLength(keeping.ticks.length);
    expect(stateAt(whole!.events, "2099-12-31").sinceOn).toBe(keeping.sinceOn);
    const rolled = (await db().rollups.toArray()).filter(({ habitatId }) => habitatId === `from-v${version}`);
    const counted = rolled.filter(({ step }) => step === "day").flatMap(({ count }) => [...count]);
    expect(counted.reduce((sum, n) => sum + n, 0)).toBe(told.length);
  }
  expect(await db().bins.get("bins")).toEqual({ id: "bins", document: { kept: true } });
  expect(db().tables.map(({ name }) => name)).not.toContain("habitats");
});
