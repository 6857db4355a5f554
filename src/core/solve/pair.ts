/** Two unknowns. */
export type Pair = readonly [number, number];

const MOST_STEPS = 30;

/**
 * Where two functions of two unknowns are both nothing, by Newton's way with slopes taken by small steps; no unknown
 * moves further at once than it may. Undefined where it does not come to rest.
 *
 * @param small steps the slopes are taken by
 * @param close how near is near enough, in the unknowns
 * @param most how far an unknown may move at once
 * @example rootOfPair(([x, y]) => [x + y - 3, x - y - 1], [0, 0], { small: [1e-4, 1e-4], close: [1e-6, 1e-6], most: [9, 9] }) // [2, 1]
 */
export function rootOfPair(
  f: (at: Pair) => Pair,
  start: Pair,
  { small, close, most }: { small: Pair; close: Pair; most: Pair },
): Pair | undefined {
  let [x, y] = start;
  for (let step = 0; step < MOST_STEPS; step++) {
    const [a, b] = f([x, y]);
    const [ax, bx] = f([x + small[0], y]);
    const [ay, by] = f([x, y + small[1]]);
    const [aOverX, bOverX] = [(ax - a) / small[0], (bx - b) / small[0]];
    const [aOverY, bOverY] = [(ay - a) / small[1], (by - b) / small[1]];
    const determinant = aOverX * bOverY - aOverY * bOverX;
    if (!Number.isFinite(1 / determinant)) return undefined;
    const moveX = (aOverY * b - bOverY * a) / determinant;
    const moveY = (bOverX * a - aOverX * b) / determinant;
    const slowed = Math.min(1, most[0] / Math.abs(moveX), most[1] / Math.abs(moveY));
    [x, y] = [x + moveX * slowed, y + moveY * slowed];
    if (Math.abs(moveX) < close[0] && Math.abs(moveY) < close[1]) return [x, y];
  }
  return undefined;
}
