import {
  blocksOf,
  blockStart,
  logNow,
  merged,
  newestIn,
  samplesOf,
  SERIES,
  withoutSamples,
  type LogEvent,
  type LogNow,
  type Newest,
  type SampleBlock,
  type SeriesId,
  type SeriesSample,
} from "@/core/log";
import { grouped } from "@/core/grouped";
import { tell, type Told } from "./channel";
import { db, type SampleRow } from "./db";
import { rollupsOf } from "./rollupRows";

const LAST = Number.MAX_SAFE_INTEGER;

/** Counts a log's revision up, so that this tab's queries see that it changed. */
async function grew(habitatId: string): Promise<Told | undefined> {
  const row = await db().designs.get(habitatId);
  if (!row) return undefined;
  const logRev = row.logRev + 1;
  await db().designs.update(habitatId, { logRev });
  return { habitatId, rev: row.rev, logRev };
}

/** Changes a log in one transaction, then tells the other tabs. A habitat that is gone gets no log. */
async function changeLog(habitatId: string, change: () => Promise<void>): Promise<void> {
  const { designs, events, samples, rollups } = db();
  const told = await db().transaction("rw", [designs, events, samples, rollups], async () => {
    if (!(await designs.get(habitatId))) return undefined;
    await change();
    return grew(habitatId);
  });
  if (told) tell(told);
}

/** All events of a habitat, in the order they were written. */
export async function eventsOf(habitatId: string): Promise<LogEvent[]> {
  const rows = await db().events.where("[habitatId+at]").between([habitatId, ""], [habitatId, "\uffff"]).toArray();
  return rows.map(({ habitatId: _of, ...event }) => event);
}

/** Adds events to a habitat's log. Those that are there already stay as they are. */
export async function append(habitatId: string, events: readonly LogEvent[]): Promise<void> {
  if (events.length === 0) return;
  const { events: table } = db();
  await changeLog(habitatId, async () => {
    const known = await table.bulkGet(events.map(({ id }): [string, string] => [habitatId, id]));
    const fresh = events.filter((_, at) => known[at] === undefined);
    await table.bulkAdd(fresh.map((event) => ({ ...event, habitatId })));
  });
}

/** The blocks of a series that begin within a part of the time. */
export const blockKeys = (habitatId: string, series: SeriesId, fromMs = 0, toMs = LAST) =>
  db()
    .samples.where("[habitatId+series+fromMs]")
    .between([habitatId, series, fromMs], [habitatId, series, toMs], true, true);

async function putBlock(habitatId: string, block: SampleBlock): Promise<void> {
  if (block.atMs.length === 0) {
    await blockKeys(habitatId, block.series, block.fromMs, block.fromMs).delete();
    await db().rollups.bulkDelete(
      rollupsOf(habitatId, block).map((row) => [habitatId, row.series, row.step, row.fromMs]),
    );
    return;
  }
  await db().samples.put({ ...block, habitatId });
  await db().rollups.bulkPut(rollupsOf(habitatId, block));
}

const withoutOwner = ({ habitatId: _of, ...block }: SampleRow): SampleBlock => block;

/**
 * Adds samples: each goes into its week's block, whose roll-ups are made anew. Those told before are not told twice.
 */
export async function addSamples(habitatId: string, samples: readonly SeriesSample[]): Promise<void> {
  const { samples: table } = db();
  await changeLog(habitatId, async () => {
    for (const [series, list] of grouped(samples, (sample) => sample.series)) {
      for (const block of blocksOf(series, list)) {
        const before = await table.get([habitatId, series, block.fromMs]);
        await putBlock(habitatId, before ? merged(withoutOwner(before), samplesOf(block)) : block);
      }
    }
  });
}

/**
 * Adds whole blocks of samples, as from a file. Those that are there already are not told twice.
 *
 * @returns how many were new
 */
export async function addBlocks(habitatId: string, blocks: readonly SampleBlock[]): Promise<number> {
  const { samples: table } = db();
  let added = 0;
  await changeLog(habitatId, async () => {
    for (const block of blocks) {
      const before = await table.get([habitatId, block.series, block.fromMs]);
      const after = before ? merged(withoutOwner(before), samplesOf(block)) : merged(emptied(block), samplesOf(block));
      added += after.atMs.length - (before?.atMs.length ?? 0);
      await putBlock(habitatId, after);
    }
  });
  return added;
}

const emptied = (block: SampleBlock): SampleBlock => ({
  ...block,
  atMs: new Float64Array(0),
  values: new Float64Array(0),
});

/** Takes samples out again: a reading that was wrong. */
export async function removeSamples(habitatId: string, samples: readonly SeriesSample[]): Promise<void> {
  const { samples: table } = db();
  await changeLog(habitatId, async () => {
    for (const [series, list] of grouped(samples, (sample) => sample.series)) {
      for (const [fromMs, within] of grouped(list, ({ atMs }) => blockStart(atMs))) {
        const block = await table.get([habitatId, series, fromMs]);
        const gone = new Set(within.map(({ atMs }) => atMs));
        if (block) await putBlock(habitatId, withoutSamples(withoutOwner(block), gone));
      }
    }
  });
}

/** The newest sample of each series, by its last block alone. */
export async function newestOf(habitatId: string): Promise<Newest> {
  const keys = await allBlocks(habitatId).primaryKeys();
  // Keys come in order: the last of each series is its newest block.
  const last = new Map(keys.map((key) => [key[1], key]));
  const blocks = await db().samples.bulkGet([...last.values()]);
  return newestIn(blocks.filter((block) => block !== undefined));
}

/** What a habitat's log tells on a day. */
export async function logOn(habitatId: string, day: string): Promise<{ events: LogEvent[]; log: LogNow }> {
  const [events, newest] = await Promise.all([eventsOf(habitatId), newestOf(habitatId)]);
  return { events, log: { state: logNow({ events, samples: [] }, day).state, newest } };
}

const allBlocks = (habitatId: string) =>
  db().samples.where("[habitatId+series+fromMs]").between([habitatId], [habitatId, []]);

/** Every block of samples of a habitat, series by series in the order they are told. */
export async function blocksIn(habitatId: string): Promise<SampleBlock[]> {
  const blocks = (await allBlocks(habitatId).toArray()).map(withoutOwner);
  const place = new Map(SERIES.map((series, at) => [series, at]));
  return blocks.toSorted((a, b) => (place.get(a.series) ?? 0) - (place.get(b.series) ?? 0) || a.fromMs - b.fromMs);
}

/** Puts a whole log in, as from a file. */
export async function putLog(habitatId: string, events: readonly LogEvent[], blocks: readonly SampleBlock[]) {
  await db().events.bulkPut(events.map((event) => ({ ...event, habitatId })));
  await db().samples.bulkPut(blocks.map((block) => ({ ...block, habitatId })));
  await db().rollups.bulkPut(blocks.flatMap((block) => rollupsOf(habitatId, block)));
}

/** Takes a whole log away. */
export async function dropLog(habitatId: string): Promise<void> {
  await db().events.where("[habitatId+at]").between([habitatId, ""], [habitatId, "\uffff"]).delete();
  await allBlocks(habitatId).delete();
  const { rollups } = db();
  const keys = await rollups
    .where("[habitatId+series+step+fromMs]")
    .between([habitatId], [habitatId, []])
    .primaryKeys();
  await rollups.bulkDelete(keys);
}
