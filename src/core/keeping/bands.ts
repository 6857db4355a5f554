import { getHours } from "date-fns";
import type { Range } from "../catalog";
import { MEASURABLES, measurableOf, PLACES, placeOf, seriesOf } from "../log";
import type { LogNow, Measurable, Sample, SamplePlace, SeriesId } from "../log";
import type { Scene } from "../scene";
import { lineAtL } from "../strata";

/** The newest reading of one thing at one place, against the band it should keep. */
export type BandCheck = {
  what: Measurable;
  place: SamplePlace;
  value: number;
  band: Range;
  atMs: number;
  side: "in" | "below" | "above";
};

/** Hours at which every lamp is on and the box has warmed up, whenever its day begins. From memory. */
const MIDDAY = [11, 17] as const;
const isMidday = (hour: number): boolean => hour >= MIDDAY[0] && hour < MIDDAY[1];

type Wanted = Pick<Scene, "animal" | "ground">;

/**
 * The band a reading is held against: for temperature the day's at that end where it was read in the middle of the
 * day, and from the night's low to the day's high at any other hour; the animal's band for humidity; dry glass to the
 * safe line for standing water.
 *
 * @param hour hour of the day it was read at, 0 to 23; left out where no one hour is meant
 * @returns undefined where there is nothing to hold it against (no drainage, so no water line)
 */
export function bandFor(
  { animal, ground }: Wanted,
  what: Measurable,
  place: SamplePlace,
  hour?: number,
): Range | undefined {
  const { temperatureC, humidityRh } = animal;
  if (what === "humidityRh") return humidityRh.day.preferred;
  if (what === "temperatureC") {
    const day = place === "warmEnd" ? temperatureC.warm : temperatureC.cool;
    return hour !== undefined && isMidday(hour) ? day : [Math.min(temperatureC.night[0], day[0]), day[1]];
  }
  return ground.water && [0, ground.water.safeLineCm];
}

const sideOf = (value: number, [low, high]: Range): BandCheck["side"] =>
  value < low ? "below" : value > high ? "above" : "in";

type Told = { series: SeriesId; sample: Sample };

/**
 * The newest sample of a thing at each place; the water line is the same at both ends, so there it is the newest of
 * all.
 */
function newestOf(newest: LogNow["newest"], what: Measurable): Told[] {
  const told = PLACES.flatMap((place): Told[] => {
    const series = seriesOf(place, what);
    const sample = newest[series];
    return sample ? [{ series, sample }] : [];
  });
  if (what !== "waterLineCm") return told;
  return told.toSorted((a, b) => b.sample.atMs - a.sample.atMs).slice(0, 1);
}

/** How the standing water is now: as last read, less what was drawn off since. */
function lineNow({ ground }: Wanted, { sample }: Told, { state }: LogNow): number {
  const since = state.drawnOff.filter((event) => Date.parse(event.at) > sample.atMs);
  const drawnL = since.reduce((sum, event) => sum + event.waterL, 0);
  if (!ground.water || drawnL === 0) return sample.value;
  return lineAtL(ground.water, Math.max(0, ground.water.atL(sample.value) - drawnL));
}

/**
 * The newest reading of each thing at each place, and whether it is in band.
 *
 * @example bandChecks(scene, log).filter((check) => check.side !== "in")
 */
export const bandChecks = (scene: Wanted, log: LogNow): BandCheck[] =>
  MEASURABLES.flatMap((what) =>
    newestOf(log.newest, what).flatMap((told): BandCheck[] => {
      const place = placeOf(told.series);
      const band = bandFor(scene, measurableOf(told.series), place, getHours(told.sample.atMs));
      if (!band) return [];
      const value = what === "waterLineCm" ? lineNow(scene, told, log) : told.sample.value;
      return [{ what, place, value, band, atMs: told.sample.atMs, side: sideOf(value, band) }];
    }),
  );
