import type { Table } from "dexie";
import { sampleInstantNow, timesNow } from "@/core/files";
import { INSTANTS_MS } from "@/core/habitat";
import { blocksOf, EventSchema, merged, samplesOf, type SampleBlock } from "@/core/log";
import { grouped } from "@/core/grouped";
import { rollupsOf } from "./rollupRows";
import { zoneHere } from "./zone";

type Tables = (name: string) => Table<unknown>;
type OldDesign = { id: string; logRev?: number };
type OldEvent = { habitatId: string; id: string; at: string };
type Samples = SampleBlock & { habitatId: string };

const EARLIEST = new Date(INSTANTS_MS.min).toISOString();

/** Revisions of logs go into a table of their own. */
async function partLogs(table: Tables): Promise<void> {
  const rows = (await table("designs").toArray()) as OldDesign[];
  await table("logs").bulkPut(rows.map(({ id, logRev }) => ({ habitatId: id, rev: logRev ?? 1 })));
  await table("designs").bulkPut(rows.map(({ logRev: _, ...row }) => row));
}

/** Keeps as it lies what no file can hold. */
const setAsideRow = (table: Tables, habitatId: string, what: string, at: string, raw: unknown) =>
  table("aside").put({ id: `${what}-${habitatId}`, habitatId, name: "", why: "damaged", at, raw });

/** Events that were written past what a file can hold: mended where only a time was off, else set aside. */
async function mendEvents(table: Tables): Promise<void> {
  for (const row of (await table("events").toArray()) as OldEvent[]) {
    const { habitatId, ...event } = row;
    if (EventSchema.safeParse(event).success) continue;
    const mended = EventSchema.safeParse(timesNow(event));
    if (mended.success) {
      await table("events").put({ ...mended.data, habitatId });
      continue;
    }
    const { id, at } = event;
    await setAsideRow(table, habitatId, `event-${id}`, at, event);
    await table("events").delete([habitatId, id]);
  }
}

/** Samples whose instants were told in another unit, where they belong; the rest of them is set aside. */
async function mendInstants(table: Tables): Promise<void> {
  const keys = (await table("samples").toCollection().primaryKeys()) as [string, string, number][];
  for (const key of keys.filter(([, , fromMs]) => fromMs < INSTANTS_MS.min || fromMs > INSTANTS_MS.max)) {
    const { habitatId, ...block } = (await table("samples").get(key)) as Samples;
    await table("samples").delete(key);
    for (const step of ["hour", "day"]) await table("rollups").delete([habitatId, block.series, step, block.fromMs]);
    const told = samplesOf(block).flatMap(({ atMs, value }) => {
      const now = sampleInstantNow(atMs);
      return now === undefined ? [] : [{ atMs: now, value }];
    });
    if (told.length < block.atMs.length) {
      const raw = { series: block.series, atMs: [...block.atMs], values: [...block.values] };
      await setAsideRow(table, habitatId, `samples-${block.series}-${block.fromMs}`, EARLIEST, raw);
    }
    for (const mended of blocksOf(block.series, told)) {
      const there = (await table("samples").get([habitatId, block.series, mended.fromMs])) as Samples | undefined;
      await table("samples").put({ ...(there ? merged(there, samplesOf(mended)) : mended), habitatId });
    }
  }
}

/** Roll-ups by the clock of this device, where they were by that of Greenwich. */
async function rollByClock(table: Tables): Promise<void> {
  const keys = (await table("samples").toCollection().primaryKeys()) as [string, string, number][];
  for (const [, some] of grouped(keys.entries(), ([n]) => Math.floor(n / 100))) {
    const blocks = (await table("samples").bulkGet(some.map(([, key]) => key))) as Samples[];
    const rows = blocks.flatMap(({ habitatId, ...block }) => rollupsOf(habitatId, block, zoneHere()));
    await table("rollups").bulkPut(rows);
  }
}

/**
 * Brings the rows of a database of version 7 to what every write is held to since: nothing that was written before is
 * lost, and nothing is left that a backup could not hold.
 */
export async function mendRows(table: Tables): Promise<void> {
  await partLogs(table);
  await mendEvents(table);
  await mendInstants(table);
  await rollByClock(table);
}
