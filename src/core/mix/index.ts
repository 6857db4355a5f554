/**
 * Recipes: normalising, blending, what is lost in mixing, what a mix does and should do, matching, making and
 * refreshing.
 */
export {
  blend,
  conductivityOf,
  firstWettingL,
  floodedShare,
  heldPct,
  litresFor,
  normalise,
  pantryOf,
  pouredFor,
  rotsPctAYear,
  SEALS_FROM_PCT,
  surfaceOf,
  toldTotal,
} from "./blend";
export type { Bed, Blend, Pantry, Parts, Share } from "./blend";
export { HEADS_FOR_LIME_PCT, MMOL_PER_G_LIME } from "./lime";
export { heldIn } from "./retention";
export { aimsAt, distance, DOES, METERS, readMeters, SCALES, standing } from "./meters";
export type { Aims, Distance, Does, MeterId, Readings, Standing } from "./meters";
export { worthSaying } from "./worthSaying";
export type { OffCode, OffMeter } from "./worthSaying";
export { mixTarget } from "./target";
export { makePlan } from "./make";
export type { Bench, MakePlan } from "./make";
export { mixWater } from "./wetting";
export type { Laying } from "./wetting";
export { age, airPct, refresh } from "./refresh";
export type { Laid } from "./refresh";
export { asPercent, mostShare, shifted, withShare } from "./shares";
export { closers } from "./closer";
export type { Closer } from "./closer";
export { unsuited } from "./suits";
