/**
 * Photons of a white LED, µmol a second for each lumen: 1000 lux are 15 µmol/m²/s (Sharakshane 2018, An easy estimate
 * of the PFDD for a plant illuminated with white LEDs, bioRxiv; recalled).
 */
export const UMOL_PER_LUMEN = 0.015;

/**
 * Photosynthetic photon flux density of white LED light, evenly spread.
 *
 * @param lumens of all lamps together
 * @param areaM2 what they light
 * @returns µmol/m²/s
 * @throws RangeError when the area is not above 0
 * @example ppfdFromLumens(1000, 1) // 15
 */
export function ppfdFromLumens(lumens: number, areaM2: number): number {
  if (!(areaM2 > 0)) throw new RangeError("areaM2: must be above 0");
  return (lumens * UMOL_PER_LUMEN) / areaM2;
}
