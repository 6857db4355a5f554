const MOST_STEPS = 60;

/**
 * Where a rising function crosses nothing between two bounds, by the Illinois variant of false position (Dowell and
 * Jarratt 1971). Where it does not cross, the bound that is nearer to it.
 *
 * @param close how near to the crossing is near enough, in the function's argument
 * @example rootOf((x) => x * x - 2, 0, 2, 1e-6) // 1.414213
 */
export function rootOf(f: (x: number) => number, low: number, high: number, close: number): number {
  let [a, b, atA, atB] = [low, high, f(low), f(high)];
  if (atA >= 0) return a;
  if (atB <= 0) return b;
  let [side, last] = [0, a];
  for (let step = 0; step < MOST_STEPS; step++) {
    const x = (a * atB - b * atA) / (atB - atA);
    const atX = f(x);
    if (atX === 0 || Math.abs(x - last) < close) return x;
    last = x;
    if (atX > 0) {
      [b, atB] = [x, atX];
      if (side === 1) atA /= 2;
      side = 1;
    } else {
      [a, atA] = [x, atX];
      if (side === -1) atB /= 2;
      side = -1;
    }
  }
  return last;
}
