import jStat from "jstat";
import type { Sample } from "../log";
import { aheadMs, daysAfter, type TimeZone } from "../units";

const HOUR_MS = 3_600_000;
const QUARTERS = 4;
const QUARTER_MS = 6 * HOUR_MS;

/** How much the first reads over the second, on the days that both were read. */
export type DailyDifference = { on: string; by: number };

const dayOf = (atMs: number): string => new Date(atMs).toISOString().slice(0, 10);

/** Means by the quarter of a day. */
function quarters(samples: readonly Sample[], zone: TimeZone): ReadonlyMap<number, number> {
  const sums = new Map<number, { sum: number; count: number }>();
  for (const { atMs, value } of samples) {
    const quarter = Math.floor((atMs + aheadMs(zone, atMs)) / QUARTER_MS);
    const before = sums.get(quarter) ?? { sum: 0, count: 0 };
    sums.set(quarter, { sum: before.sum + value, count: before.count + 1 });
  }
  return new Map([...sums].map(([quarter, { sum, count }]) => [quarter, sum / count]));
}

/**
 * The difference of two series day by day (of the keeper's clock), each from the quarters of the day in which both were read: so that
 * one read at noon is never held against the other read at night.
 *
 * @example dailyDifferences(a, b, zone)[0] // { on: "2026-02-01", by: 3.2 }
 */
export function dailyDifferences(a: readonly Sample[], b: readonly Sample[], zone: TimeZone): DailyDifference[] {
  const [ofA, ofB] = [quarters(a, zone), quarters(b, zone)];
  const days = new Map<string, number[]>();
  for (const [quarter, value] of ofA) {
    const other = ofB.get(quarter);
    if (other === undefined) continue;
    const on = dayOf(quarter * QUARTER_MS);
    days.set(on, [...(days.get(on) ?? []), value - other].slice(-QUARTERS));
  }
  return [...days]
    .map(([on, all]) => ({ on, by: all.reduce((sum, one) => sum + one, 0) / all.length }))
    .toSorted((one, other) => one.on.localeCompare(other.on));
}

/** The mean of paired differences with its confidence interval. */
export type Interval = {
  mean: number;
  low: number;
  high: number;
  /** Pairs, and how many they are worth, as days that follow one another are alike. */
  n: number;
  effectiveN: number;
};

const SURE = 0.95;
const LEAST_PAIRS = 2;

/** How alike the difference of a day is to that of the next: the autocorrelation at lag one, over pairs of such days. */
function alike(differences: readonly DailyDifference[], mean: number): number {
  const byDay = new Map(differences.map(({ on, by }) => [on, by - mean]));
  let [along, all] = [0, 0];
  for (const [on, off] of byDay) {
    all += off * off;
    const next = byDay.get(daysAfter(on, 1));
    if (next !== undefined) along += off * next;
  }
  return all === 0 ? 0 : along / all;
}

/**
 * The mean of paired differences with its interval of 95 %, by Student's distribution ("Student" 1908, Biometrika 6).
 * Days that follow one another are no new evidence each: with an autocorrelation r of the first order, n days count for
 * n (1 - r) / (1 + r) (von Storch and Zwiers 1999, Statistical Analysis in Climate Research, section 6.6); never for
 * more than there are.
 *
 * @returns undefined for fewer than two
 * @example pairedInterval(differences) // { mean: 3.1, low: 2.2, high: 4.0, n: 40, effectiveN: 31 }
 */
export function pairedInterval(differences: readonly DailyDifference[]): Interval | undefined {
  const n = differences.length;
  if (n < LEAST_PAIRS) return undefined;
  const mean = differences.reduce((sum, { by }) => sum + by, 0) / n;
  const deviation = Math.sqrt(differences.reduce((sum, { by }) => sum + (by - mean) ** 2, 0) / (n - 1));
  const r = Math.max(0, alike(differences, mean));
  const effectiveN = Math.max(LEAST_PAIRS, (n * (1 - r)) / (1 + r));
  const t = jStat.studentt.inv(1 - (1 - SURE) / 2, effectiveN - 1);
  const half = (t * deviation) / Math.sqrt(effectiveN);
  return { mean, low: mean - half, high: mean + half, n, effectiveN };
}
