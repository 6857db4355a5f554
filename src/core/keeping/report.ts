import type { Range } from "../catalog";
import { grouped } from "../grouped";
import { measurableOf, placeOf, seriesOf, standing, type LogEvent, type Sample, type SeriesId } from "../log";
import type { Scene } from "../scene";
import type { Ground } from "../strata";
import { aheadMs, daysAfter, daysBetween, localDay, localTime, type TimeZone } from "../units";
import { bandFor, isDay, sideOf, type BandCheck } from "./bands";
import type { BySeries } from "./settled";
import { mannKendall, theilSen } from "./trend";

type Wanted = Pick<Scene, "animal" | "ground" | "habitat">;

/** Readings in band, of how many, by day and by night. */
export type Share = { in: number; of: number };
/** Days on end on which a series was out of its band to one side; with what was changed just before it, if anything. */
export type Spell = {
  series: SeriesId;
  side: "below" | "above";
  fromOn: string;
  untilOn: string;
  /** The value furthest out, and the band of its hour. */
  worst: number;
  band: Range;
  after: LogEvent | undefined;
};
/** A slow drift that chance does not explain: so much a week. */
export type Drift = { series: SeriesId; aWeek: number };

export type Report = { day: Share; night: Share; spells: readonly Spell[]; drifts: readonly Drift[] };

type Judged = Sample & { on: string; isDay: boolean; band: Range; out: number };

/** How far each reading is out of its band, below it negative; those that have no band are left out. */
function judged(scene: Wanted, series: SeriesId, samples: readonly Sample[]): Judged[] {
  return samples.flatMap((sample): Judged[] => {
    const { on, hour } = localTime(sample.atMs, scene.habitat.timeZone);
    const what = measurableOf(series);
    const band = bandFor(scene, what, placeOf(series), hour);
    if (!band) return [];
    const outBy = { in: 0, below: sample.value - band[0], above: sample.value - band[1] };
    const out = outBy[sideOf(what, sample.value, band)];
    return [{ ...sample, on, isDay: isDay(hour), band, out }];
  });
}

const shareOf = (all: readonly Judged[]): Share => ({ in: all.filter(({ out }) => out === 0).length, of: all.length });

/** What may have brought a spell: the latest that was changed, renewed or gone wrong in the days before it. */
export const CHANGES: readonly LogEvent["kind"][] = [
  "changed",
  "renewed",
  "opened",
  "drawnOff",
  "toppedUp",
  "saw",
  "noted",
];
const CAUSE_DAYS = 3;
function causeOf(fromOn: string, events: readonly LogEvent[]): LogEvent | undefined {
  return standing(events)
    .filter(({ kind, on }) => CHANGES.includes(kind) && on <= fromOn && daysBetween(on, fromOn) <= CAUSE_DAYS)
    .toSorted((a, b) => a.on.localeCompare(b.on))
    .at(-1);
}

type Furthest = Pick<Judged, "value" | "band" | "out">;

/** The reading furthest out of each day that has one out. */
function outDays(all: readonly Judged[]): Map<string, Furthest> {
  const days = new Map<string, Furthest>();
  for (const { on, value, band, out } of all) {
    const before = days.get(on);
    if (out !== 0 && (!before || Math.abs(out) > Math.abs(before.out))) days.set(on, { value, band, out });
  }
  return days;
}

/** Spells of two days and more: one reading out is no spell. */
const LEAST_DAYS = 2;

function spellsOf(series: SeriesId, all: readonly Judged[], events: readonly LogEvent[]): Spell[] {
  const spells: Spell[] = [];
  const days = [...outDays(all)].toSorted(([a], [b]) => a.localeCompare(b));
  let run: [on: string, furthest: Furthest][] = [];
  const close = () => {
    const [first, last] = [run[0], run.at(-1)];
    if (first && last && daysBetween(first[0], last[0]) + 1 >= LEAST_DAYS) {
      const worst = run.map(([, one]) => one).reduce((a, b) => (Math.abs(b.out) > Math.abs(a.out) ? b : a));
      const side = worst.out < 0 ? "below" : "above";
      spells.push({
        ...{ series, side, fromOn: first[0], untilOn: last[0], worst: worst.value, band: worst.band },
        after: causeOf(first[0], events),
      });
    }
    run = [];
  };
  for (const day of days) {
    const last = run.at(-1);
    const goesOn = last && daysAfter(last[0], 1) === day[0] && Math.sign(last[1].out) === Math.sign(day[1].out);
    if (!goesOn) close();
    run.push(day);
  }
  close();
  return spells;
}

