import { measurableOf, standing, type LogEvent, type Measurable, type Sample, type SeriesId } from "../log";
import { daysAfter, daysBetween, type TimeZone } from "../units";
import { byDay } from "./byDay";
import { CHANGES } from "./report";
import type { BySeries } from "./settled";
import { median } from "./trend";

/** A series that stands higher or lower since something was changed. */
export type Shift = { series: SeriesId; by: number; after: LogEvent };

const SIDE_DAYS = 5;
/**
 * Four days on each side that do not overlap come by chance once in 35 times (2 of the 70 ways to order them), five once
 * in 126: the rank-sum test of Wilcoxon 1945.
 */
const LEAST_DAYS = 4;
/** What a step must come to, to be worth a word: from memory. */
const WORTH: Partial<Record<Measurable, number>> = {
  temperatureC: 1,
  humidityRh: 4,
  waterLineCm: 0.4,
  moisturePct: 5,
  uvIndex: 0.3,
};

/** The median of each day. */
function daily(samples: readonly Sample[], zone: TimeZone): ReadonlyMap<string, number> {
  return new Map([...byDay(samples, zone)].map(([on, values]) => [on, median(values)]));
}

const around = (days: ReadonlyMap<string, number>, on: string, side: -1 | 1): number[] =>
  Array.from({ length: SIDE_DAYS }, (_, n) => days.get(daysAfter(on, side * (n + 1)))).filter(
    (value) => value !== undefined,
  );

function shiftAt(series: SeriesId, days: ReadonlyMap<string, number>, after: LogEvent): Shift[] {
  const worth = WORTH[measurableOf(series)];
  const [before, since] = [around(days, after.on, -1), around(days, after.on, 1)];
  if (worth === undefined || before.length < LEAST_DAYS || since.length < LEAST_DAYS) return [];
  const rose = Math.min(...since) > Math.max(...before);
  const fell = Math.max(...since) < Math.min(...before);
  const by = median(since) - median(before);
  return (rose || fell) && Math.abs(by) >= worth ? [{ series, by, after }] : [];
}

/** Two changes within so many days cannot be told apart: the larger shift is told, with the later change. */
const APART_DAYS = 3;

/**
 * Series that stand at another height since something was changed, renewed or opened: the days before and after it do
 * not overlap.
 *
 * @example shiftsOf(samples, events, zone)[0] // { series: "warmEnd.temperatureC", by: -2.1, after: { kind: "changed", … } }
 */
export function shiftsOf(all: BySeries, events: readonly LogEvent[], zone: TimeZone): Shift[] {
  const changes = standing(events)
    .filter(({ kind }) => CHANGES.includes(kind))
    .toSorted((a, b) => a.on.localeCompare(b.on));
  return (Object.entries(all) as [SeriesId, readonly Sample[]][]).flatMap(([series, samples]) => {
    const days = daily(samples, zone);
    return changes
      .flatMap((event) => shiftAt(series, days, event))
      .reduce<Shift[]>((told, shift) => {
        const last = told.at(-1);
        if (!last || daysBetween(last.after.on, shift.after.on) > APART_DAYS) return [...told, shift];
        return Math.abs(shift.by) >= Math.abs(last.by) ? [...told.slice(0, -1), shift] : told;
      }, []);
  });
}
