import type { Range } from "../catalog";
import { hoursOn, inUse, isHeld, vesselLOf, waterMLPerH, type Fitted } from "../gear";
import type { Sizing } from "../climate";
import type { Ground } from "../strata";

/** Water a piece gives to the box, litres a day; of what a humidistat holds, no more than the air takes. */
function waterLPerDay(one: Fitted, { neededWaterL }: Pick<Sizing, "neededWaterL">, on: string): Range {
  if (!inUse(one.piece, on)) return [0, 0];
  const hours = hoursOn(one.piece.run, on);
  const [low, high] = waterMLPerH(one);
  const most: Range = [(low * hours) / 1000, (high * hours) / 1000];
  if (!isHeld(one.piece.run)) return most;
  return [Math.min(most[0], neededWaterL[0]), Math.min(most[1], neededWaterL[1])];
}

/** How many days water lasts, or takes: at least, and at most where there is an end to it. */
export type Days = { least: number; most: number | undefined };

/** Less than this a day is nothing. */
const LEAST_L = 1e-6;

/** Days a vessel lasts; undefined where nothing is drawn from one. @example lastsDays(4, [0.1, 0.2]) // least 20 */
export function lastsDays(litres: number | undefined, [low, high]: Range): Days | undefined {
  if (litres === undefined || high <= LEAST_L) return undefined;
  return { least: litres / high, most: low > LEAST_L ? litres / low : undefined };
}

/**
 * Days in whole ones, rounded to the safe side, as they are told: nobody refills on the half day that is left.
 *
 * @example wholeDays({ least: 0.7, most: 3.9 }) // { least: 0, most: 3 }: up to three days
 */
export const wholeDays = ({ least, most }: Days): Days => ({
  least: Math.floor(least + HAIR_DAYS),
  most: most === undefined ? undefined : Math.floor(most + HAIR_DAYS),
});
const HAIR_DAYS = 1e-9;

/** A mister's or a fogger's vessel: what goes out of it a day, and how many days it lasts. */
export type Vessel = { gearId: string; waterL: Range; days: Days | undefined };

export const vessels = (all: readonly Fitted[], sizing: Sizing, on: string): Vessel[] =>
  all.flatMap((one) => {
    const waterL = waterLPerDay(one, sizing, on);
    return waterL[1] > 0 ? [{ gearId: one.piece.id, waterL, days: lastsDays(vesselLOf(one), waterL) }] : [];
  });

/**
 * Days until the standing water has come up from its kept line to its safe line, the least first.
 *
 * @returns undefined where there is no drainage, or nothing runs down
 */
export const toSafeLineDays = (water: Ground["water"], runsDown: Range): Days | undefined =>
  water && lastsDays(Math.max(0, water.atL(water.safeLineCm) - water.keptL), runsDown);
