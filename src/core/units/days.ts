import { addDays, differenceInCalendarDays, formatISO, parseISO } from "date-fns";

/** A calendar day some days later. @example daysAfter("2026-02-27", 3) // "2026-03-02" */
export const daysAfter = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: "date" });

/** Calendar days from one day to another. @example daysBetween("2026-03-01", "2026-03-04") // 3 */
export const daysBetween = (from: string, to: string): number => differenceInCalendarDays(parseISO(to), parseISO(from));

const DAYS_A_MONTH = 365.25 / 12;

/**
 * Months from one calendar day to another, never below nothing.
 *
 * @example monthsBetween("2026-01-01", "2026-07-02") // 5.98
 */
export const monthsBetween = (from: string, to: string): number => Math.max(0, daysBetween(from, to) / DAYS_A_MONTH);
