import { aheadMs, spanStart, type TimeZone } from "../units";
import type { Sample, SampleBlock } from "./samples";
import type { SeriesId } from "./series";

export const ROLLUP_STEPS = ["hour", "day"] as const;
export type RollupStep = (typeof ROLLUP_STEPS)[number];

/** What was measured within each hour or day of a block: column by column, one row for each that has a sample. */
export type Rollup = {
  series: SeriesId;
  step: RollupStep;
  fromMs: number;
  atMs: Float64Array;
  least: Float64Array;
  most: Float64Array;
  mean: Float64Array;
  count: Float64Array;
};

const SPAN_MS: Record<RollupStep, number> = { hour: 3_600_000, day: 86_400_000 };

type Row = { at: number; least: number; most: number; sum: number; count: number };

/** The rows of a block, in order of time: its samples are, so one look at each is enough. */
function rowsOf({ atMs, values }: SampleBlock, step: RollupStep, zone: TimeZone): Row[] {
  const rows: Row[] = [];
  // Where a span begins is asked once for all that lies in it: what clocks show there, and how far they are ahead.
  let [shown, ahead, start] = [Number.NaN, Number.NaN, Number.NaN];
  for (let n = 0; n < atMs.length; n += 1) {
    const [at, value] = [atMs[n] ?? 0, values[n] ?? Number.NaN];
    const aheadNow = aheadMs(zone, at);
    const shownNow = Math.floor((at + aheadNow) / SPAN_MS[step]);
    if (shownNow !== shown || aheadNow !== ahead)
      [shown, ahead, start] = [shownNow, aheadNow, spanStart(at, step, zone)];
    const row = rows.at(-1);
    if (row?.at !== start) {
      rows.push({ at: start, least: value, most: value, sum: value, count: 1 });
      continue;
    }
    row.least = Math.min(row.least, value);
    row.most = Math.max(row.most, value);
    row.sum += value;
    row.count += 1;
  }
  return rows;
}

/**
 * Rolls a block up by the hour or by the day of its keeper's clock: the least, the most and the mean of each, and of how
 * many samples.
 *
 * @example rollup(block, "day", "Europe/Lisbon").mean[0]
 */
export function rollup(block: SampleBlock, step: RollupStep, zone: TimeZone): Rollup {
  const rows = rowsOf(block, step, zone);
  const column = (pick: (row: Row) => number) => Float64Array.from(rows, pick);
  return {
    series: block.series,
    step,
    fromMs: block.fromMs,
    atMs: column((row) => row.at),
    least: column((row) => row.least),
    most: column((row) => row.most),
    mean: column((row) => row.sum / row.count),
    count: column((row) => row.count),
  };
}

/**
 * Thins a series for drawing: of each of so many spans of samples the least and the most stay, so that no peak is lost.
 *
 * @param most how many points to give at the most; at least 2
 * @example thin(samples, 800).length // 800 at the most
 */
export function thin(samples: readonly Sample[], most: number): Sample[] {
  if (samples.length <= most) return [...samples];
  const spans = Math.max(1, Math.floor(most / 2));
  const size = samples.length / spans;
  return Array.from({ length: spans }, (_, n) => samples.slice(Math.floor(n * size), Math.floor((n + 1) * size)))
    .filter((span) => span.length > 0)
    .flatMap((span) => {
      const low = span.reduce((a, b) => (b.value < a.value ? b : a));
      const high = span.reduce((a, b) => (b.value > a.value ? b : a));
      if (low === high) return [low];
      return low.atMs <= high.atMs ? [low, high] : [high, low];
    });
}

/** The points of a roll-up for drawing: of each hour or day its least and its most. */
export const pointsOf = ({ atMs, least, most }: Rollup): Sample[] =>
  Array.from(atMs, (at, n): Sample[] => {
    const [low, high] = [least[n] ?? Number.NaN, most[n] ?? Number.NaN];
    return low === high
      ? [{ atMs: at, value: low }]
      : [
          { atMs: at, value: low },
          { atMs: at, value: high },
        ];
  }).flat();

/**
 * How finely a span is best read: raw samples while there are few, hours, then days.
 *
 * @param count samples in the span
 * @param hours hours in it that have a sample
 * @example finenessFor(150_000, 9_000, 2_000) // "day"
 */
export function finenessFor(count: number, hours: number, mostPoints: number): "raw" | RollupStep {
  if (count <= mostPoints) return "raw";
  return hours * 2 <= mostPoints ? "hour" : "day";
}
