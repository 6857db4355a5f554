import type { Plant } from "../catalog";
import { grownHeightCm, grownSpreadCm } from "./size";

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

/** Height and spread after so many months, cm. @example sizeAfter(plant, 3).heightCm // 18 */
export function sizeAfter(
  plant: Pick<Plant, "boughtShare" | "grown" | "places">,
  months: number,
): { heightCm: number; spreadCm: number } {
  const share = grownShare(plant, months);
  return { heightCm: grownHeightCm(plant) * share, spreadCm: grownSpreadCm(plant) * share };
}
