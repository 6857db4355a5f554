import { grouped } from "../grouped";
import type { SeriesId } from "./series";

/** One value at one instant, milliseconds since 1970-01-01 UTC. */
export type Sample = { atMs: number; value: number };

/** Samples of one series over one span of time, in order of time: `atMs[n]` and `values[n]` belong together. */
export type SampleBlock = { series: SeriesId; fromMs: number; atMs: Float64Array; values: Float64Array };

const DAY_MS = 24 * 60 * 60 * 1000;
/** A block holds a week, so that a sample a minute makes blocks of ten thousand. */
export const BLOCK_MS = 7 * DAY_MS;

/**
 * Where the block of an instant begins.
 *
 * @example blockStart(Date.UTC(2026, 0, 5)) // a Thursday, as weeks are counted from 1970
 */
export const blockStart = (atMs: number): number => Math.floor(atMs / BLOCK_MS) * BLOCK_MS;

const sorted = (samples: readonly Sample[]): readonly Sample[] => {
  const inOrder = samples.every((sample, n) => n === 0 || (samples[n - 1]?.atMs ?? 0) <= sample.atMs);
  return inOrder ? samples : samples.toSorted((a, b) => a.atMs - b.atMs);
};

const blockOf = (series: SeriesId, fromMs: number, samples: readonly Sample[]): SampleBlock => {
  const inOrder = sorted(samples);
  return {
    series,
    fromMs,
    atMs: Float64Array.from(inOrder, ({ atMs }) => atMs),
    values: Float64Array.from(inOrder, ({ value }) => value),
  };
};

/** The samples of a block, one by one. */
export const samplesOf = ({ atMs, values }: SampleBlock): Sample[] =>
  Array.from(atMs, (at, n) => ({ atMs: at, value: values[n] ?? Number.NaN }));

/** Samples of one series in blocks, the oldest first. @example blocksOf("warmEnd.temperatureC", samples)[0]?.fromMs */
export function blocksOf(series: SeriesId, samples: readonly Sample[]): SampleBlock[] {
  const bySpan = grouped(samples, ({ atMs }) => blockStart(atMs));
  return [...bySpan].toSorted(([a], [b]) => a - b).map(([fromMs, list]) => blockOf(series, fromMs, list));
}

/** A block with samples added. Those of the same instant and value are the same sample, told twice. */
export function merged(block: SampleBlock, added: readonly Sample[]): SampleBlock {
  const known = new Set(samplesOf(block).map(({ atMs, value }) => `${atMs} ${value}`));
  const fresh = added.filter(({ atMs, value }) => !known.has(`${atMs} ${value}`));
  return fresh.length === 0 ? block : blockOf(block.series, block.fromMs, [...samplesOf(block), ...fresh]);
}

/** A block without what was measured at these instants. */
export function withoutSamples(block: SampleBlock, atMs: ReadonlySet<number>): SampleBlock {
  return blockOf(
    block.series,
    block.fromMs,
    samplesOf(block).filter((sample) => !atMs.has(sample.atMs)),
  );
}

/** A sample that knows its series. */
export type SeriesSample = Sample & { series: SeriesId };
