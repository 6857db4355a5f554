import type { Supply } from "../catalog";

const CM2_PER_M2 = 10_000;
/** Litres are told to a spirit glass; of pieces there is one at the least. */
const STEP_L = 0.05;

/**
 * How much of a starter is usual for a floor, in its own unit; pieces are whole.
 *
 * @example usualStarter(ripeCompost, 2700) // 0.25 L for 60 x 45 cm
 */
export function usualStarter(
  { startsPerM2 = 0, unit }: Pick<Supply, "startsPerM2" | "unit">,
  floorCm2: number,
): number {
  const amount = (startsPerM2 * floorCm2) / CM2_PER_M2;
  return unit === "litres" ? Math.max(STEP_L, Math.round(amount / STEP_L) * STEP_L) : Math.max(1, Math.round(amount));
}
