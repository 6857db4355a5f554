import type { Range } from "@/core/catalog";
import type { MeetsId } from "@/core/outlook";
import { celsiusToFahrenheit, type UnitSystem } from "@/core/units";
import type { Figures } from "./figures";
import type { Say } from "./say";

const whole = ([low, high]: Range): Range => [Math.round(low), Math.round(high)];

/** A first sizing is good to a degree: told in whole ones. @example degreesSaid([26.7, 30.8], say) // "27–31 °C" */
export function degreesSaid(range: Range, say: Say): string {
  const [lowC, highC] = whole(range);
  return lowC === highC ? say("climate:oneC", { lowC }) : say("climate:rangeC", { lowC, highC });
}

/** @example percentsSaid([58.2, 67.9], say) // "58–68 %" */
export function percentsSaid(range: Range, say: Say): string {
  const [lowRh, highRh] = whole(range);
  return lowRh === highRh ? say("climate:rh", { warmedRh: lowRh }) : say("climate:rangeRh", { lowRh, highRh });
}

/** @example indexSaid([0.31, 1.12], figures) // "0.3–1.1" */
export const indexSaid = ([low, high]: Range, figures: Figures): string =>
  `${figures.number(low, 1)}–${figures.number(high, 1)}`;

/** Changes of air an hour. @example changesSaid([0.8, 2.1], say, figures) // "0.8 to 2.1 an hour" */
export function changesSaid([low, high]: Range, say: Say, figures: Figures): string {
  const digits = high < 10 ? 1 : 0;
  const told = { low: figures.number(low, digits), high: figures.number(high, digits) };
  if (told.low === told.high) return say("climate:needs.airOne", { low: told.low });
  return say("climate:needs.airRange", told);
}

/** What an animal meets, in the unit of it. @example metSaid("humidity", [58, 68], say, figures) // "58–68 %" */
export function metSaid(id: MeetsId, range: Range, say: Say, figures: Figures): string {
  if (id === "uv") return indexSaid(range, figures);
  return id === "humidity" || id === "nightHumidity" ? percentsSaid(range, say) : degreesSaid(range, say);
}

/** How far two temperatures lie apart, in the chosen units. @example degreesApart(2.5, "metric", figures) // "2.5 °C" */
export function degreesApart(apartC: number, system: UnitSystem, figures: Figures): string {
  const shown = system === "us" ? celsiusToFahrenheit(apartC) - celsiusToFahrenheit(0) : apartC;
  return `${figures.number(shown, 1)} ${system === "us" ? "°F" : "°C"}`;
}

/** Water a day. @example waterADaySaid([0.12, 0.12], say) // "120 mL a day" */
export function waterADaySaid([lowWaterL, highWaterL]: Range, say: Say): string {
  if (highWaterL < LEAST_WATER_L) return say("common:none");
  return highWaterL - lowWaterL < LEAST_WATER_L
    ? say("climate:needs.waterOne", { lowWaterL })
    : say("climate:needs.waterRange", { lowWaterL, highWaterL });
}

const LEAST_WATER_L = 0.005;
