import { isInstant } from "../habitat";
import { instantOf, type TimeZone } from "../units";

/** Which part of a written day comes first. */
export type DateOrder = "ymd" | "dmy" | "mdy";
/** The zone clocks are told in: one by its name, that of the device, or minutes ahead of UTC. */
export type Zone = TimeZone | number;

const WRITTEN =
  /^\s*(\d{1,4})[./-](\d{1,2})[./-](\d{1,4})(?:[T,\s]+(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*([ap]\.?m\.?)?)?\s*(Z|[+-]\d{2}:?\d{2})?\s*$/i;
const MINUTE_MS = 60_000;
const CENTURY = 2000;

/**
 * The order of days, as far as some of them tell it: a first part over 31 is a year, one over 12 a day, a second one
 * over 12 a day after its month. Where none tells, day first with dots, month first with strokes.
 *
 * @example orderIn(["03/25/2026 10:00"]) // "mdy"
 */
export function orderIn(days: readonly string[]): DateOrder {
  const parts = days.flatMap((day) => {
    const [, a = "", b = ""] = WRITTEN.exec(day.includes(":") ? day : `${day.trim()} 0:00`) ?? [];
    return a === "" ? [] : [[Number(a), Number(b), a.length] as const];
  });
  if (parts.some(([a, , length]) => length === 4 || a > 31)) return "ymd";
  if (parts.some(([a]) => a > 12)) return "dmy";
  if (parts.some(([, b]) => b > 12)) return "mdy";
  return days.some((day) => /\d\/\d/.test(day)) ? "mdy" : "dmy";
}

function ordered(
  [a, b, c]: readonly [string, string, string],
  order: DateOrder,
): [year: number, month: number, day: number] {
  if (a.length === 4 || order === "ymd") return [yearOf(a), Number(b), Number(c)];
  return order === "dmy" ? [yearOf(c), Number(b), Number(a)] : [yearOf(c), Number(a), Number(b)];
}
const yearOf = (text: string): number => (text.length <= 2 ? CENTURY + Number(text) : Number(text));

function hourOf(told: number, half: string | undefined): number {
  if (half === undefined) return told;
  return (told % 12) + (/^p/i.test(half) ? 12 : 0);
}

/** Minutes ahead of UTC, as ISO 8601 writes it. @example aheadOf("+02:00") // 120 */
const aheadOf = (zone: string): number => {
  if (/^z$/i.test(zone)) return 0;
  const [, sign = "+", hours = "0", minutes = "0"] = /([+-])(\d{2}):?(\d{2})/.exec(zone) ?? [];
  return (sign === "-" ? -1 : 1) * (Number(hours) * 60 + Number(minutes));
};

const clockIn = (zone: Zone, wallMs: number, afterMs: number | undefined): number =>
  typeof zone === "number" ? wallMs - zone * MINUTE_MS : instantOf(wallMs, zone, afterMs);

/**
 * An instant as a table writes it.
 *
 * @param afterMs an instant it comes after, which tells the hour apart that autumn repeats
 * @returns milliseconds since 1970 UTC; not a number where it is no day and time at which something can be measured
 * @example instantIn("15.09.2025 14:00", "dmy", 120) // Date.UTC(2025, 8, 15, 12)
 */
export function instantIn(text: string, order: DateOrder, zone: Zone, afterMs?: number): number {
  const found = WRITTEN.exec(text);
  if (!found) return Number.NaN;
  const [, a = "", b = "", c = "", hours = "0", minutes = "0", seconds = "0", half, told] = found;
  const [year, month, day] = ordered([a, b, c], order);
  const hour = hourOf(Number(hours), half);
  const utc = Date.UTC(year, month - 1, day, hour, Number(minutes), Number(seconds));
  const back = new Date(utc);
  // The 31st of February is none, nor is the 25th hour.
  if (back.getUTCMonth() !== month - 1 || back.getUTCDate() !== day || hour > 23 || Number(minutes) > 59)
    return Number.NaN;
  if (back.getUTCFullYear() !== year) return Number.NaN;
  const atMs = told !== undefined ? utc - aheadOf(told) * MINUTE_MS : clockIn(zone, utc, afterMs);
  return isInstant(atMs) ? atMs : Number.NaN;
}
