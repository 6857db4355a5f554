import type { Habitat } from "../habitat";
import { contains, type Point } from "../shape";
import type { Ground } from "./ground";
import { mixtureOf } from "./mass";
import { entry } from "../catalog";

/** Where on the floor's edge a strip is taped up. */
export const STRIP_PLACES = ["frontLeft", "frontRight", "backLeft", "backRight", "left", "right"] as const;
export type StripPlace = (typeof STRIP_PLACES)[number];

export type FillLine = {
  layerId: string;
  /** Height to which it is pressed, and to which it is poured loose, cm from the glass. */
  pressedCm: number;
  looseCm: number;
};

/** The fill lines at one corner of the ground, from the glass up. */
export type FillStrip = { place: StripPlace; xCm: number; yCm: number; lines: readonly FillLine[] };

const SHARP_DEG = 20;

/** Corners of an outline that a builder would call corners: a round wall's many small bends are none. */
function sharpCorners(outline: readonly Point[]): Point[] {
  return outline.filter((point, at) => {
    const before = outline[(at + outline.length - 1) % outline.length] ?? point;
    const after = outline[(at + 1) % outline.length] ?? point;
    const turn =
      Math.atan2(after[1] - point[1], after[0] - point[0]) - Math.atan2(point[1] - before[1], point[0] - before[0]);
    const degrees = Math.abs((((turn * 180) / Math.PI + 540) % 360) - 180);
    return degrees > SHARP_DEG;
  });
}

function placeOf(
  [x, y]: Point,
  { left, right, front, back }: { left: number; right: number; front: number; back: number },
): StripPlace {
  const [u, v] = [(x - left) / Math.max(1e-9, right - left), (y - front) / Math.max(1e-9, back - front)];
  if (v > 0.25 && v < 0.75) return u < 0.5 ? "left" : "right";
  return v <= 0.25 ? (u < 0.5 ? "frontLeft" : "frontRight") : u < 0.5 ? "backLeft" : "backRight";
}

/**
 * The heights to fill to at each corner of the ground.
 *
 * @example fillStrips(habitat, ground)[0]?.lines.at(-1)?.pressedCm // the surface at that corner
 */
export function fillStrips(habitat: Habitat, ground: Ground): FillStrip[] {
  const { outline, patches } = ground.terrain;
  const corners = sharpCorners(outline);
  const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
  const edges = { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
  const [cx, cy] = [(edges.left + edges.right) / 2, (edges.front + edges.back) / 2];
  const settles = (n: number): number => {
    const layer = patches[n]?.layer;
    if (layer?.kind === "soil") return (mixtureOf(habitat, layer.mixId)?.settlesPct ?? 0) / 100;
    if (layer?.kind === "drainage") return entry("drainageMedia", layer.materialId).settlesPct / 100;
    if (layer?.kind === "dressing") return entry("dressings", layer.materialId).loosePerPressed - 1;
    return 0;
  };
  return corners.map((corner) => {
    // A hair inside, so that the corner belongs to the zone it stands in.
    const inward = [0.001, 0.01].map((share): Point => [
      corner[0] + (cx - corner[0]) * share,
      corner[1] + (cy - corner[1]) * share,
    ]);
    const at = inward.find((point) => contains(outline, point)) ?? corner;
    const tops = ground.terrain.topsAt(...at);
    const lines = patches.flatMap(({ layer, lies }, n): FillLine[] => {
      if (layer.kind === "barrier" || !lies(...at)) return [];
      const [below, pressedCm] = [tops[n - 1] ?? 0, tops[n] ?? 0];
      return [{ layerId: layer.id, pressedCm, looseCm: below + (pressedCm - below) * (1 + settles(n)) }];
    });
    return { place: placeOf(corner, edges), xCm: corner[0], yCm: corner[1], lines };
  });
}
