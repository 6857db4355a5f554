/** Recipes: normalising, blending, and litres for a volume. */
export { blend, firstWettingL, litresFor, normalise, toldTotal } from "./blend";
export type { Blend, Share } from "./blend";
