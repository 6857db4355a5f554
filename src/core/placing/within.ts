import { contains } from "../shape";
import { bodiesAt, type Ground, type Solid } from "../strata";

const SOLID_PCT = 50;

/** Whether a thing takes a place on the ground, so that nothing can be planted there. */
function takes(solid: Solid, x: number, y: number, { surfaceAt }: Ground): boolean {
  const { piece, kind, hole, baseCm } = solid;
  if (piece === undefined || kind.solidPct < SOLID_PCT) return false;
  const surfaceCm = surfaceAt(x, y) + 1;
  if (!bodiesAt(solid, x, y).some(({ fromCm }) => baseCm + fromCm <= surfaceCm)) return false;
  const planted = piece.fillMixId !== null || kind.roles.includes("planter");
  return !(planted && hole !== undefined && contains(hole, [x, y]));
}

/** What a place on the ground lies within: a wall's build, or a thing that stands there. */
export function within(x: number, y: number, ground: Ground): "wall" | Solid | undefined {
  if (!contains(ground.terrain.outline, [x, y])) return "wall";
  return ground.solids.find((solid) => takes(solid, x, y, ground));
}
