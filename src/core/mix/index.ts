/** Recipes: normalising, blending, what is lost in mixing, and litres for a volume. */
export { blend, firstWettingL, litresFor, normalise, toldTotal } from "./blend";
export type { Blend, Share } from "./blend";
export { bestDensity, lostInMixing, pouredDensity } from "./packing";
export type { SizeClass } from "./packing";
