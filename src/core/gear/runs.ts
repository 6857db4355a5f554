import { GEAR_LIGHTS, type Gear } from "../catalog";
import type { GearPiece, Run } from "../habitat";
import { daysBetween } from "../units";

export const MINUTES_A_DAY = 24 * 60;
const NOON_MIN = 13 * 60;
/** On from one minute of the day to another, brightening and dimming so long within it. */
export type Span = { fromMin: number; untilMin: number; rampMin: number };

const RAD = Math.PI / 180;
const TILT_DEG = 23.45;
/** The sun's upper edge is seen on the horizon while its middle is so far below it. */
const BELOW_HORIZON_DEG = 0.833;
const DEG_AN_HOUR = 15;

/** The sun's declination on a day of the year, radians: Cooper 1969. */
const declination = (dayOfYear: number): number => TILT_DEG * RAD * Math.sin((360 / 365) * (284 + dayOfYear) * RAD);

/**
 * Length of the day from sunrise to sunset, by the almanac's sunrise equation.
 *
 * @param on calendar day, ISO 8601
 * @example dayHours(0, "2026-03-20") // 12.1
 */
export function dayHours(latitudeDeg: number, on: string): number {
  const [phi, delta] = [latitudeDeg * RAD, declination(daysBetween(`${on.slice(0, 4)}-01-01`, on) + 1)];
  const rises = Math.sin(-BELOW_HORIZON_DEG * RAD) - Math.sin(phi) * Math.sin(delta);
  const cosine = Math.min(1, Math.max(-1, rises / (Math.cos(phi) * Math.cos(delta))));
  return (2 * Math.acos(cosine)) / RAD / DEG_AN_HOUR;
}

/** Hours that run over midnight are told as two spans. */
function spans(fromMin: number, untilMin: number, rampMin = 0): Span[] {
  if (fromMin === untilMin) return [];
  if (fromMin < untilMin) return [{ fromMin, untilMin, rampMin }];
  return [
    { fromMin: 0, untilMin, rampMin: 0 },
    { fromMin, untilMin: MINUTES_A_DAY, rampMin: 0 },
  ].filter((span) => span.untilMin > span.fromMin);
}

const inside = (spansOfDay: readonly Span[], min: number): boolean =>
  spansOfDay.some(({ fromMin, untilMin }) => min >= fromMin && min < untilMin);

/**
 * When a run has its gear on during a day, in minutes after midnight; of what a controller switches, when it may be on.
 *
 * @param on calendar day, ISO 8601: the sun's day hangs on it
 * @example onSpans({ by: "bursts", atMin: [510], forS: 20 }, "2026-03-01") // [{ fromMin: 510, untilMin: 510.33, … }]
 */
export function onSpans(run: Run, on: string): Span[] {
  switch (run.by) {
    case "always":
      return [{ fromMin: 0, untilMin: MINUTES_A_DAY, rampMin: 0 }];
    case "hours":
      return spans(run.fromMin, run.untilMin, run.rampMin);
    case "sun": {
      const half = (dayHours(run.latitudeDeg, on) / 2) * 60;
      return spans(Math.max(0, NOON_MIN - half), Math.min(MINUTES_A_DAY, NOON_MIN + half), run.rampMin);
    }
    case "bursts":
      return run.atMin
        .toSorted((a, b) => a - b)
        .map((at) => ({ fromMin: at, untilMin: at + run.forS / 60, rampMin: 0 }));
    case "cycle": {
      const within = run.fromMin === run.untilMin ? spans(0, MINUTES_A_DAY) : spans(run.fromMin, run.untilMin);
      return within.flatMap(({ fromMin, untilMin }) => {
        const starts = Math.ceil((untilMin - fromMin) / run.everyMin);
        return Array.from({ length: starts }, (_, n) => fromMin + n * run.everyMin).map((at) => ({
          fromMin: at,
          untilMin: Math.min(untilMin, at + run.onMin),
          rampMin: 0,
        }));
      });
    }
    case "warmth":
      return run.nightC === null ? spans(run.fromMin, run.untilMin) : spans(0, MINUTES_A_DAY);
    case "damp":
      return run.nightRh === null ? spans(run.fromMin, run.untilMin) : spans(0, MINUTES_A_DAY);
  }
}

/** A ramp is worth half its time. */
const lasts = ({ fromMin, untilMin, rampMin }: Span): number =>
  Math.max(0, untilMin - fromMin - Math.min(rampMin, (untilMin - fromMin) / 2));

/** Hours a day it is on, or of what a controller switches, may be on. @example hoursOn(fan.run, day) // 8 */
export const hoursOn = (run: Run, on: string): number =>
  onSpans(run, on).reduce((sum, span) => sum + lasts(span), 0) / 60;

/** Whether somebody works it: what it does is a duty, and nothing does it by itself. */
export const isByHand = ({ control }: Pick<Gear, "control">): boolean => control.includes("byHand");

/** Whether a controller decides when it is on. */
export const isHeld = (run: Run): run is Extract<Run, { by: "warmth" | "damp" }> =>
  run.by === "warmth" || run.by === "damp";

/** The day of a box: from when until when its lights are on. */
export type Daylight = { fromMin: number; untilMin: number };

const overlap = (span: Span, { fromMin, untilMin }: Daylight): number =>
  Math.max(0, Math.min(span.untilMin, untilMin) - Math.max(span.fromMin, fromMin));

/** Share of the day and of the night that a run is on. @example shareOn(mist.run, light, day).day // 0.0005 */
export function shareOn(run: Run, light: Daylight, on: string): { day: number; night: number } {
  const dayMin = Math.max(1, light.untilMin - light.fromMin);
  const nightMin = Math.max(1, MINUTES_A_DAY - dayMin);
  const all = onSpans(run, on);
  const byDay = all.reduce((sum, span) => sum + overlap(span, light), 0);
  const whole = all.reduce((sum, span) => sum + (span.untilMin - span.fromMin), 0);
  return { day: Math.min(1, byDay / dayMin), night: Math.min(1, (whole - byDay) / nightMin) };
}

/** Whether it is on at a minute of the day. */
export const isOnAt = (run: Run, min: number, on: string): boolean => inside(onSpans(run, on), min);

const OTHERS: readonly Gear["purpose"][] = ["nightHeat", "water", "air", "waterPart"];
/** Whether a kind runs by itself: controllers, gauges and guards go with what does. */
export const isSwitched = ({ purpose }: Pick<Gear, "purpose">): boolean =>
  GEAR_LIGHTS.includes(purpose) || OTHERS.includes(purpose);

/** Whether it is in use in the month of a day. @example inUse(emitter, "2026-12-01") // true */
export const inUse = ({ months }: Pick<GearPiece, "months">, on: string): boolean =>
  months === null || months.includes(Number(on.slice(5, 7)));
