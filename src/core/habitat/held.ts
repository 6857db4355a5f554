import type { Animal, Gear } from "../catalog";
import type { Run } from "./schema";
import { wholeMiddle } from "../range";

/** The hours that lamps are on where nothing else is told. */
export const DAY = { fromMin: 8 * 60, untilMin: 20 * 60 };
/** Twice a day for 20 seconds; a fan 30 minutes in every 90: common practice. */
export const MIST: Run = { by: "bursts", atMin: [8 * 60 + 30, 19 * 60], forS: 20 };
export const FAN: Run = { by: "cycle", fromMin: 0, untilMin: 24 * 60, onMin: 30, everyMin: 90 };

/**
 * What a thermostat starts to hold: what a lamp warms is where the animal basks, and it is dark by night; all else is
 * held to the warm end, where it stands with its probe.
 */
export function heldWarm({ purpose }: Pick<Gear, "purpose">, { temperatureC }: Pick<Animal, "temperatureC">): Run {
  const { baskingSurface, warm, night } = temperatureC;
  const isLamp = purpose === "dayHeat";
  const dayC = wholeMiddle(isLamp && baskingSurface ? baskingSurface : warm);
  return { by: "warmth", ...DAY, dayC, nightC: isLamp ? null : wholeMiddle(night), alarmLowC: null, alarmHighC: null };
}

/** What a humidistat starts to hold: the middle of what is liked, by day and by night. */
export function heldDamp({ day, night }: Animal["humidityRh"]): Run {
  return { by: "damp", ...DAY, dayRh: wholeMiddle(day.preferred), nightRh: wholeMiddle(night.preferred) };
}
