import type { Measurable, SamplePlace } from "@/core/log";
import { CM_PER_INCH, celsiusToFahrenheit, type UnitSystem } from "@/core/units";

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
