import { grouped } from "../grouped";
import { spanStart, type TimeZone } from "../units";
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

/**
 * Rolls a block up by the hour or by the day of its keeper's clock: the least, the most and the mean of each, and of how many samples.
 *
 * @example rollup(block, "day", "Europe/Lisbon").mean[0]
 */
export function rollup({ series, fromMs, atMs, values }: SampleBlock, step: RollupStep, zone: TimeZone): Rollup {
  const spans = grouped(atMs.keys(), (n) => spanStart(atMs[n] ?? 0, step, zone));
  const rows = [...spans].map(([at, indexes]) => {
    const told = indexes.map((n) => values[n] ?? Number.NaN);
    const least = told.reduce((a, b) => Math.min(a, b));
    const most = told.reduce((a, b) => Math.max(a, b));
    return { at, least, most, mean: told.reduce((sum, value) => sum + value, 0) / told.length, count: told.length };
  });
  const column = (pick: (row: (typeof rows)[number]) => number) => Float64Array.from(rows, pick);
  return {
    series,
    step,
    fromMs,
    atMs: column((row) => row.at),
    least: column((row) => row.least),
    most: column((row) => row.most),
    mean: column((row) => row.mean),
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
