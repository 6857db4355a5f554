import { daysAfter } from "../units";

const MONDAY_FIRST = 7;
/** Work that is not worth breaking off for another evening, minutes. */
const IN_ONE_GO = 20;
/** Nobody plans further ahead. */
const MOST_DAYS = 3000;

/** Day of the week of a calendar day, Monday 0. @example weekdayOf("2026-03-02") // 0 */
const weekdayOf = (day: string): number => (new Date(`${day}T12:00:00Z`).getUTCDay() + MONDAY_FIRST - 1) % MONDAY_FIRST;

/** Work put on days: from the first to the last of them. */
type Booked = { firstOn: string; lastOn: string; taken: ReadonlyMap<string, number> };

/**
 * The evenings there are, and what is booked on them.
 *
 * @param minutesByWeekday minutes for work by hand, Monday first; where there are none at all, as many as are wanted
 */
export class Evenings {
  private readonly used = new Map<string, number>();
  private readonly endless: boolean;

  constructor(private readonly minutesByWeekday: readonly number[]) {
    this.endless = minutesByWeekday.every((minutes) => minutes <= 0);
  }

  private freeOn(day: string): number {
    if (this.endless) return Infinity;
    return (this.minutesByWeekday[weekdayOf(day)] ?? 0) - (this.used.get(day) ?? 0);
  }

  /** Finds time from a day on, over several evenings where one is too short; books nothing yet. */
  find(minutes: number, fromOn: string): Booked {
    const taken = new Map<string, number>();
    if (minutes <= 0) return { firstOn: fromOn, lastOn: fromOn, taken };
    let left = minutes;
    for (let ahead = 0; ahead < MOST_DAYS && left > 0; ahead++) {
      const day = daysAfter(fromOn, ahead);
      const free = this.freeOn(day);
      if (free < Math.min(left, IN_ONE_GO)) continue;
      const some = Math.min(left, free);
      taken.set(day, some);
      left -= some;
    }
    const days = [...taken.keys()];
    return { firstOn: days[0] ?? fromOn, lastOn: days.at(-1) ?? fromOn, taken };
  }

  book({ taken }: Booked): void {
    for (const [day, minutes] of taken) this.used.set(day, (this.used.get(day) ?? 0) + minutes);
  }

  free({ taken }: Booked): void {
    for (const [day, minutes] of taken) this.used.set(day, (this.used.get(day) ?? 0) - minutes);
  }
}
