import type { Shut } from "./balance";
import { withAirWPerK } from "./heat";

/** Soil and pebbles with their air and water: J/m³K, from memory. */
const GROUND_J_PER_M3K = 1.5e6;
/** So deep a day's warmth is felt in it, cm: from memory. */
const FELT_CM = 12;
const SECONDS_AN_HOUR = 3600;

/**
 * Of what a box was warmer by day, so much is left over the night, on its mean: what its ground has stored runs out as
 * fast as the box loses heat (one store, one way out).
 *
 * @param hours how long the night lasts
 * @example lingerShare(box, { fillCm: 12, shell }, 20, 12) // 0.28
 */
export function lingerShare(
  box: Shut,
  { fillCm, shell }: { fillCm: number; shell: { widthCm: number; depthCm: number } },
  changesPerH: number,
  hours: number,
): number {
  const storedJPerK = ((shell.widthCm * shell.depthCm) / 1e4) * (Math.min(fillCm, FELT_CM) / 100) * GROUND_J_PER_M3K;
  const throughWPerK = box.faces.reduce((sum, { airWPerK, outWPerK, shinesWPerK }) => {
    const inside = airWPerK + shinesWPerK;
    return sum + (inside * outWPerK) / Math.max(1e-9, inside + outWPerK);
  }, 0);
  const outWPerK = throughWPerK + box.openWPerK + withAirWPerK(changesPerH, box.openings.roomM3);
  const lasts = storedJPerK / outWPerK / SECONDS_AN_HOUR / hours;
  return lasts > 0 ? lasts * -Math.expm1(-1 / lasts) : 0;
}
