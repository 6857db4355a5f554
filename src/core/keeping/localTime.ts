import { format, getHours } from "date-fns";
import type { Sample } from "../log";

/** Every clock of the world is ahead of UTC by whole quarters of an hour. */
const QUARTER_MS = 15 * 60_000;
/** Two months of quarters, so that the memory stays small. */
const MOST_KEPT = 8000;

/** The values of each calendar day, by the clock of the device, of those samples that count. */
export function byDay(
  samples: readonly Sample[],
  counts: (hour: number, value: number) => boolean = () => true,
): Map<string, number[]> {
  const days = new Map<string, number[]>();
  for (const { atMs, value } of samples) {
    const { on, hour } = localTime(atMs);
    if (!counts(hour, value)) continue;
    const told = days.get(on);
    if (told) told.push(value);
    else days.set(on, [value]);
  }
  return days;
}

type Local = { on: string; hour: number };
const kept = new Map<number, Local>();

/**
 * The calendar day and the hour an instant falls on by the clock of the device. Remembered by the quarter of an hour:
 * readings come by the hundred thousand.
 *
 * @example localTime(Date.UTC(2026, 2, 2, 14)).hour // 14 in UTC
 */
export function localTime(atMs: number): Local {
  const quarter = Math.floor(atMs / QUARTER_MS);
  const before = kept.get(quarter);
  if (before) return before;
  if (kept.size >= MOST_KEPT) kept.clear();
  const local = { on: format(atMs, "yyyy-MM-dd"), hour: getHours(atMs) };
  kept.set(quarter, local);
  return local;
}
