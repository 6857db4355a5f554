import type { Envelope, Range } from "../catalog";

/**
 * How well a species lives at the very edge of what it tolerates, on a scale where its preferred range is 1. Rincon's
 * own scale.
 */
const SCORE_AT_EDGE = 0.4;

const ramp = (value: number, edge: number, inner: number): number =>
  inner === edge ? 1 : SCORE_AT_EDGE + (1 - SCORE_AT_EDGE) * ((value - edge) / (inner - edge));

/**
 * How well a species lives at one value: 1 in its preferred range, falling to 0.4 at the edge of what it tolerates, 0
 * beyond.
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
 * How well a species lives over a whole band: the mean of {@link suits} across it, by the areas of its straight pieces.
 *
 * @example suitsBand({ tolerated: [40, 100], preferred: [60, 90] }, [65, 85]) // 1
 */
export function suitsBand(envelope: Envelope, band: Range): number {
  const [low, high] = band;
  if (!(high > low)) return suits(envelope, low);
  const { tolerated, preferred } = envelope;
  return (
    (piece(envelope, band, tolerated[0], preferred[0]) +
      piece(envelope, band, preferred[0], preferred[1]) +
      piece(envelope, band, preferred[1], tolerated[1])) /
    (high - low)
  );
}

/** Area under one straight piece, as far as the band takes it in. */
function piece(envelope: Envelope, [low, high]: Range, from: number, to: number): number {
  const a = Math.max(from, low);
  const b = Math.min(to, high);
  return b > a ? ((suits(envelope, a) + suits(envelope, b)) / 2) * (b - a) : 0;
}
