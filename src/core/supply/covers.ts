import { rule } from "../catalog";
import type { Amount, Bins } from "./bins";
import type { Need } from "./needs";

/** A hair of rounding is no pack. */
const HAIR = 1e-9;

/** Strips a sheet is cut into when the roll is narrower than it, and how many of them one pack gives. */
function sheetsIn(holds: { widthCm: number; depthCm: number }, wanted: { widthCm: number; depthCm: number }): number {
  const [narrow, long] = [Math.min(holds.widthCm, holds.depthCm), Math.max(holds.widthCm, holds.depthCm)];
  const [across, along] = [Math.min(wanted.widthCm, wanted.depthCm), Math.max(wanted.widthCm, wanted.depthCm)];
  const overlap = rule("barrierOverlapCm");
  if (narrow < overlap * 2) return 0;
  const strips = across <= narrow ? 1 : Math.ceil((across - overlap) / (narrow - overlap));
  return Math.floor(long / along + HAIR) / strips;
}

/** How much of a want one such amount covers, in the want's unit. */
export function covers(amount: Amount, want: Amount): number {
  if (amount.kind === "sheet" && want.kind === "sheet") return sheetsIn(amount, want);
  if (amount.kind === "loose") return amount.looseL;
  if (amount.kind === "length") return amount.lengthCm;
  return amount.kind === "pieces" ? amount.count : 0;
}

/** All there is in the bins of a need, in its own unit: of sheets, how many can be cut. @example inBins(need, bins) // 12 */
export const inBins = (need: Need, bins: Bins): number =>
  bins.stock
    .filter((line) => line.shelf === need.shelf && line.itemId === need.id)
    .reduce((sum, line) => sum + covers(line.amount, need.amount), 0);

/** What of a need the bins cover, in its own unit. @example inStock(need, bins) // 6.5 */
export function inStock(need: Need, bins: Bins): number {
  const wanted = need.amount.kind === "sheet" ? 1 : covers(need.amount, need.amount);
  return Math.min(inBins(need, bins), wanted);
}