/**
 * A newest reading that is out of its band as a spell of its one day, so that its causes can be looked for too.
 *
 * @returns undefined where it is in band
 */
export function spellOf(
  { what, place, value, band, atMs, side }: BandCheck,
  events: readonly LogEvent[],
  zone: TimeZone,
): Spell | undefined {
  if (side === "in") return undefined;
  const on = localDay(atMs, zone);
  return {
    series: seriesOf(place, what),
    side,
    fromOn: on,
    untilOn: on,
    worst: value,
    band,
    after: causeOf(on, events),
  };
}

const DAY_MS = 86_400_000;
const DAYS_A_WEEK = 7;
/** Fewer days than that tell no drift; beyond it chance is held to explain one in a hundred. From memory. */
const DRIFT_DAYS = 14;
const DRIFT_P = 0.01;
/** What a week's drift must come to, to be worth telling: what gauges tell apart. From memory. */
const WORTH: Partial<Record<ReturnType<typeof measurableOf>, number>> = {
  temperatureC: 0.2,
  humidityRh: 1,
  waterLineCm: 0.1,
  moisturePct: 1,
  uvIndex: 0.05,
};

/** The mean of each day, so that a day of many readings weighs no more than one of few. */
function daily(samples: readonly Sample[], zone: TimeZone): { day: number; value: number }[] {
  return [...grouped(samples, ({ atMs }) => Math.floor((atMs + aheadMs(zone, atMs)) / DAY_MS))]
    .map(([day, list]) => ({ day, value: list.reduce((sum, { value }) => sum + value, 0) / list.length }))
    .toSorted((a, b) => a.day - b.day);
}

function driftOf(series: SeriesId, samples: readonly Sample[], zone: TimeZone): Drift[] {
  const points = daily(samples, zone);
  const worth = WORTH[measurableOf(series)];
  if (points.length < DRIFT_DAYS || worth === undefined) return [];
  const slope = theilSen(points) ?? 0;
  const aWeek = slope * DAYS_A_WEEK;
  const { p } = mannKendall(points.map(({ value }) => value));
  return p < DRIFT_P && Math.abs(aWeek) >= worth ? [{ series, aWeek }] : [];
}

/**
 * What the readings of some weeks say by themselves: how many are in the band of their place and hour, by day and by
 * night, spells out of it with what was changed just before, and drifts.
 *
 * @param samples by their series
 * @example reportOf(scene, samples, events).spells[0]?.after?.kind // "changed"
 */
export function reportOf(scene: Wanted, samples: BySeries, events: readonly LogEvent[]): Report {
  const all = Object.entries(samples) as [SeriesId, readonly Sample[]][];
  const each = all.map(([series, list]) => ({ series, list, told: judged(scene, series, list) }));
  const told = each.flatMap((one) => one.told);
  return {
    day: shareOf(told.filter((one) => one.isDay)),
    night: shareOf(told.filter((one) => !one.isDay)),
    spells: each
      .flatMap(({ series, told: own }) => spellsOf(series, own, events))
      .toSorted((a, b) => daysBetween(b.fromOn, b.untilOn) - daysBetween(a.fromOn, a.untilOn)),
    drifts: each.flatMap(({ series, list }) => driftOf(series, list, scene.habitat.timeZone)),
  };
}

/**
 * Days until rising standing water reaches the safe line, at the pace of its drift.
 *
 * @returns undefined where it does not rise, or is over it already
 * @example daysToSafeLine(4.8, 5.5, 0.7) // 7
 */
export function daysToSafeLine(nowCm: number, safeLineCm: number, aWeekCm: number): number | undefined {
  if (aWeekCm <= 0 || nowCm >= safeLineCm) return undefined;
  return Math.ceil(((safeLineCm - nowCm) / aWeekCm) * DAYS_A_WEEK);
}

/** Water that comes to standing water in a week of its drift, litres. @example litresAWeek(water, 4.8, 0.2) // 0.3 */
export const litresAWeek = (water: Pick<NonNullable<Ground["water"]>, "atL">, nowCm: number, aWeekCm: number): number =>
  water.atL(nowCm + aWeekCm) - water.atL(nowCm);
