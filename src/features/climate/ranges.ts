import type { Range } from "@/core/catalog";
import type { Figures, Say } from "@/words";

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
