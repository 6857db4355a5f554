import {
  blocksOf,
  blockStart,
  finenessFor,
  logNow,
  merged,
  newestIn,
  pointsOf,
  samplesOf,
  SERIES,
  thin,
  withoutSamples,
  type LogEvent,
  type LogNow,
  type Newest,
  type Sample,
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

const blockKeys = (habitatId: string, series: SeriesId, fromMs = 0, toMs = LAST) =>
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

/** A part of the time, milliseconds since 1970 UTC. */
export type Span = { fromMs: number; toMs: number };
const ALL_TIME: Span = { fromMs: 0, toMs: LAST };

/** Roll-ups of the blocks that touch a span. */
const rollupRows = (habitatId: string, series: SeriesId, step: "hour" | "day", { fromMs, toMs }: Span) =>
  db()
    .rollups.where("[habitatId+series+step+fromMs]")
    .between([habitatId, series, step, blockStart(fromMs)], [habitatId, series, step, toMs], true, true)
    .toArray();

/** A series for drawing: `points` are at most as many as asked for, `count` says how many samples they stand for. */
export type Range = { points: readonly Sample[]; count: number };

/** A day around the span, so that lines run on to its edges. */
const AROUND_MS = 86_400_000;
const within =
  ({ fromMs, toMs }: Span) =>
  ({ atMs }: Sample): boolean =>
    atMs >= fromMs - AROUND_MS && atMs <= toMs + AROUND_MS;

/** Whole days of the time before and after, so that the axis keeps its ends while a part of it is looked at. */
async function outside(habitatId: string, series: SeriesId, span: Span): Promise<Sample[]> {
  if (span.fromMs === 0) return [];
  const days = (await rollupRows(habitatId, series, "day", ALL_TIME)).flatMap(pointsOf);
  const isWithin = within(span);
  return days.filter((sample) => !isWithin(sample));
}

/**
 * A series for drawing: of the part that is looked at raw samples while they are few, else the least and most of each
 * hour, or of each day; of the rest days.
 *
 * @param mostPoints how many points at the most
 */
export async function range(
  habitatId: string,
  series: SeriesId,
  mostPoints: number,
  span: Span = ALL_TIME,
): Promise<Range> {
  const hourly = await rollupRows(habitatId, series, "hour", span);
  const count = hourly.reduce((sum, row) => sum + row.count.reduce((a, b) => a + b, 0), 0);
  const hours = hourly.reduce((sum, row) => sum + row.atMs.length, 0);
  const fineness = finenessFor(count, hours, mostPoints);
  const isWithin = within(span);
  const inside = async (): Promise<Sample[]> => {
    if (fineness === "raw")
      return (await blockKeys(habitatId, series, blockStart(span.fromMs), span.toMs).toArray()).flatMap(samplesOf);
    if (fineness === "hour") return hourly.flatMap(pointsOf);
    return (await rollupRows(habitatId, series, "day", span)).flatMap(pointsOf);
  };
  const points = thin((await inside()).filter(isWithin), mostPoints);
  const rest = thin(await outside(habitatId, series, span), mostPoints);
  return { points: [...points, ...rest].toSorted((a, b) => a.atMs - b.atMs), count };
}

/** The last samples of some series up to an instant, the newest first. */
export async function lastSamples(
  habitatId: string,
  series: readonly SeriesId[],
  toMs: number,
  most: number,
): Promise<SeriesSample[]> {
  const lists = await Promise.all(
    series.map(async (one) => {
      const samples: SeriesSample[] = [];
      for (const key of (await blockKeys(habitatId, one, 0, toMs).primaryKeys()).toReversed()) {
        const block = await db().samples.get(key);
        if (block) samples.push(...samplesOf(block).map((sample) => ({ ...sample, series: one })));
        if (samples.filter(({ atMs }) => atMs <= toMs).length >= most) break;
      }
      return samples;
    }),
  );
  return lists
    .flat()
    .filter(({ atMs }) => atMs <= toMs)
    .toSorted((a, b) => b.atMs - a.atMs)
    .slice(0, most);
}

/** The mean of each hour that was read in a part of the time, by series. */
export async function hourMeans(habitatId: string, span: Span): Promise<Partial<Record<SeriesId, Sample[]>>> {
  const lists = await Promise.all(
    SERIES.map(async (series) => {
      const rows = await rollupRows(habitatId, series, "hour", span);
      const means = rows.flatMap(({ atMs, mean }) => Array.from(atMs, (at, n) => ({ atMs: at, value: mean[n] ?? 0 })));
      return [series, means.filter(({ atMs }) => atMs >= span.fromMs && atMs <= span.toMs)] as const;
    }),
  );
  return Object.fromEntries(lists.filter(([, samples]) => samples.length > 0));
}

/** All samples from an instant on, by their series. */
export async function samplesSince(habitatId: string, fromMs: number): Promise<Partial<Record<SeriesId, Sample[]>>> {
  const lists = await Promise.all(
    SERIES.map(async (series) => {
      const blocks = await blockKeys(habitatId, series, blockStart(fromMs)).toArray();
      return [series, blocks.flatMap(samplesOf).filter(({ atMs }) => atMs >= fromMs)] as const;
    }),
  );
  return Object.fromEntries(lists.filter(([, samples]) => samples.length > 0));
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
