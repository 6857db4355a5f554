import { daysAfter, daysBetween } from "../units";

const DAYS_A_WEEK = 7;
/** Days are counted from a Thursday; weeks begin on Mondays. */
const FIRST_DAY = "1970-01-01";
const AFTER_MONDAY = 3;
/** Work that is not worth breaking off for another evening, minutes. */
const IN_ONE_GO = 20;
/** Nobody plans further ahead. */
const MOST_DAYS = 3000;

/** A calendar day as a number, so that days can be counted with. @example countOf("1970-01-08") // 7 */
const countOf = (day: string): number => daysBetween(FIRST_DAY, day);
const dayOf = (count: number): string => daysAfter(FIRST_DAY, count);

/** Work put on days: from the first to the last of them. */
export type Booked = { firstOn: string; lastOn: string; taken: ReadonlyMap<number, number> };

type Found = { first: number; last: number; taken: Map<number, number> };

const booked = ({ first, last, taken }: Found): Booked => ({ firstOn: dayOf(first), lastOn: dayOf(last), taken });

/**
 * The evenings there are, and what is booked on them.
 *
 * @param minutesByWeekday minutes for work by hand, Monday first; where there are none at all, as many as are wanted
 */
export class Evenings {
  private readonly used = new Map<number, number>();
  private readonly endless: boolean;

  constructor(private readonly minutesByWeekday: readonly number[]) {
    this.endless = minutesByWeekday.every((minutes) => minutes <= 0);
  }

  private freeOn(day: number): number {
    if (this.endless) return Infinity;
    return (this.minutesByWeekday[(day + AFTER_MONDAY) % DAYS_A_WEEK] ?? 0) - (this.used.get(day) ?? 0);
  }

  private search(minutes: number, from: number): Found {
    const taken = new Map<number, number>();
    let left = minutes;
    for (let day = from; day < from + MOST_DAYS && left > 0; day++) {
      const free = this.freeOn(day);
      if (free < Math.min(left, IN_ONE_GO)) continue;
      const some = Math.min(left, free);
      taken.set(day, some);
      left -= some;
    }
    const days = [...taken.keys()];
    return { first: days[0] ?? from, last: days.at(-1) ?? from, taken };
  }

  /** Finds time from a day on, over several evenings where one is too short; books nothing yet. */
  find(minutes: number, fromOn: string): Booked {
    return booked(this.search(minutes, countOf(fromOn)));
  }

  /** Finds the latest time, from a day on, that is over by another; undefined where there is none after that day. */
  findLatest(minutes: number, fromOn: string, byOn: string): Booked | undefined {
    const [from, by] = [countOf(fromOn), countOf(byOn)];
    for (let day = by; day > from; day--) {
      const found = this.search(minutes, day);
      if (found.last <= by) return booked(found);
      // Work of many days: it cannot be over sooner than it is long.
      if (found.last - by > 1) day -= Math.floor((found.last - by) / 2);
    }
    return undefined;
  }

  book({ taken }: Pick<Booked, "taken">): void {
    for (const [day, minutes] of taken) this.used.set(day, (this.used.get(day) ?? 0) + minutes);
  }

  free({ taken }: Pick<Booked, "taken">): void {
    for (const [day, minutes] of taken) this.used.set(day, (this.used.get(day) ?? 0) - minutes);
  }
}
