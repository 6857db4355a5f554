/** A point of a series: when, in days, and how much. */
export type Point = { day: number; value: number };

/** The middle of some values; of an even number the mean of both. @example median([1, 9, 2]) // 2 */
export const median = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? (sorted[half] ?? 0) : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2;
};

/**
 * Slope of a series a day, as the median of the slopes of all its pairs: a few wild readings do not bend it. Theil
 * 1950; Sen 1968, Journal of the American Statistical Association 63.
 *
 * @returns undefined for fewer than two different days
 * @example theilSen([{ day: 0, value: 1 }, { day: 1, value: 3 }, { day: 2, value: 99 }]) // 49
 */
export function theilSen(points: readonly Point[]): number | undefined {
  const slopes = points.flatMap((one, at) =>
    points
      .slice(at + 1)
      .flatMap((other) => (other.day === one.day ? [] : [(other.value - one.value) / (other.day - one.day)])),
  );
  return slopes.length === 0 ? undefined : median(slopes);
}

/** Standard normal probability of lying further out than z on either side: Abramowitz and Stegun 7.1.26, to 1.5e-7. */
function beyond(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  return poly * Math.exp(-x * x);
}

/** S of Mann and Kendall, its standard score, and how likely so much comes of chance alone. */
export type Trend = { s: number; z: number; p: number };

/**
 * Whether a series rises or falls more than chance would have it: Mann 1945, Econometrica 13; Kendall 1975. Ties take
 * from the variance; the score is corrected for continuity.
 *
 * @example mannKendall([10, 15, 14, 20]).s // 4
 */
export function mannKendall(values: readonly number[]): Trend {
  const n = values.length;
  let s = 0;
  for (let i = 0; i < n; i++) for (let j = i + 1; j < n; j++) s += Math.sign((values[j] ?? 0) - (values[i] ?? 0));
  const groups = new Map<number, number>();
  for (const value of values) groups.set(value, (groups.get(value) ?? 0) + 1);
  const tied = [...groups.values()].reduce((sum, t) => sum + t * (t - 1) * (2 * t + 5), 0);
  const variance = (n * (n - 1) * (2 * n + 5) - tied) / 18;
  const z = variance <= 0 || s === 0 ? 0 : (s - Math.sign(s)) / Math.sqrt(variance);
  return { s, z, p: beyond(z) };
}
