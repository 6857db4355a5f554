/**
 * Gauss and Legendre's three points on 0 to 1: exact for polynomials up to the fifth degree (Abramowitz & Stegun
 * 25.4.30).
 */
export const GAUSS: readonly (readonly [at: number, weight: number])[] = [
  [0.5 - Math.sqrt(0.15), 5 / 18],
  [0.5, 8 / 18],
  [0.5 + Math.sqrt(0.15), 5 / 18],
];
