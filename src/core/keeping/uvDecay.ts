import type { Sample } from "../log";
import type { Scene } from "../scene";
import { daysAfter, daysBetween, type TimeZone } from "../units";
import { bandFor } from "./bands";
import { byDay } from "./byDay";
import { mannKendall, median, theilSen, type Point } from "./trend";

/** UV that falls as its lamp ages: by so much a month, and the day it comes under what the animal wants. */
export type UvDecay = { shareAMonth: number; lowOn: string | undefined };

const MIDDAY = [11, 17] as const;
const MIDDAY_HOUR = 13;
/** Fewer readings, or over a shorter time, tell no decay. From memory. */
const LEAST_DAYS = 6;
const LEAST_SPAN = 30;
const CHANCE = 0.05;
const DAYS_A_MONTH = 30;
/** Less than that a month is what a meter is off by. From memory. */
const WORTH_SHARE = 0.01;
const FURTHEST_DAYS = 730;

function middays(samples: readonly Sample[], zone: TimeZone): { on: string; value: number }[] {
  const days = byDay(samples, zone, (hour, value) => hour >= MIDDAY[0] && hour < MIDDAY[1] && value > 0);
  return [...days].map(([on, values]) => ({ on, value: median(values) })).toSorted((a, b) => a.on.localeCompare(b.on));
}

/**
 * How fast the UV index at the animal's back falls, from what was measured there at midday: by the same share each month
 * (the logarithm on a straight line, Theil-Sen), told only where Mann-Kendall leaves less than one in twenty to chance.
 *
 * @param samples of `basking.uvIndex`, since the lamp was renewed last
 * @example uvDecay(scene, samples) // { shareAMonth: 0.04, lowOn: "2026-09-12" }
 */
export function uvDecay(
  wanted: Pick<Scene, "animal" | "ground" | "habitat">,
  samples: readonly Sample[],
): UvDecay | undefined {
  const days = middays(samples, wanted.habitat.timeZone);
  const [first, last] = [days[0], days.at(-1)];
  if (!first || !last || days.length < LEAST_DAYS || daysBetween(first.on, last.on) < LEAST_SPAN) return undefined;
  const points = days.map(({ on, value }): Point => ({ day: daysBetween(first.on, on), value: Math.log(value) }));
  const slope = theilSen(points) ?? 0;
  const { z, p } = mannKendall(points.map(({ value }) => value));
  const shareAMonth = 1 - Math.exp(slope * DAYS_A_MONTH);
  if (z >= 0 || p >= CHANCE || shareAMonth < WORTH_SHARE) return undefined;
  const start = median(points.map(({ day, value }) => value - slope * day));
  return { shareAMonth, lowOn: lowOn(wanted, first.on, start, slope) };
}

/** The day the line comes under the band; undefined where there is no band, or not within two years. */
function lowOn(
  wanted: Pick<Scene, "animal" | "ground">,
  firstOn: string,
  start: number,
  slope: number,
): string | undefined {
  const [low] = bandFor(wanted, "uvIndex", "basking", MIDDAY_HOUR) ?? [];
  if (low === undefined || low <= 0) return undefined;
  const days = Math.ceil((Math.log(low) - start) / slope);
  return days < 0 || days > FURTHEST_DAYS ? undefined : daysAfter(firstOn, days);
}
