import { weakMapMemoize } from "reselect";
import type { Mound } from "../habitat";
import { clearanceCm, nodes, NO_MOMENTS, plus } from "../shape";
import type { Circle, Moments, Polygon, Region } from "../shape";

/**
 * Height of a heap over the lift it stands on, at a distance from its middle, cm.
 *
 * @example moundCm({ form: "dome", radiusCm: 10, topRadiusCm: 0, heightCm: 4, … }, 0) // 4
 */
export function moundCm({ form, radiusCm, topRadiusCm, heightCm }: Mound, distanceCm: number): number {
  if (distanceCm >= radiusCm) return 0;
  if (form === "flat") return heightCm * Math.min(1, (radiusCm - distanceCm) / Math.max(1e-9, radiusCm - topRadiusCm));
  const sphereCm = (radiusCm ** 2 + heightCm ** 2) / (2 * heightCm);
  return Math.sqrt(sphereCm ** 2 - distanceCm ** 2) - (sphereCm - heightCm);
}

/** What heaps add to their lift at a place, cm. */
export const heapsCm = (mounds: readonly Mound[], x: number, y: number): number =>
  mounds.reduce((sum, mound) => sum + moundCm(mound, Math.hypot(x - mound.xCm, y - mound.yCm)), 0);

/**
 * How a heap rises at a place, cm for each cm to the right and to the back.
 *
 * @example moundGradient({ form: "flat", xCm: 0, yCm: 0, radiusCm: 10, topRadiusCm: 0, heightCm: 5, … }, 4, 0) // [-0.5, 0]
 */
export function moundGradient({ form, xCm, yCm, radiusCm, topRadiusCm, heightCm }: Mound, x: number, y: number) {
  const [dx, dy] = [x - xCm, y - yCm];
  const away = Math.hypot(dx, dy);
  if (away >= radiusCm || away === 0) return NO_RISE;
  if (form === "flat") {
    const fall = away > topRadiusCm ? heightCm / (radiusCm - topRadiusCm) / away : 0;
    return [-fall * dx, -fall * dy] as const;
  }
  const sphereCm = (radiusCm ** 2 + heightCm ** 2) / (2 * heightCm);
  const fall = 1 / Math.sqrt(sphereCm ** 2 - away ** 2);
  return [-fall * dx, -fall * dy] as const;
}
const NO_RISE = [0, 0] as const;

/**
 * A whole heap: a spherical cap, or a frustum of a cone, by the standard formulas.
 *
 * @returns cm³
 * @example moundCm3({ form: "dome", radiusCm: 10, heightCm: 4, … }) // 661.9
 */
export function moundCm3({ form, radiusCm, topRadiusCm, heightCm }: Mound): number {
  if (form === "dome") return (Math.PI * heightCm * (3 * radiusCm ** 2 + heightCm ** 2)) / 6;
  return (Math.PI * heightCm * (radiusCm ** 2 + radiusCm * topRadiusCm + topRadiusCm ** 2)) / 3;
}

/** Round edges across which a heap's height changes its form. */
const circlesOf = ({ xCm, yCm, radiusCm, topRadiusCm, form }: Mound): Circle[] => [
  { xCm, yCm, radiusCm },
  ...(form === "flat" && topRadiusCm > 0 ? [{ xCm, yCm, radiusCm: topRadiusCm }] : []),
];

const squareAbout = ({ xCm, yCm, radiusCm }: Circle): Polygon => [
  [xCm - radiusCm, yCm - radiusCm],
  [xCm + radiusCm, yCm - radiusCm],
  [xCm + radiusCm, yCm + radiusCm],
  [xCm - radiusCm, yCm + radiusCm],
];

/** A half ball is steepest at its rim: so fine, what a cut heap holds is within a thousandth. */
const RIM_SPLITS = 3;

/** A heap that an edge cuts, by quadrature over the square about it. */
function cutMoments(mound: Mound, { inside, outside }: Region): Moments {
  const around: Region = { inside: [...inside, squareAbout(mound)], outside };
  return nodes(around, { circles: circlesOf(mound), splits: RIM_SPLITS }).reduce((sum, { x, y, areaCm2 }) => {
    const volumeCm3 = areaCm2 * moundCm(mound, Math.hypot(x - mound.xCm, y - mound.yCm));
    return plus(sum, { areaCm2: 0, volumeCm3, momentX: volumeCm3 * x, momentY: volumeCm3 * y });
  }, NO_MOMENTS);
}

/**
 * What a heap adds to a lift that lies over a region, worked out anew only when one of them changed: in closed form
 * where it lies clear of every edge.
 *
 * @returns volume and moments; no floor of its own
 */
export const moundMoments = weakMapMemoize((mound: Mound, region: Region): Moments => {
  const { xCm, yCm, radiusCm } = mound;
  const clear = (figure: Polygon) => clearanceCm(figure, [xCm, yCm]);
  const whole =
    region.inside.every((figure) => clear(figure) >= radiusCm) &&
    region.outside.every((figure) => -clear(figure) >= radiusCm);
  if (!whole) return cutMoments(mound, region);
  const volumeCm3 = moundCm3(mound);
  return { areaCm2: 0, volumeCm3, momentX: volumeCm3 * xCm, momentY: volumeCm3 * yCm };
});
