/** Acid that a gram of calcite takes up: 1000 mg / 100.09 g/mol × 2. */
export const MMOL_PER_G_LIME = 20;
/** Where lime in damp soil comes to rest: between 7 and 8, as the soil's own breath makes it sour (from memory). */
const LIME_RESTS_AT = 7.8;
/** From this much of the dry mass on, nothing but time keeps a mix from the lime's own pH. */
export const HEADS_FOR_LIME_PCT = 1;

/** Lime that may dissolve, g for each litre measured out, and what the mix holds against it. */
export type Liming = { limeGPerL: number; bufferMmolPerL: number };

/**
 * pH once the lime in a mix has done its work: each gram takes up its charge of acid until the mix has come to where
 * lime rests. A mix that is there already, or has none, stays as it is.
 *
 * @example limedPh(4, { limeGPerL: 4, bufferMmolPerL: 38 }) // 6.1: peat with 4 g a litre
 */
export function limedPh(pH: number, { limeGPerL, bufferMmolPerL }: Liming): number {
  if (limeGPerL <= 0 || pH >= LIME_RESTS_AT) return pH;
  return Math.min(LIME_RESTS_AT, pH + (limeGPerL * MMOL_PER_G_LIME) / bufferMmolPerL);
}
