/** The part of the odex reference package that the tests compare against. Its own types do not hold to our rules. */
export class Solver {
  /** @param n how many equations there are */
  constructor(n: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(
    slope: (x: number, y: readonly number[]) => number[],
    from: number,
    y: readonly number[],
    to: number,
  ): { y: number[] };
}
