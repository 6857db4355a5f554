import { measurableOf, placeOf, type Measurable, type SeriesId } from "@/core/log";
import type { MeasureKind, UnitSystem } from "@/core/units";
import type { Figures } from "./figures";
import { degreesApart } from "./ranges";
import type { Say } from "./say";

/**
 * How far two values of a channel lie apart, with its unit: of temperatures their distance.
 *
 * @example channelApart(2.5, "temperatureC", "us", figures) // "4.5 °F"
 */
export function channelApart(by: number, what: Measurable, system: UnitSystem, figures: Figures): string {
  const much = Math.abs(by);
  return what === "temperatureC" ? degreesApart(much, system, figures) : channelPrinted(much, what, figures);
}

/** What a series is called: what is measured, and where. @example seriesSaid("coolEnd.humidityRh", say) // "Humidity, cool end" */
export const seriesSaid = (series: SeriesId, say: Say): string =>
  say("journal:change.seriesName", {
    what: say(`journal:charts.${measurableOf(series)}`),
    where: say(`journal:places.${placeOf(series)}`),
  });

/** The measure a channel is told in; null for a plain number with a unit of its own, the same everywhere. */
export const CHANNEL_KIND: Record<Measurable, MeasureKind | null> = {
  temperatureC: "temperature",
  humidityRh: "humidity",
  waterLineCm: "length",
  moisturePct: "humidity",
  uvIndex: null,
  lightPpfd: null,
  waterPh: null,
  ammoniaMgPerL: null,
  nitriteMgPerL: null,
  nitrateMgPerL: null,
};

/** Units of what is told as a plain number. */
const UNIT: Partial<Record<Measurable, string>> = {
  lightPpfd: "µmol/m²/s",
  ammoniaMgPerL: "mg/L",
  nitriteMgPerL: "mg/L",
  nitrateMgPerL: "mg/L",
};
const DIGITS: Partial<Record<Measurable, number>> = {
  lightPpfd: 0,
  nitrateMgPerL: 0,
  ammoniaMgPerL: 2,
  nitriteMgPerL: 2,
};

/** A value of a channel with its unit. @example channelPrinted(0.25, "nitriteMgPerL", figures) // "0.25 mg/L" */
export function channelPrinted(value: number, what: Measurable, figures: Figures): string {
  const kind = CHANNEL_KIND[what];
  if (kind !== null) return figures.printed(value, kind);
  const unit = UNIT[what];
  const figure = figures.number(value, DIGITS[what] ?? 1);
  return unit === undefined ? figure : `${figure} ${unit}`;
}
