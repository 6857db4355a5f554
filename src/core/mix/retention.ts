import { weakMapMemoize } from "reselect";
import type { LaidLitre } from "../catalog";

/** How a soil holds water, by the van Genuchten equation: residual and saturated water as shares, 1/cm, and the shape. */
export type Retention = { residual: number; saturated: number; alphaPerCm: number; n: number };

/** Centimetres of water column in one kilopascal, at 9.80665 m/s². */
export const CM_PER_KPA = 10.19716;

/**
 * Water a soil holds at a suction: θ = θr + (θs − θr) / (1 + (αh)ⁿ)^(1 − 1/n) (van Genuchten 1980, Soil Science Society
 * of America Journal 44).
 *
 * @param suctionCm of water column
 * @returns share of the volume, 0 to 1
 * @throws RangeError when the suction is below 0
 * @example waterAt(curveOf(playSand.laid), 10.2) // 0.33
 */
export function waterAt({ residual, saturated, alphaPerCm, n }: Retention, suctionCm: number): number {
  if (!(suctionCm >= 0)) throw new RangeError("suctionCm: below 0");
  return residual + (saturated - residual) / (1 + (alphaPerCm * suctionCm) ** n) ** (1 - 1 / n);
}

const HALVINGS = 60;
const FLATTEST = 1.02;
const STEEPEST = 14;
const HAIR = 1e-3;
const FROM_KPA = 1;
const TO_KPA = 5;

/** Share of the emptying water that is still there, kept off the ends, where the curve has no slope. */
const left = (water: number, residual: number, saturated: number): number =>
  Math.min(1 - HAIR, Math.max(HAIR, (water - residual) / (saturated - residual)));

/**
 * The retention curve of a laid litre: through its pores at no suction and its water at 1 and 5 kPa, levelling out at
 * what plants cannot take. Between two points (αh)ⁿ grows as hⁿ, and by halving one finds the n for which it does.
 *
 * @example waterAt(curveOf(coir.laid), 51) // 0.40
 */
export const curveOf: (laid: LaidLitre) => Retention = weakMapMemoize((laid: LaidLitre): Retention => {
  const saturated = laid.totalPorosityPct / 100;
  const residual = laid.wiltingPct / 100;
  const [early, late] = [laid.at1kPaPct, laid.at5kPaPct].map((pct) => left(pct / 100, residual, saturated));
  const drained = (share: number, n: number): number => share ** (-1 / (1 - 1 / n)) - 1;
  const growth = (n: number): number => Math.log(drained(late ?? HAIR, n) / drained(early ?? HAIR, n));
  let [low, high] = [FLATTEST, STEEPEST];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    // The steeper the curve, the less its shares ask the suction to grow.
    if (growth(middle) > middle * Math.log(TO_KPA / FROM_KPA)) low = middle;
    else high = middle;
  }
  const n = (low + high) / 2;
  return { residual, saturated, n, alphaPerCm: drained(early ?? HAIR, n) ** (1 / n) / (FROM_KPA * CM_PER_KPA) };
});

/** Nodes and weights of eight-point Gauss–Legendre quadrature on −1 to 1 (Abramowitz & Stegun, table 25.4). */
const GAUSS = [
  [0.1834346424956498, 0.362683783378362],
  [0.525532409916329, 0.3137066458778873],
  [0.7966664774136267, 0.2223810344533745],
  [0.9602898564975363, 0.1012285362903763],
] as const;
/** The coarser the stuff, the nearer the foot its curve falls: so slices begin this thin there, and double upwards. */
const FIRST_SLICE_CM = 0.05;

/** Heights that part a bed into slices. @example slicesOf(0, 0.3) // [0, 0.05, 0.1, 0.2, 0.3] */
function slicesOf(fromCm: number, toCm: number): number[] {
  const cuts = [fromCm];
  for (let cm = FIRST_SLICE_CM; cm < toCm; cm *= 2) if (cm > fromCm) cuts.push(cm);
  return [...cuts, toCm];
}

/** Integral of a curve over one slice, cm. */
function overSlice(curve: Retention, fromCm: number, toCm: number): number {
  const [middle, half] = [(fromCm + toCm) / 2, (toCm - fromCm) / 2];
  const pair = (node: number): number => waterAt(curve, middle - half * node) + waterAt(curve, middle + half * node);
  return half * GAUSS.reduce((sum, [node, weight]) => sum + weight * pair(node), 0);
}

/**
 * Water in a bed that drains freely at its foot, in the mean of a part of it: so high over the foot the suction is that
 * height, so a shallow bed stays wetter than a deep one.
 *
 * @param footCm height of the part's lower edge over the foot of the bed
 * @param depthCm thickness of the part
 * @returns share of the volume, 0 to 1
 * @throws RangeError when a height is below 0
 * @example meanWater(curveOf(playSand.laid), 0, 7.5) // nearly full
 */
export function meanWater(curve: Retention, footCm: number, depthCm: number): number {
  if (!(footCm >= 0) || !(depthCm >= 0)) throw new RangeError("footCm, depthCm: below 0");
  if (depthCm === 0) return waterAt(curve, footCm);
  const cuts = slicesOf(footCm, footCm + depthCm);
  const slices = cuts.slice(1).map((cm, at) => overSlice(curve, cuts[at] ?? footCm, cm));
  return slices.reduce((sum, slice) => sum + slice, 0) / depthCm;
}

/** {@link meanWater} of an ingredient, worked out once for each depth. */
export const heldIn: (laid: LaidLitre, footCm: number, depthCm: number) => number = weakMapMemoize(
  (laid: LaidLitre, footCm: number, depthCm: number) => meanWater(curveOf(laid), footCm, depthCm),
);
