import { EditRefused, isInstant, problemOf, type Problem } from "../habitat";
import { EventSchema, type LogEvent } from "./events";
import type { SampleBlock } from "./samples";
import { measurableOf, SAMPLE_LIMITS, SERIES, type SeriesId } from "./series";

/** Events as they may be written, or what is wrong with the first that may not. */
export type EventsChecked = { ok: true; events: LogEvent[] } | { ok: false; problem: Problem };

/**
 * Holds events to the schema that files are read with, before they are written.
 *
 * @returns the events as a file would give them back, or the field that is to blame
 * @example checkedEvents([{ ...noted, photoIds: thirteen }]) // { ok: false, problem: { path: "photoIds", code: "outOfRange", most: 12 } }
 */
export function checkedEvents(events: readonly unknown[]): EventsChecked {
  const checked: LogEvent[] = [];
  for (const event of events) {
    const read = EventSchema.safeParse(event);
    if (!read.success) return { ok: false, problem: problemOf(read.error) };
    checked.push(read.data);
  }
  return { ok: true, events: checked };
}

/** Events of which each was looked at by itself: those that read, and those that do not, as they lie. */
export function partedEvents(events: readonly unknown[]): { sound: LogEvent[]; odd: unknown[] } {
  const [sound, odd]: [LogEvent[], unknown[]] = [[], []];
  for (const event of events) {
    const read = EventSchema.safeParse(event);
    if (read.success) sound.push(read.data);
    else odd.push(event);
  }
  return { sound, odd };
}

/** What is wrong with one value of a series at an instant; undefined while nothing is. */
function wrongAt(series: SeriesId, atMs: number, value: number): Problem | undefined {
  if (!Number.isInteger(atMs) || !isInstant(atMs)) return { path: "at", code: "outOfRange" };
  const { min, max } = SAMPLE_LIMITS[measurableOf(series)];
  if (value < min) return { path: measurableOf(series), code: "outOfRange", least: min };
  return value <= max ? undefined : { path: measurableOf(series), code: "outOfRange", most: max };
}

/** Whether a gauge can have told that then. @example isSample("warmEnd.temperatureC", Date.UTC(2026, 0, 5), 24) // true */
export const isSample = (series: string, atMs: number, value: number): boolean =>
  isSeries(series) && !Number.isNaN(value) && wrongAt(series, atMs, value) === undefined;

const KNOWN: ReadonlySet<string> = new Set(SERIES);
const isSeries = (series: string): series is SeriesId => KNOWN.has(series);

/** The first thing that is wrong with a block of samples, by its field; undefined while nothing is. */
export function blockProblem({ series, atMs, values }: SampleBlock): Problem | undefined {
  if (!isSeries(series)) return { path: "series", code: "unknown", id: series };
  if (atMs.length !== values.length) return { path: "value", code: "invalid" };
  // Looked at by the million: bounds are fetched once, and only what is wrong is looked into.
  const { min, max } = SAMPLE_LIMITS[measurableOf(series)];
  for (let n = 0; n < atMs.length; n += 1) {
    const [at, value] = [atMs[n] ?? Number.NaN, values[n] ?? Number.NaN];
    if (value >= min && value <= max && Number.isInteger(at) && isInstant(at)) continue;
    return wrongAt(series, at, value) ?? { path: "value", code: "invalid" };
  }
  return undefined;
}

/** @throws EditRefused for the first block a file could not hold */
export function mustBeSamples(blocks: readonly SampleBlock[]): void {
  for (const block of blocks) {
    const problem = blockProblem(block);
    if (problem) throw new EditRefused(problem);
  }
}
