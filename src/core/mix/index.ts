/**
 * Recipes: normalising, blending, what is lost in mixing, what a mix does and should do, matching, making and
 * refreshing.
 */
export { blend, firstWettingL, litresFor, normalise, percolationOf, rotsPctAYear, pantryOf, toldTotal } from "./blend";
export type { Blend, Pantry, Parts, Share } from "./blend";
export { aimsAt, distance, DOES, METERS, readMeters, SCALES, standing } from "./meters";
export type { Aims, Distance, Does, MeterId, Readings, Standing } from "./meters";
export { mixTarget } from "./target";
export { makePlan } from "./make";
export type { Bench, Laying, MakePlan } from "./make";
export { age, refresh } from "./refresh";
export type { Laid } from "./refresh";
export { asPercent, mostShare, shifted, withShare } from "./shares";
export { closers } from "./closer";
export type { Closer } from "./closer";
export { unsuited } from "./suits";
