import { weakMapMemoize } from "reselect";
import { bounds, contains } from "../shape";
import type { Ground } from "./ground";

const ACROSS = 18;
const DEEP = 14;
const steps = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, at) => from + ((to - from) * (at + 0.5)) / count);

/**
 * The depth the soil has, or more, over a share of the floor.
 *
 * @param share 0 to 1 of the floor
 * @returns cm, from soil depths at points spread evenly over the floor
 * @example soilReachedCm(ground, 1 / 2) // 9 over a slope of 6 to 12 cm
 */
export const soilReachedCm: (ground: Ground, share: number) => number = weakMapMemoize(
  (ground: Ground, share: number): number => {
    const { left, right, front, back } = bounds(ground.terrain.outline);
    const points = steps(front, back, DEEP).flatMap((y) => steps(left, right, ACROSS).map((x) => [x, y] as const));
    const depths = points
      .filter(([x, y]) => contains(ground.terrain.outline, [x, y]))
      .map(([x, y]) => ground.soilDepthAt(x, y))
      .toSorted((a, b) => b - a);
    return depths[Math.min(depths.length - 1, Math.floor(depths.length * share))] ?? 0;
  },
);
