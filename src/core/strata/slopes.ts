import { ingredientsOf, type Habitat } from "../habitat";
import { normalise } from "../mix";
import { centroid, contains, probes, type Point, type Polygon } from "../shape";
import type { Ground } from "./ground";
import type { Patch } from "./terrain";

/** Where the ground is steeper than its stuff can stand. */
export type Steep = { xCm: number; yCm: number; slopeDeg: number; standsDeg: number; layerId: string };

const STEP_CM = 0.05;
const PROBES_ALONG = 6;
const INWARD = 0.001;
const ROUND = 16;
const RINGS = [0.3, 0.6, 0.85, 0.97] as const;

const corners = (outline: Polygon): Point[] => {
  const [cx, cy] = centroid(outline);
  return outline.map(([x, y]): Point => [x + (cx - x) * INWARD, y + (cy - y) * INWARD]);
};

/**
 * Where to look: the corners, as between straight edges a lift is steepest at one of them; here and there for what zones cut; and in
 * rings on every heap.
 */
const places = ({ layer, lies }: Patch, outline: Polygon): Point[] =>
  [
    ...corners(outline),
    ...probes(outline, PROBES_ALONG),
    ...(layer.kind === "soil" ? layer.mounds : [])
      .flatMap(({ xCm, yCm, radiusCm }) =>
        RINGS.flatMap((ring) =>
          Array.from({ length: ROUND }, (_, at): Point => {
            const angle = (at / ROUND) * 2 * Math.PI;
            return [xCm + Math.cos(angle) * radiusCm * ring, yCm + Math.sin(angle) * radiusCm * ring];
          }),
        ),
      )
      .filter((point) => contains(outline, point)),
  ].filter(([x, y]) => lies(x, y));

/** Slope a layer stands at, degrees: of a mix, the mean of its parts by volume. */
function standsDeg(habitat: Habitat, layerId: string): number | undefined {
  const layer = habitat.strata.layers.find((other) => other.id === layerId);
  if (layer?.kind !== "soil") return undefined;
  const shares = normalise(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? []);
  return shares.length > 0
    ? shares.reduce((sum, { ingredientId, share }) => sum + share * ingredientsOf(habitat)(ingredientId).reposeDeg, 0)
    : undefined;
}

/** A step held back between zones is not a slope, so a slope is only measured between places on the same layers. */
function slopeDegAt({ terrain }: Ground, upTo: number, [x, y]: Point): number {
  const lying = terrain.patches.map((patch) => patch.lies(x, y));
  const same = (tx: number, ty: number) =>
    contains(terrain.outline, [tx, ty]) && terrain.patches.every((patch, at) => patch.lies(tx, ty) === lying[at]);
  const topAt = (tx: number, ty: number) =>
    terrain.patches.slice(0, upTo + 1).reduce((sum, patch, at) => sum + (lying[at] ? patch.thicknessCm(tx, ty) : 0), 0);
  const here = topAt(x, y);
  const rise = (dx: number, dy: number): number => {
    const way = same(x + dx, y + dy) ? 1 : same(x - dx, y - dy) ? -1 : 0;
    return way === 0 ? 0 : (topAt(x + way * dx, y + way * dy) - here) / STEP_CM;
  };
  return (Math.atan(Math.hypot(rise(STEP_CM, 0), rise(0, STEP_CM))) * 180) / Math.PI;
}

/**
 * The steepest place of each soil lift whose slope is more than its stuff stands at.
 *
 * @example tooSteep(habitat, ground)[0]?.slopeDeg // 52
 */
export function tooSteep(habitat: Habitat, ground: Ground): Steep[] {
  const { patches, outline } = ground.terrain;
  return patches.flatMap((patch, n): Steep[] => {
    const limit = standsDeg(habitat, patch.layer.id);
    if (limit === undefined) return [];
    const steepest = places(patch, outline).reduce<{ at: Point; deg: number }>(
      (worst, at) => {
        const deg = slopeDegAt(ground, n, at);
        return deg > worst.deg ? { at, deg } : worst;
      },
      { at: [0, 0], deg: 0 },
    );
    if (steepest.deg <= limit) return [];
    return [
      { xCm: steepest.at[0], yCm: steepest.at[1], slopeDeg: steepest.deg, standsDeg: limit, layerId: patch.layer.id },
    ];
  });
}
