import { measurableOf, placeOf, seriesOf, WHERE, type Measurable, type Sample, type SeriesId } from "../log";
import type { BySeries } from "./settled";

/** A gauge that shows the same since then, though things moved; or one that stands at the end of its scale. */
export type GaugeFault = { kind: "stuck" | "atStop"; series: SeriesId; value: number; sinceMs: number; hours: number };

const HOUR_MS = 3_600_000;
/** What is the same for so long, told so often, does not live: from memory. */
const STUCK_HOURS = 12;
const STUCK_SAMPLES = 12;
/** And so many times longer than it ever was the same before, over a day and more: coarse gauges often are. From memory. */
const TIMES_USUAL = 4;
const PAST_HOURS = 24;
/** Cheap gauges of damp stand at 99 %: common practice. */
const STOP_RH = 99;
const STOP_HOURS = 24;
/** What a box moves in a day whatever it is: from memory. Of what moves less, sameness says nothing. */
const MOVES: Partial<Record<Measurable, number>> = { temperatureC: 1, humidityRh: 4 };

/** The samples at the end of a series that all hold to something. */
function tail(samples: readonly Sample[], holds: (sample: Sample) => boolean): readonly Sample[] {
  let from = samples.length;
  while (from > 0 && holds(samples[from - 1] as Sample)) from -= 1;
  return samples.slice(from);
}

const hoursOf = (samples: readonly Sample[]): number =>
  ((samples.at(-1)?.atMs ?? 0) - (samples[0]?.atMs ?? 0)) / HOUR_MS;

const spread = (samples: readonly Sample[]): number => {
  let [least, most] = [Infinity, -Infinity];
  for (const { value } of samples) [least, most] = [Math.min(least, value), Math.max(most, value)];
  return samples.length === 0 ? 0 : most - least;
};

/** Whether another gauge of the same thing moved meanwhile. */
function othersMoved(series: SeriesId, fromMs: number, all: BySeries): boolean {
  const what = measurableOf(series);
  return WHERE[what]
    .filter((place) => place !== placeOf(series))
    .map((place) => (all[seriesOf(place, what)] ?? []).filter(({ atMs }) => atMs >= fromMs))
    .some((samples) => samples.length >= STUCK_SAMPLES && spread(samples) >= (MOVES[what] ?? Infinity));
}

/** Hours of the longest time a gauge showed just the same; undefined where it was not read for a day. */
function longestSameH(samples: readonly Sample[]): number | undefined {
  if (hoursOf(samples) < PAST_HOURS) return undefined;
  let [sinceMs, longest] = [samples[0]?.atMs ?? 0, 0];
  samples.forEach(({ atMs, value }, n) => {
    if (value !== samples[n - 1]?.value) sinceMs = atMs;
    longest = Math.max(longest, (atMs - sinceMs) / HOUR_MS);
  });
  return longest;
}

function gaugeFault(series: SeriesId, samples: readonly Sample[], all: BySeries): GaugeFault[] {
  const what = measurableOf(series);
  const last = samples.at(-1);
  if (!last || MOVES[what] === undefined) return [];
  const atStop = what === "humidityRh" ? tail(samples, ({ value }) => value >= STOP_RH) : [];
  if (hoursOf(atStop) >= STOP_HOURS && atStop.length >= STUCK_SAMPLES)
    return [{ kind: "atStop", series, value: last.value, sinceMs: atStop[0]?.atMs ?? 0, hours: hoursOf(atStop) }];
  const same = tail(samples, ({ value }) => value === last.value);
  const sinceMs = same[0]?.atMs ?? 0;
  const hours = hoursOf(same);
  if (same.length < STUCK_SAMPLES || hours < STUCK_HOURS) return [];
  const usualH = longestSameH(samples.slice(0, samples.length - same.length));
  const isUnlikeBefore = usualH !== undefined && hours >= TIMES_USUAL * usualH;
  if (!isUnlikeBefore && !othersMoved(series, sinceMs, all)) return [];
  return [{ kind: "stuck", series, value: last.value, sinceMs, hours }];
}

/**
 * Gauges that do not live any more: one that shows just the same for half a day while another of its kind moved, or for
 * much longer than it ever did; one of damp that stands at its stop of 99 % for a day.
 *
 * @param all samples by their series, in order of time
 * @example gaugeFaults(samples)[0] // { kind: "stuck", series: "coolEnd.temperatureC", … }
 */
export const gaugeFaults = (all: BySeries): GaugeFault[] =>
  (Object.entries(all) as [SeriesId, readonly Sample[]][]).flatMap(([series, samples]) =>
    gaugeFault(series, samples, all),
  );
