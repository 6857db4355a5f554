import { EditRefused } from "@/core/habitat";
import {
  blocksOfSamples,
  blockStart,
  checkedEvents,
  logNow,
  merged,
  mustBeSamples,
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
import type { TimeZone } from "@/core/units";
import { tell, type Written } from "./channel";
import { db, type SampleRow } from "./db";
import { rollupsOf } from "./rollupRows";
import { zoneIn } from "./zone";

const LAST = Number.MAX_SAFE_INTEGER;

/** How often something was added to a habitat's log. */
export const logRevOf = async (habitatId: string): Promise<number> => (await db().logs.get(habitatId))?.rev ?? 0;

/** Counts a log's revision up, so that queries and other tabs see that it changed. */
export async function logGrew(habitatId: string): Promise<number> {
  const rev = (await logRevOf(habitatId)) + 1;
  await db().logs.put({ habitatId, rev });
  return rev;
}

export const logTables = () => {
  const { designs, logs, events, samples, rollups } = db();
  return [designs, logs, events, samples, rollups];
};

/** Changes a log in one transaction, then tells the other tabs. A habitat that is gone gets no log. */
async function changeLog(habitatId: string, change: (zone: TimeZone) => Promise<void>): Promise<void> {
  const told = await db().transaction("rw", logTables(), async (): Promise<Written | undefined> => {
    const row = await db().designs.get(habitatId);
    if (!row) return undefined;
    await change(zoneIn(row.document));
    return { habitatId, rev: row.rev, logRev: await logGrew(habitatId) };
  });
  if (told) tell(told);
}

/** Every write was checked; this is for a row that something else spoilt: without its day or kind no log can be told. */
const isWritten = ({ id, kind, on }: { id: unknown; kind: unknown; on: unknown }): boolean =>
  [id, kind, on].every((told) => typeof told === "string");

type EventRow = LogEvent & { habitatId: string };
/** So many events are read at once that the page does not stand still for a log of ten years. */
const EVENTS_A_PAGE = 2000;

/** Event rows in the order they were written, a page at a time; those of one instant may lie across two pages. */
async function eventRows(habitatId: string): Promise<EventRow[]> {
  const rows: EventRow[] = [];
  let [from, size] = ["", EVENTS_A_PAGE];
  for (;;) {
    const page = await db()
      .events.where("[habitatId+at]")
      .between([habitatId, from], [habitatId, "\uffff"])
      .limit(size)
      .toArray();
    const known = new Set(rows.flatMap(({ id, at }) => (at === from ? [id] : [])));
    for (const row of page) if (!known.has(row.id)) rows.push(row);
    if (page.length < size) return rows;
    const last = page.at(-1)?.at ?? from;
    [from, size] = [last, last === from ? size * 2 : EVENTS_A_PAGE];
  }
}

/** All events of a habitat, in the order they were written. */
export async function eventsOf(habitatId: string): Promise<LogEvent[]> {
  const rows = await db().transaction("r", db().events, () => eventRows(habitatId));
  return rows.filter(isWritten).map(({ habitatId: _of, ...event }) => event);
}

/**
 * Adds events within a transaction. Those that are there already stay as they are.
 *
 * @throws EditRefused for one that a file could not hold
 */
export async function putEvents(habitatId: string, events: readonly LogEvent[]): Promise<void> {
  const checked = checkedEvents(events);
  if (!checked.ok) throw new EditRefused(checked.problem);
  const { events: table } = db();
  const known = await table.bulkGet(checked.events.map(({ id }): [string, string] => [habitatId, id]));
  const fresh = checked.events.filter((_, at) => known[at] === undefined);
  await table.bulkAdd(fresh.map((event) => ({ ...event, habitatId })));
}

/** Adds events to a habitat's log. @throws EditRefused as {@link putEvents} */
export async function append(habitatId: string, events: readonly LogEvent[]): Promise<void> {
  if (events.length > 0) await changeLog(habitatId, () => putEvents(habitatId, events));
}

/** The blocks of a series that begin within a part of the time. */
export const blockKeys = (habitatId: string, series: SeriesId, fromMs = 0, toMs = LAST) =>
  db()
    .samples.where("[habitatId+series+fromMs]")
    .between([habitatId, series, fromMs], [habitatId, series, toMs], true, true);

async function putBlock(habitatId: string, block: SampleBlock, zone: TimeZone): Promise<void> {
  if (block.atMs.length === 0) {
    await blockKeys(habitatId, block.series, block.fromMs, block.fromMs).delete();
    await db().rollups.bulkDelete(
      rollupsOf(habitatId, block, zone).map((row) => [habitatId, row.series, row.step, row.fromMs]),
    );
    return;
  }
  await db().samples.put({ ...block, habitatId });
  await db().rollups.bulkPut(rollupsOf(habitatId, block, zone));
}

const withoutOwner = ({ habitatId: _of, ...block }: SampleRow): SampleBlock => block;

/**
 * Adds samples within a transaction: each goes into its week's block, whose roll-ups are made anew. Those told before
 * are not told twice.
 *
 * @returns how many were new
 * @throws EditRefused for one that a file could not hold
 */
export async function putSamples(habitatId: string, blocks: readonly SampleBlock[], zone: TimeZone): Promise<number> {
  mustBeSamples(blocks);
  const { samples: table } = db();
  let added = 0;
  for (const block of blocks) {
    const before = await table.get([habitatId, block.series, block.fromMs]);
    const after = merged(before ? withoutOwner(before) : emptied(block), samplesOf(block));
    added += after.atMs.length - (before?.atMs.length ?? 0);
    await putBlock(habitatId, after, zone);
  }
  return added;
}

/** Adds samples. @throws EditRefused as {@link putSamples} */
export const addSamples = async (habitatId: string, samples: readonly SeriesSample[]): Promise<void> =>
  void (await addBlocks(habitatId, blocksOfSamples(samples)));

/**
 * Adds whole blocks of samples, as from a file.
 *
 * @returns how many were new
 * @throws EditRefused as {@link putSamples}
 */
export async function addBlocks(habitatId: string, blocks: readonly SampleBlock[]): Promise<number> {
  let added = 0;
  await changeLog(habitatId, async (zone) => {
    added = await putSamples(habitatId, blocks, zone);
  });
  return added;
}

/** Makes every roll-up anew, by the clock of another zone. */
export async function rollAnew(habitatId: string, zone: TimeZone): Promise<void> {
  for (const key of await allBlocks(habitatId).primaryKeys()) {
    const block = await db().samples.get(key);
    if (block) await db().rollups.bulkPut(rollupsOf(habitatId, withoutOwner(block), zone));
  }
}

const emptied = (block: SampleBlock): SampleBlock => ({
  ...block,
  atMs: new Float64Array(0),
  values: new Float64Array(0),
});

/** Takes samples out again: a reading that was wrong. */
export async function removeSamples(habitatId: string, samples: readonly SeriesSample[]): Promise<void> {
  const { samples: table } = db();
  await changeLog(habitatId, async (zone) => {
    for (const [series, list] of grouped(samples, (sample) => sample.series)) {
      for (const [fromMs, within] of grouped(list, ({ atMs }) => blockStart(atMs))) {
        const block = await table.get([habitatId, series, fromMs]);
        const gone = new Set(within.map(({ atMs }) => atMs));
        if (block) await putBlock(habitatId, withoutSamples(withoutOwner(block), gone), zone);
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

/** Weeks and events put in at once: the page stands still no longer than that takes. */
const BLOCKS_AT_ONCE = 24;
const EVENTS_AT_ONCE = 500;

/** Puts a whole log in within a transaction, as from a file. @throws EditRefused for what a file could not hold */
export async function putLog(
  habitatId: string,
  events: readonly LogEvent[],
  blocks: readonly SampleBlock[],
  zone: TimeZone,
): Promise<void> {
  for (let at = 0; at < events.length; at += EVENTS_AT_ONCE) {
    const checked = checkedEvents(events.slice(at, at + EVENTS_AT_ONCE));
    if (!checked.ok) throw new EditRefused(checked.problem);
    await db().events.bulkPut(checked.events.map((event) => ({ ...event, habitatId })));
  }
  for (let at = 0; at < blocks.length; at += BLOCKS_AT_ONCE) {
    const some = blocks.slice(at, at + BLOCKS_AT_ONCE);
    mustBeSamples(some);
    await db().samples.bulkPut(some.map((block) => ({ ...block, habitatId })));
    await db().rollups.bulkPut(some.flatMap((block) => rollupsOf(habitatId, block, zone)));
  }
}

/** Takes a whole log away. */
export async function dropLog(habitatId: string): Promise<void> {
  await db().logs.delete(habitatId);
  await db().events.where("[habitatId+at]").between([habitatId, ""], [habitatId, "\uffff"]).delete();
  await allBlocks(habitatId).delete();
  const { rollups } = db();
  const keys = await rollups
    .where("[habitatId+series+step+fromMs]")
    .between([habitatId], [habitatId, []])
    .primaryKeys();
  await rollups.bulkDelete(keys);
}
