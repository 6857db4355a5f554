import { weakMapMemoize } from "reselect";
import { areaCm2, bounds, contains, regionAreaCm2, type Polygon } from "../shape";
import type { Solid } from "../strata";

/** Less of the smaller one than this within the other is a touch. Rincon's own. */
const TOUCHES_SHARE = 0.12;
const TOUCHES_CM = 0.5;
/** What fills so little of its outline is twined with others, as branches are. */
const SPARSE_PCT = 50;

const sharedCm2 = weakMapMemoize((a: Polygon, b: Polygon): number => {
  const [one, other] = [bounds(a), bounds(b)];
  const apart =
    one.right <= other.left || other.right <= one.left || one.back <= other.front || other.back <= one.front;
  return apart ? 0 : regionAreaCm2({ inside: [a, b], outside: [] });
});

const isWithin = (inner: Polygon, hole: Polygon | undefined): boolean =>
  hole !== undefined && inner.every((point) => contains(hole, point));

const isGlued = (a: Solid, { id }: Solid): boolean => a.piece?.rest.on === "piece" && a.piece.rest.pieceId === id;

const volumeCm3 = ({ bodies }: Solid): number =>
  bodies.reduce((sum, { outline, fromCm, toCm }) => sum + areaCm2(outline) * (toCm - fromCm), 0);

/** Where one leans, its parts are held against those of the other. */
function sharedCm3(a: Solid, b: Solid): number {
  let cm3 = 0;
  for (const one of a.bodies)
    for (const other of b.bodies) {
      const overCm =
        Math.min(a.baseCm + one.toCm, b.baseCm + other.toCm) - Math.max(a.baseCm + one.fromCm, b.baseCm + other.fromCm);
      if (overCm > 0) cm3 += overCm * sharedCm2(one.outline, other.outline);
    }
  return cm3;
}

/**
 * How much of the smaller of two solid things lies within the other, 0 to 1; 0 where they touch, are twined, stand one
 * over the other, or one in the hollow of the other.
 *
 * @example throughShare(boulder, column) // 0.4
 */
export function throughShare(a: Solid, b: Solid): number {
  const overCm = Math.min(a.topCm, b.topCm) - Math.max(a.baseCm, b.baseCm);
  if (overCm <= TOUCHES_CM || a.kind.solidPct < SPARSE_PCT || b.kind.solidPct < SPARSE_PCT) return 0;
  if (isGlued(a, b) || isGlued(b, a)) return 0;
  if (isWithin(a.outline, b.hole) || isWithin(b.outline, a.hole)) return 0;
  const shared = sharedCm2(a.outline, b.outline);
  if (shared === 0) return 0;
  const leans = a.piece?.tilt ?? b.piece?.tilt;
  const share = leans
    ? sharedCm3(a, b) / Math.min(volumeCm3(a), volumeCm3(b))
    : shared / Math.min(areaCm2(a.outline), areaCm2(b.outline));
  return share > TOUCHES_SHARE ? share : 0;
}
