/** Recipes: normalising, blending, what is lost in mixing, what a mix does and should do, matching, making and refreshing. */
export {
  blend,
  firstWettingL,
  leftAfter,
  litresFor,
  normalise,
  percolationOf,
  rotsPctAYear,
  pantryOf,
  toldTotal,
} from "./blend";
export type { Blend, Pantry, Parts, Share } from "./blend";
export { bestDensity, lostInMixing, pouredDensity } from "./packing";
export type { SizeClass } from "./packing";
export { aimsAt, distance, DOES, METERS, readMeters, SCALES, standing } from "./meters";
export type { Aims, Distance, Does, MeterId, Readings, Standing } from "./meters";
export { mixTarget } from "./target";
export { MAKE_STEPS, makePlan } from "./make";
export type { Bench, Laying, MakePlan, MakeStep, MakeStepId, Measured, Soak } from "./make";
export { age, refresh } from "./refresh";
export type { Aged, Laid, Refresh } from "./refresh";
export { asPercent, mostShare, shifted, withShare } from "./shares";
export { closers } from "./closer";
export type { Closer } from "./closer";
export { unsuited } from "./suits";
export type { Unsuited } from "./suits";
