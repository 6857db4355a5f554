import * as z from "zod";
import { LIMITS } from "../habitat";

/** Where a gauge may stand, and what a gauge that remembers tells: the low of the night. */
export const PLACES = ["warmEnd", "coolEnd", "basking", "nightLow", "retreat", "surface", "deepSoil", "water"] as const;
export type SamplePlace = (typeof PLACES)[number];

/**
 * What gauges tell: temperature in °C, relative humidity and soil moisture in per cent, standing water in cm from the
 * glass, UV index, light as photon flux in µmol/m²/s, and of water its pH and mg/L of what a test kit shows.
 */
export const MEASURABLES = [
  "temperatureC",
  "humidityRh",
  "waterLineCm",
  "moisturePct",
  "uvIndex",
  "lightPpfd",
  "waterPh",
  "ammoniaMgPerL",
  "nitriteMgPerL",
  "nitrateMgPerL",
] as const;
export type Measurable = (typeof MEASURABLES)[number];

/** One thing measured at one place: `warmEnd.temperatureC`. */
export type SeriesId = `${SamplePlace}.${Measurable}`;

const IN_AIR = ["warmEnd", "coolEnd"] as const;
const TESTED = ["water"] as const;
/** Where each thing is measured. The water line is the same all over; it was told by the ends before it had a place. */
export const WHERE: Record<Measurable, readonly SamplePlace[]> = {
  temperatureC: PLACES,
  humidityRh: [...IN_AIR, "nightLow", "basking", "retreat"],
  waterLineCm: [...IN_AIR, "water"],
  moisturePct: ["surface", "deepSoil", "retreat"],
  uvIndex: ["basking", ...IN_AIR],
  lightPpfd: ["basking", ...IN_AIR, "surface"],
  waterPh: TESTED,
  ammoniaMgPerL: TESTED,
  nitriteMgPerL: TESTED,
  nitrateMgPerL: TESTED,
};

export const seriesOf = (place: SamplePlace, what: Measurable): SeriesId => `${place}.${what}`;
/** Every series, in the order files tell them. */
export const SERIES: readonly SeriesId[] = PLACES.flatMap((place) =>
  MEASURABLES.filter((what) => WHERE[what].includes(place)).map((what) => seriesOf(place, what)),
);
/** A series by its name. */
export const SeriesIdSchema = z.enum(SERIES as [SeriesId, ...SeriesId[]]);
export const placeOf = (series: SeriesId): SamplePlace => series.split(".")[0] as SamplePlace;
export const measurableOf = (series: SeriesId): Measurable => series.split(".")[1] as Measurable;

/** What a gauge can tell; outside these a value is refused by name. */
export const SAMPLE_LIMITS: Record<Measurable, { min: number; max: number }> = {
  temperatureC: LIMITS.readingC,
  humidityRh: LIMITS.humidityRh,
  waterLineCm: LIMITS.waterLineCm,
  moisturePct: LIMITS.humidityRh,
  uvIndex: { min: 0, max: LIMITS.uvIndex.max },
  lightPpfd: LIMITS.lightPpfd,
  waterPh: LIMITS.waterPh,
  ammoniaMgPerL: LIMITS.mgPerL,
  nitriteMgPerL: LIMITS.mgPerL,
  nitrateMgPerL: LIMITS.mgPerL,
};
