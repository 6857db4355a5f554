import type { TimeZone } from "../units";
import { measurableOf, type Sample, type SeriesId } from "../log";
import { dailyDifferences, pairedInterval, type DailyDifference, type Interval } from "./paired";
import { verdictOf, type Verdict } from "./verdict";

/** What one series tells of a trial: the differences by day, their mean with its interval, and the verdict. */
export type Outcome = {
  series: SeriesId;
  days: readonly DailyDifference[];
  interval: Interval | undefined;
  verdict: Verdict;
};

/** What a series, read in both habitats, tells of their trial. @example outcomeOf("coolEnd.humidityRh", a, b, zone).verdict.kind */
export function outcomeOf(series: SeriesId, a: readonly Sample[], b: readonly Sample[], zone: TimeZone): Outcome {
  const days = dailyDifferences(a, b, zone);
  const interval = pairedInterval(days);
  return { series, days, interval, verdict: verdictOf(interval, measurableOf(series)) };
}
