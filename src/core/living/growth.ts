import type { Plant } from "../catalog";
import { grownHeightCm, grownSpreadCm } from "../grown";

/** After its time to grow, a plant has 95 % of its grown size. */
const TIME_CONSTANTS = 3;

/**
 * How large a plant is after so many months in the box: from the size it is bought at towards its grown size, fast at
 * first.
 *
 * @returns share of the grown size, 0 to 1
 * @example grownShare({ boughtShare: 0.4, grown: { inMonths: 12 } }, 12) // 0.97
 */
export const grownShare = (
  { boughtShare, grown }: { boughtShare: number; grown: Pick<Plant["grown"], "inMonths"> },
  months: number,
): number => 1 - (1 - boughtShare) * Math.exp((-TIME_CONSTANTS * Math.max(0, months)) / grown.inMonths);

type Size = { heightCm: number; spreadCm: number };

/** A size, no higher and no wider than scissors keep it. @example keptTo(20, { heightCm: 45, spreadCm: 18 }).heightCm // 20 */
const keptTo = (keptCm: number | null, { heightCm, spreadCm }: Size): Size => ({
  heightCm: Math.min(heightCm, keptCm ?? Infinity),
  spreadCm: Math.min(spreadCm, keptCm ?? Infinity),
});

/**
 * Height and spread after so many months, cm.
 *
 * @param keptCm no higher and no wider than this, with scissors; null: as it grows
 * @example sizeAfter(plant, 3).heightCm // 18
 */
export function sizeAfter(
  plant: Pick<Plant, "boughtShare" | "grown" | "places">,
  months: number,
  keptCm: number | null = null,
): Size {
  const share = grownShare(plant, months);
  return keptTo(keptCm, { heightCm: grownHeightCm(plant) * share, spreadCm: grownSpreadCm(plant) * share });
}

/**
 * What share of its grown width and height a plant has, by its age and by scissors.
 *
 * @param months age in the box; undefined: grown
 * @example shareOfGrown(plant, undefined, 20) // { across: 1, up: 0.5 } where it grows to 40 cm, 18 wide
 */
export function shareOfGrown(
  plant: Pick<Plant, "boughtShare" | "grown" | "places">,
  months: number | undefined,
  keptCm: number | null,
): { across: number; up: number } {
  const grown = { heightCm: grownHeightCm(plant), spreadCm: grownSpreadCm(plant) };
  const size = months === undefined ? keptTo(keptCm, grown) : sizeAfter(plant, months, keptCm);
  return { across: size.spreadCm / grown.spreadCm, up: size.heightCm / grown.heightCm };
}

/** Plants that bear being cut back as often as it takes. Those of a rosette or one growing point lose it. */
const CUT_BACK: readonly Plant["pruning"][] = ["often", "sometimes"];
/** Cut back further than to this share of its grown size, a plant is the wrong plant. Rincon's own. */
const LEAST_KEPT_SHARE = 0.5;

/** Whether a plant can be kept this high and wide with scissors. @example canBeKept(goldenPothos, 30) // true */
export const canBeKept = (plant: Plant, keptCm: number): boolean =>
  CUT_BACK.includes(plant.pruning) &&
  keptCm >= LEAST_KEPT_SHARE * Math.max(grownHeightCm(plant), Math.min(grownSpreadCm(plant), grownHeightCm(plant)));
