import type { Measurable } from "../log";
import type { Interval } from "./paired";

/**
 * What can be said of two habitats: nothing yet, as too few days were read in both; that one reads higher; that they are
 * alike as far as anybody would mind; or that it stays open, and about how many days more would settle it.
 */
export type Verdict =
  | { kind: "tooFew"; days: number; needed: number }
  | { kind: "higher"; which: "a" | "b"; isWorth: boolean }
  | { kind: "alike" }
  | { kind: "open"; moreDays: number | undefined };

/** A week of days, before anything is said: from memory. */
const LEAST_DAYS = 7;
const MOST_MORE_DAYS = 730;

/** Differences a keeper would mind, in the units of each channel: what gauges of the trade are good to. From memory. */
const WORTH: Record<Measurable, number> = {
  temperatureC: 0.5,
  humidityRh: 3,
  waterLineCm: 0.3,
  moisturePct: 5,
  uvIndex: 0.3,
  lightPpfd: 10,
  waterPh: 0.2,
  ammoniaMgPerL: 0.05,
  nitriteMgPerL: 0.05,
  nitrateMgPerL: 5,
};

/**
 * The plain verdict on a mean difference with its interval.
 *
 * @param interval undefined where fewer than two days were read in both
 * @example verdictOf({ mean: 4, low: 3, high: 5, n: 40, effectiveN: 30 }, "humidityRh").kind // "higher"
 */
export function verdictOf(interval: Interval | undefined, what: Measurable): Verdict {
  if (!interval || interval.n < LEAST_DAYS) return { kind: "tooFew", days: interval?.n ?? 0, needed: LEAST_DAYS };
  const { mean, low, high, n } = interval;
  const worth = WORTH[what];
  if (low > -worth && high < worth) return { kind: "alike" };
  if (low > 0 || high < 0) return { kind: "higher", which: mean > 0 ? "a" : "b", isWorth: Math.abs(mean) >= worth };
  // Half of the interval shrinks with the root of the days.
  const half = (high - low) / 2;
  const target = Math.max(worth - Math.abs(mean), Math.abs(mean));
  const moreDays = target > 0 ? Math.ceil(n * (half / target) ** 2) - n : undefined;
  return {
    kind: "open",
    moreDays: moreDays !== undefined && moreDays <= MOST_MORE_DAYS ? Math.max(1, moreDays) : undefined,
  };
}
