import { tzOffset } from "@date-fns/tz/tzOffset";

/** A zone of the IANA's list by its name, such as "Europe/Lisbon"; null: that of the device. */
export type TimeZone = string | null;

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;
/** Every clock of the world is ahead of UTC by whole quarters of an hour, and changes on one. */
const QUARTER_MS = 15 * MINUTE_MS;
const zonesKnown = new Map<string, boolean>();

function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: name }).resolvedOptions().timeZone !== "";
  } catch {
    return false;
  }
}

/** Whether this device knows a zone by its name. @example knowsZone("Europe/Nowhere") // false */
export function knowsZone(name: string): boolean {
  const known = zonesKnown.get(name) ?? isZone(name);
  zonesKnown.set(name, known);
  return known;
}

/** Minutes ahead of UTC. A zone this device does not know counts as UTC. */
function aheadMin(zone: TimeZone, atMs: number): number {
  const at = new Date(atMs);
  if (zone === null) return -at.getTimezoneOffset();
  return knowsZone(zone) ? tzOffset(zone, at) : 0;
}

/** What was asked before, by zone: of days without a change of clocks one figure, of the others each quarter's. */
const known = new Map<TimeZone, { days: Map<number, number>; quarters: Map<number, number> }>();
const CHANGES = Number.NaN;

function remembered<T>(kept: Map<number, T>, at: number, ask: () => T): T {
  const before = kept.get(at);
  if (before !== undefined) return before;
  const told = ask();
  kept.set(at, told);
  return told;
}

/**
 * How far the clocks of a zone are ahead of UTC at an instant, milliseconds. Remembered by the day: readings come by the
 * hundred thousand.
 *
 * @example aheadMs("Asia/Kolkata", Date.UTC(2026, 0, 5)) // 19_800_000
 */
export function aheadMs(zone: TimeZone, atMs: number): number {
  const inZone = known.get(zone) ?? { days: new Map<number, number>(), quarters: new Map<number, number>() };
  known.set(zone, inZone);
  const { days, quarters } = inZone;
  const day = Math.floor(atMs / DAY_MS);
  const allDay = remembered(days, day, () => {
    const [first, last] = [aheadMin(zone, day * DAY_MS), aheadMin(zone, (day + 1) * DAY_MS)];
    return first === last ? first * MINUTE_MS : CHANGES;
  });
  if (!Number.isNaN(allDay)) return allDay;
  const quarter = Math.floor(atMs / QUARTER_MS);
  return remembered(quarters, quarter, () => aheadMin(zone, quarter * QUARTER_MS) * MINUTE_MS);
}

/** The calendar day, the hour and the minute clocks show. */
export type Local = { on: string; hour: number; minute: number };

/** Days as they are written, by their number: two months of samples lie in sixty of them. */
const written = new Map<number, string>();

/** The calendar day of milliseconds that count as UTC. */
function dayOf(wallMs: number): string {
  const day = Math.floor(wallMs / DAY_MS);
  return remembered(written, day, () => new Date(day * DAY_MS).toISOString().slice(0, 10));
}

/**
 * What clocks of a zone show at an instant.
 *
 * @example localTime(Date.UTC(2026, 6, 1, 22, 30), "Europe/Berlin") // { on: "2026-07-02", hour: 0, minute: 30 }
 */
export function localTime(atMs: number, zone: TimeZone): Local {
  const wallMs = atMs + aheadMs(zone, atMs);
  const minute = Math.floor((wallMs - Math.floor(wallMs / DAY_MS) * DAY_MS) / MINUTE_MS);
  return { on: dayOf(wallMs), hour: Math.floor(minute / 60), minute: minute % 60 };
}

/** The calendar day of an instant in a zone. @example localDay(Date.UTC(2026, 0, 5, 23), "Europe/Berlin") // "2026-01-06" */
export const localDay = (atMs: number, zone: TimeZone): string => dayOf(atMs + aheadMs(zone, atMs));

/**
 * The instants at which clocks of a zone show a time: one, two in the hour that autumn repeats, in order; none in the
 * hour that spring leaves out.
 *
 * @param wallMs the time as if it were UTC, milliseconds
 */
function showing(wallMs: number, zone: TimeZone): number[] {
  const tried = [wallMs - aheadMs(zone, wallMs - DAY_MS), wallMs - aheadMs(zone, wallMs + DAY_MS)];
  const right = tried.filter((atMs) => atMs + aheadMs(zone, atMs) === wallMs);
  return [...new Set(right)].toSorted((a, b) => a - b);
}

/**
 * The instant at which clocks of a zone show a time. What autumn repeats is the first time round, or the second where it
 * has to come after another instant; what spring leaves out is as if clocks had not been set forward.
 *
 * @param wallMs the time as if it were UTC, milliseconds
 * @param afterMs an instant it comes after, where that decides
 * @example instantOf(Date.UTC(2026, 6, 1, 14), "Europe/Berlin") // Date.UTC(2026, 6, 1, 12)
 */
export function instantOf(wallMs: number, zone: TimeZone, afterMs = -Infinity): number {
  const instants = showing(wallMs, zone);
  return instants.find((atMs) => atMs > afterMs) ?? instants[0] ?? wallMs - aheadMs(zone, wallMs - DAY_MS);
}

/** The first instant of a calendar day in a zone. @example dayStart("2026-01-06", "Europe/Berlin") // Date.UTC(2026, 0, 5, 23) */
export const dayStart = (on: string, zone: TimeZone): number => instantOf(Date.parse(`${on}T00:00:00Z`), zone);

/**
 * Where the hour or the day begins that an instant lies in, by the clocks of a zone.
 *
 * @example spanStart(Date.UTC(2026, 0, 5, 9), "day", "Asia/Kolkata") // Date.UTC(2026, 0, 4, 18, 30)
 */
export function spanStart(atMs: number, span: "hour" | "day", zone: TimeZone): number {
  const ahead = aheadMs(zone, atMs);
  if (span === "hour") return Math.floor((atMs + ahead) / HOUR_MS) * HOUR_MS - ahead;
  return instantOf(Math.floor((atMs + ahead) / DAY_MS) * DAY_MS, zone);
}
