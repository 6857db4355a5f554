import { daysAfter } from "../units";
import { isDaily, type Due, type NextByRule } from "./due";

const DAYS_A_WEEK = 7;

/** A day of the week ahead with what falls on it; what comes every day is told once for all. */
export type WeekAhead<T> = { everyDay: T[]; days: { on: string; items: T[] }[] };

/** The days of the week ahead a duty falls on: what is late, today; what a reading calls for, but once. */
function daysIn(due: Due, today: string, untilOn: string, nextByRule: NextByRule | undefined): string[] {
  const days: string[] = [];
  let on: string | undefined = due.dueOn < today ? today : due.dueOn;
  while (on !== undefined && on <= untilOn) {
    days.push(on);
    on = followingDay(due, on, nextByRule);
  }
  return days;
}

function followingDay({ comes }: Due, on: string, nextByRule: NextByRule | undefined): string | undefined {
  if (comes.by === "days") return daysAfter(on, comes.days);
  return comes.by === "rule" ? nextByRule?.(comes.rule, on, on) : undefined;
}

/**
 * The seven days from today on, with the duties that fall on each as if each were done in time.
 *
 * @param of picks the duty of an item, such as a duty with its habitat
 * @example weekAhead(dues, (due) => due, "2026-03-02").days[0]?.items // what is due today
 */
export function weekAhead<T>(
  items: readonly T[],
  of: (item: T) => Due,
  today: string,
  nextByRule?: NextByRule,
): WeekAhead<T> {
  const untilOn = daysAfter(today, DAYS_A_WEEK - 1);
  const others = items.filter((item) => !isDaily(of(item)));
  const falls = others.map((item) => ({ item, on: new Set(daysIn(of(item), today, untilOn, nextByRule)) }));
  return {
    everyDay: items.filter((item) => isDaily(of(item))),
    days: Array.from({ length: DAYS_A_WEEK }, (_, n) => daysAfter(today, n)).map((on) => ({
      on,
      items: falls.filter((one) => one.on.has(on)).map(({ item }) => item),
    })),
  };
}
