import { floorOutline, type Floor, type Habitat, type Layer, type Shell } from "../habitat";
import { areaCm2, centroid, nodes, type Node } from "../shape";
import { massOf, type Mass } from "./mass";
import { buriedL, type Solid } from "./solids";
import type { Patch, Terrain } from "./terrain";

/** Heights from the glass in the middle of the front and of the back, cm. */
export type Slope = { frontCm: number; backCm: number };

/** One layer as it lies in the box. */
export type Level = {
  layerId: string;
  kind: Layer["kind"];
  over: string;
  bottom: Slope;
  top: Slope;
  /** Floor it lies on, cm², and the middle of what it weighs, from the left and from the front. */
  areaCm2: number;
  middle: { xCm: number; yCm: number };
  /** Litres as it lies, less what is buried in it. */
  volumeL: number;
  buriedL: number;
} & Mass;

const CM3_PER_L = 1000;

/** A floor in plan; a rectangle when nothing else is said. */
export type Plan = Pick<Shell, "widthCm" | "depthCm"> & { floor?: Floor };

/** Floor of the box, cm². @example floorAreaCm2({ widthCm: 60, depthCm: 45 }) // 2700 */
export const floorAreaCm2 = (plan: Plan): number => areaCm2(floorOutline(plan));

/**
 * Volume of a wedge with a flat bottom: one depth at the front, one at the back, straight between. Over any floor
 * it is the floor's area times the depth at its centre of area, exactly.
 *
 * @returns litres
 * @example wedgeL({ widthCm: 60, depthCm: 45 }, 8, 14) // 29.7
 */
export function wedgeL(plan: Plan, frontCm: number, backCm: number): number {
  const outline = floorOutline(plan);
  const [, fromFrontCm] = centroid(outline);
  return (areaCm2(outline) * (frontCm + ((backCm - frontCm) * fromFrontCm) / plan.depthCm)) / CM3_PER_L;
}

/** Depth that a loose volume makes on a floor. @example depthOfL({ widthCm: 30.48, depthCm: 30.48 }, 4.405) // 4.74 */
export const depthOfL = (plan: Plan, litres: number): number => (litres * CM3_PER_L) / floorAreaCm2(plan);

/** Sums of a patch over its floor. */
function summed(patch: Patch): {
  areaCm2: number;
  volumeL: number;
  middle: { xCm: number; yCm: number };
  at: Node | undefined;
} {
  let [area, volume, momentX, momentY] = [0, 0, 0, 0];
  const points = nodes(patch.region, { circles: patch.circles });
  for (const { x, y, areaCm2: part } of points) {
    const cm3 = part * patch.thicknessCm(x, y);
    area += part;
    volume += cm3;
    momentX += cm3 * x;
    momentY += cm3 * y;
  }
  const middle = volume > 0 ? { xCm: momentX / volume, yCm: momentY / volume } : { xCm: 0, yCm: 0 };
  const far = ({ x, y }: Node) => Math.hypot(x - middle.xCm, y - middle.yCm);
  return {
    areaCm2: area,
    volumeL: volume / CM3_PER_L,
    middle,
    at: points.reduce<Node | undefined>((best, node) => (best && far(best) <= far(node) ? best : node), undefined),
  };
}

/** The heights of a layer in the middle of the front and of the back, as if its own floor reached there. */
function slopes(
  terrain: Terrain,
  n: number,
  at: Node | undefined,
  frontCm: number,
  backCm: number,
): { bottom: Slope; top: Slope } {
  if (!at) return { bottom: { frontCm: 0, backCm: 0 }, top: { frontCm: 0, backCm: 0 } };
  const lie = terrain.patches.map((patch) => patch.lies(at.x, at.y));
  const heightOf = (count: number, y: number) =>
    terrain.patches
      .slice(0, count)
      .reduce((sum, patch, which) => sum + (lie[which] ? patch.thicknessCm(at.x, y) : 0), 0);
  const slope = (count: number): Slope => ({ frontCm: heightOf(count, frontCm), backCm: heightOf(count, backCm) });
  return { bottom: slope(n), top: slope(n + 1) };
}

/**
 * Every layer of a habitat as it lies, from the glass up: where it starts and ends, how much it is, what it weighs.
 *
 * @example levels(habitat, terrain, [])[0] // the pebbles: bottom 0, top 5, 13.5 L in a 60 x 45 cm floor
 */
export function levels(habitat: Habitat, terrain: Terrain, standing: readonly Solid[]): Level[] {
  const lost = standing.map((solid) => buriedL(terrain, solid));
  const ys = terrain.outline.map(([, y]) => y);
  const [frontCm, backCm] = [Math.min(...ys), Math.max(...ys)];
  return terrain.patches.map((patch, n): Level => {
    const { layer } = patch;
    const sums = summed(patch);
    const buried = Math.min(
      sums.volumeL,
      lost.reduce((sum, of) => sum + (of[n] ?? 0), 0),
    );
    const volumeL = sums.volumeL - buried;
    return {
      layerId: layer.id,
      kind: layer.kind,
      over: layer.over,
      ...slopes(terrain, n, sums.at, frontCm, backCm),
      areaCm2: sums.areaCm2,
      middle: sums.middle,
      volumeL,
      buriedL: buried,
      ...massOf(layer, volumeL, sums.areaCm2, habitat),
    };
  });
}
