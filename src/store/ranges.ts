import {
  blockStart,
  finenessFor,
  pointsOf,
  samplesOf,
  SERIES,
  thin,
  type Sample,
  type SeriesId,
  type SeriesSample,
} from "@/core/log";
import { db } from "./db";
import { blockKeys } from "./log";

/** A part of the time, milliseconds since 1970 UTC. */
export type Span = { fromMs: number; toMs: number };
const ALL_TIME: Span = { fromMs: 0, toMs: Number.MAX_SAFE_INTEGER };

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
  const daily = await rollupRows(habitatId, series, "day", span);
  const count = daily.reduce((sum, row) => sum + row.count.reduce((a, b) => a + b, 0), 0);
  const days = daily.reduce((sum, row) => sum + row.atMs.length, 0);
  // Where days alone are more than can be drawn, their hours need not be read to know that they are too.
  const hourly = count > mostPoints && days * 2 <= mostPoints ? await rollupRows(habitatId, series, "hour", span) : [];
  const hours = hourly.length > 0 ? hourly.reduce((sum, row) => sum + row.atMs.length, 0) : Infinity;
  const fineness = finenessFor(count, hours, mostPoints);
  const isWithin = within(span);
  const inside = async (): Promise<Sample[]> => {
    if (fineness === "raw")
      return (await blockKeys(habitatId, series, blockStart(span.fromMs), span.toMs).toArray()).flatMap(samplesOf);
    return (fineness === "hour" ? hourly : daily).flatMap(pointsOf);
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
