import type { Range } from "@/core/catalog";
import { wholeDays, type Days, type MeetsId } from "@/core/outlook";
import { celsiusToFahrenheit, type UnitSystem } from "@/core/units";
import type { Figures } from "./figures";
import type { Say } from "./say";

const whole = ([low, high]: Range): Range => [Math.round(low), Math.round(high)];

/** A first sizing is good to a degree: told in whole ones. @example degreesSaid([26.7, 30.8], figures) // "27–31 °C" */
export const degreesSaid = (range: Range, figures: Figures): string => figures.range(whole(range), "temperature");

/** @example percentsSaid([58.2, 67.9], figures) // "58–68 %" */
export const percentsSaid = (range: Range, figures: Figures): string => figures.range(whole(range), "humidity");

/** @example indexSaid([0.31, 1.12], figures) // "0.3–1.1" */
export const indexSaid = (range: Range, figures: Figures): string => figures.numbers(range, 1);

/** Changes of air an hour. @example changesSaid([0.8, 2.1], say, figures) // "0.8–2.1 an hour" */
export const changesSaid = (range: Range, say: Say, figures: Figures): string =>
  say("climate:needs.airAnHour", { changes: figures.numbers(range, range[1] < 10 ? 1 : 0) });

/** What an animal meets, in the unit of it. @example metSaid("humidity", [58, 68], figures) // "58–68 %" */
export function metSaid(id: MeetsId, range: Range, figures: Figures): string {
  if (id === "uv") return indexSaid(range, figures);
  return id === "humidity" || id === "nightHumidity" ? percentsSaid(range, figures) : degreesSaid(range, figures);
}

/** How far two temperatures lie apart, in the chosen units. @example degreesApart(2.5, "metric", figures) // "2.5 °C" */
export function degreesApart(apartC: number, system: UnitSystem, figures: Figures): string {
  const shown = system === "us" ? celsiusToFahrenheit(apartC) - celsiusToFahrenheit(0) : apartC;
  return `${figures.number(shown, 1)} ${system === "us" ? "°F" : "°C"}`;
}

/** Water a day. @example waterADaySaid([0.12, 0.12], say, figures) // "120 mL a day" */
export const waterADaySaid = (range: Range, say: Say, figures: Figures): string =>
  range[1] < LEAST_WATER_L
    ? say("common:none")
    : say("climate:needs.waterADay", { water: figures.range(range, "water") });

const LEAST_WATER_L = 0.005;

/** How many days water lasts, or takes, rounded to the safe side. @example daysSaid({ least: 0.7, most: 0.9 }, say) */
export function daysSaid(days: Days, say: Say): string {
  const { least, most } = wholeDays(days);
  const low = `${least}`;
  if (most === undefined) return say("climate:days.from", { low });
  if (most < 1) return say("climate:days.lessThanOne");
  const high = `${most}`;
  return least < 1
    ? say("climate:days.upTo", { high, count: most })
    : say("climate:days.between", { low, high, count: most });
}
