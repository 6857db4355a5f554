import type { Measurable, SamplePlace } from "@/core/log";
import { CM_PER_INCH, celsiusToFahrenheit, type MeasureKind, type UnitSystem } from "@/core/units";
import type { Figures } from "@/words";

/** The measure a channel is told in; null for a plain number with a unit of its own, the same everywhere. */
export const KIND: Record<Measurable, MeasureKind | null> = {
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

/** The figure that is plotted: base units in the shown system. */
export function shownValue(value: number, what: Measurable, system: UnitSystem): number {
  if (system === "metric") return value;
  if (what === "temperatureC") return celsiusToFahrenheit(value);
  return what === "waterLineCm" ? value / CM_PER_INCH : value;
}
export function baseValue(value: number, what: Measurable, system: UnitSystem): number {
  if (system === "metric") return value;
  if (what === "temperatureC") return (value - 32) / 1.8;
  return what === "waterLineCm" ? value * CM_PER_INCH : value;
}

/** A value of a channel with its unit. @example channelPrinted(0.25, "nitriteMgPerL", figures) // "0.25 mg/L" */
export function channelPrinted(value: number, what: Measurable, figures: Figures): string {
  const kind = KIND[what];
  if (kind !== null) return figures.printed(value, kind);
  const unit = UNIT[what];
  const figure = figures.number(value, DIGITS[what] ?? 1);
  return unit === undefined ? figure : `${figure} ${unit}`;
}

/** The colour of each place's line. */
export const PLACE_COLOR: Record<SamplePlace, string> = {
  basking: "--ochre",
  warmEnd: "--clay",
  coolEnd: "--water",
  nightLow: "--ink",
  retreat: "--moss",
  surface: "--plank-edge",
  deepSoil: "--soft",
  water: "--water",
};
/** Places whose line is dashed, so that colour alone need not tell them apart. */
export const DASHED: readonly SamplePlace[] = ["coolEnd", "nightLow", "deepSoil"];
