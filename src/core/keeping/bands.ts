import { type Range } from "../catalog";
import { animalOf, READING_PLACES, type Habitat, type Reading } from "../habitat";
import { safeWaterLineCm } from "../strata";

export type ReadingPlace = (typeof READING_PLACES)[number];
export type Measurable = "temperatureC" | "humidityRh" | "waterLineCm";

/** The newest reading of one thing at one place, against the band it should keep. */
export type BandCheck = {
  what: Measurable;
  place: ReadingPlace;
  value: number;
  band: Range;
  at: string;
  side: "in" | "below" | "above";
};

/**
 * The band a reading is held against: from the night's low to the day's high at that end for temperature,
 * the animal's band for humidity, dry glass to the safe line for standing water.
 *
 * @returns undefined where there is nothing to hold it against (no drainage, so no water line)
 */
export function bandFor(habitat: Habitat, what: Measurable, place: ReadingPlace): Range | undefined {
  const { temperatureC, humidityRh } = animalOf(habitat);
  if (what === "humidityRh") return humidityRh;
  if (what === "temperatureC") {
    const day = place === "warmEnd" ? temperatureC.warm : temperatureC.cool;
    return [Math.min(temperatureC.night[0], day[0]), day[1]];
  }
  const safeCm = safeWaterLineCm(habitat);
  return safeCm === undefined ? undefined : [0, safeCm];
}

const MEASURABLES: readonly Measurable[] = ["temperatureC", "humidityRh", "waterLineCm"];

const sideOf = (value: number, [low, high]: Range): BandCheck["side"] =>
  value < low ? "below" : value > high ? "above" : "in";

/**
 * The newest reading of each thing at each place, and whether it is in band. The water line is the same at both ends.
 *
 * @example bandChecks(habitat).filter((check) => check.side !== "in")
 */
export function bandChecks(habitat: Habitat): BandCheck[] {
  const newest = (is: (reading: Reading) => boolean) => habitat.keeping.readings.findLast(is);
  return MEASURABLES.flatMap((what) => {
    const places = what === "waterLineCm" ? [undefined] : READING_PLACES;
    return places.flatMap((place): BandCheck[] => {
      const reading = newest((r) => r[what] !== undefined && (place === undefined || r.place === place));
      const value = reading?.[what];
      if (!reading || value === undefined) return [];
      const band = bandFor(habitat, what, reading.place);
      return band ? [{ what, place: reading.place, value, band, at: reading.at, side: sideOf(value, band) }] : [];
    });
  });
}
