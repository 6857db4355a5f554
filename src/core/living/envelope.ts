import type { Envelope, Range } from "../catalog";

/** How well a species lives at the very edge of what it tolerates, on a scale where its preferred range is 1. Rincon's own scale. */
export const SCORE_AT_EDGE = 0.4;
const SAMPLES = 16;

const ramp = (value: number, edge: number, inner: number): number =>
  inner === edge ? 1 : SCORE_AT_EDGE + (1 - SCORE_AT_EDGE) * ((value - edge) / (inner - edge));

/**
 * How well a species lives at one value: 1 in its preferred range, falling to 0.4 at the edge of what it tolerates, 0 beyond.
 *
 * @example suits({ tolerated: [10, 32], preferred: [18, 27] }, 14) // 0.7
 */
export function suits({ tolerated, preferred }: Envelope, value: number): number {
  if (value < tolerated[0] || value > tolerated[1]) return 0;
  if (value < preferred[0]) return ramp(value, tolerated[0], preferred[0]);
  if (value > preferred[1]) return ramp(value, tolerated[1], preferred[1]);
  return 1;
}

/**
 * How well a species lives over a whole band: the mean of {@link suits} across it.
 *
 * @example suitsBand({ tolerated: [40, 100], preferred: [60, 90] }, [65, 85]) // 1
 */
export function suitsBand(envelope: Envelope, [low, high]: Range): number {
  let sum = 0;
  for (let n = 0; n <= SAMPLES; n += 1) sum += suits(envelope, low + ((high - low) * n) / SAMPLES);
  return sum / (SAMPLES + 1);
}
