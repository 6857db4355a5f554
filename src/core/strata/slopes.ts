import { weakMapMemoize } from "reselect";
import type { Mix, Mound } from "../habitat";
import type { Library } from "../library";
import { normalise } from "../mix";
import { centroid, contains, isInRegion, probes, type Point, type Polygon, type Region } from "../shape";
import { moundGradient } from "./heaps";
import type { Patch, Terrain } from "./terrain";

/** Where the ground is steeper than its stuff can stand. */
export type Steep = { xCm: number; yCm: number; slopeDeg: number; standsDeg: number; layerId: string };

const PROBES_ALONG = 6;
const INWARD = 0.001;
const ROUND = 16;
const RINGS = [0.3, 0.6, 0.85, 0.97] as const;

const corners = (outline: Polygon): Point[] => {
  const [cx, cy] = centroid(outline);
  return outline.map(([x, y]): Point => [x + (cx - x) * INWARD, y + (cy - y) * INWARD]);
};

/**
 * Where to look: the corners, as between straight edges a lift is steepest at one of them; here and there for what
 * zones cut; and in rings on every heap.
 */
const places = weakMapMemoize((mounds: readonly Mound[], region: Region, outline: Polygon): Point[] =>
  [
    ...corners(outline),
    ...probes(outline, PROBES_ALONG),
    ...mounds
      .flatMap(({ xCm, yCm, radiusCm }) =>
        RINGS.flatMap((ring) =>
          Array.from({ length: ROUND }, (_, at): Point => {
            const angle = (at / ROUND) * 2 * Math.PI;
            return [xCm + Math.cos(angle) * radiusCm * ring, yCm + Math.sin(angle) * radiusCm * ring];
          }),
        ),
      )
      .filter((point) => contains(outline, point)),
  ].filter((point) => isInRegion(region, point)),
);

/** Slope a mix stands at, degrees: the mean of its parts by volume; undefined for a mix of nothing. */
const standsDeg = weakMapMemoize((mix: Mix, library: Library): number | undefined => {
  const shares = normalise(mix.parts);
  if (shares.length === 0) return undefined;
  const ofPart = (ingredientId: string) => library.get("ingredients", ingredientId).reposeDeg;
  return shares.reduce((sum, { ingredientId, share }) => sum + share * ofPart(ingredientId), 0);
});

/** How steep the top of the layers that lie at a place is there, in closed form: a step between zones is no slope. */
function slopeDegAt(lying: readonly Patch[], [x, y]: Point): number {
  let [alongX, alongY] = [0, 0];
  for (const { plain, mounds } of lying) {
    alongX += plain.b + plain.d * y;
    alongY += plain.c + plain.d * x;
    for (const mound of mounds) {
      const [byX, byY] = moundGradient(mound, x, y);
      alongX += byX;
      alongY += byY;
    }
  }
  return (Math.atan(Math.hypot(alongX, alongY)) * 180) / Math.PI;
}

/** The steepest place of a lift. */
function steepestOf(terrain: Terrain, patch: Patch): { at: Point; deg: number } {
  let worst: { at: Point; deg: number } = { at: [0, 0], deg: 0 };
  const upTo = terrain.patches.slice(0, terrain.patches.indexOf(patch) + 1);
  for (const at of places(patch.mounds, patch.region, terrain.outline)) {
    const lying = upTo.filter((other) => other.lies(...at));
    const deg = slopeDegAt(lying, at);
    if (deg > worst.deg) worst = { at, deg };
  }
  return worst;
}

/**
 * The steepest place of each soil lift whose slope is more than its stuff stands at.
 *
 * @example tooSteep(terrain, design.mixes, library)[0]?.slopeDeg // 52
 */
export const tooSteep = weakMapMemoize((terrain: Terrain, mixes: readonly Mix[], library: Library): Steep[] =>
  terrain.patches.flatMap((patch): Steep[] => {
    const { layer } = patch;
    const mix = layer.kind === "soil" ? mixes.find((other) => other.id === layer.mixId) : undefined;
    const limit = mix && standsDeg(mix, library);
    if (limit === undefined) return [];
    const { at, deg } = steepestOf(terrain, patch);
    return deg > limit ? [{ xCm: at[0], yCm: at[1], slopeDeg: deg, standsDeg: limit, layerId: layer.id }] : [];
  }),
);
