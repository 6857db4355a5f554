import type { Design } from "../habitat";

/**
 * Photons of a white LED, µmol a second for each lumen: 1000 lux are 15 µmol/m²/s (Sharakshane 2018, An easy estimate
 * of the PFDD for a plant illuminated with white LEDs, bioRxiv; recalled).
 */
const UMOL_PER_LUMEN = 0.015;

const CM2_PER_M2 = 10_000;

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

/** Share of a lamp's light that enters the box; mesh takes a third or more away (common practice). */
const THROUGH = { mesh: 0.6, glass: 0.85, open: 0.9 } as const;

/**
 * Light from lamps over the box at a depth under its top. It spreads with depth, and glass throws part of it back: at a
 * depth of one width a half is left (from memory, until the light model knows better).
 *
 * @param downCm from the top of the box
 * @example ppfdAt(2200, habitat.shell, 30) // 38
 */
export const ppfdAt = (lumens: number, { widthCm, depthCm, top }: Design["shell"], downCm: number): number =>
  (ppfdFromLumens(lumens, (widthCm * depthCm) / CM2_PER_M2) * THROUGH[top.lid]) /
  (1 + Math.max(0, downCm) / Math.max(widthCm, depthCm));
