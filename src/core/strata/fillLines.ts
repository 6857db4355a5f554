import type { Design } from "../habitat";
import type { Library } from "../library";
import { bounds, contains, type Point, type Polygon } from "../shape";
import type { Ground } from "./ground";
import { pouredFor } from "../mix";
import { mixtureOf } from "./mass";
import type { Patch } from "./terrain";

/** Where on the floor's edge a strip is taped up. */
export const STRIP_PLACES = ["frontLeft", "frontRight", "backLeft", "backRight", "left", "right"] as const;
type StripPlace = (typeof STRIP_PLACES)[number];

type FillLine = {
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

/** How many times as high a layer is poured as it lies pressed. */
function pouredPerPressed(habitat: Pick<Design, "mixes">, { layer }: Patch, library: Library): number {
  if (layer.kind === "soil") return pouredFor(1, mixtureOf(habitat, layer.mixId, library)?.settlesPct ?? 0);
  if (layer.kind === "drainage") return pouredFor(1, library.get("drainageMedia", layer.materialId).settlesPct);
  if (layer.kind === "dressing") return library.get("dressings", layer.materialId).loosePerPressed;
  return 1;
}

/** A hair inside a corner, so that it belongs to the zone it stands in. */
function insideCorner([x, y]: Point, [cx, cy]: Point, outline: Polygon): Point {
  const inward = [0.001, 0.01].map((share): Point => [x + (cx - x) * share, y + (cy - y) * share]);
  return inward.find((point) => contains(outline, point)) ?? [x, y];
}

/**
 * The heights to fill to at each corner of the ground.
 *
 * @example fillStrips(habitat, ground, library)[0]?.lines.at(-1)?.pressedCm // the surface at that corner
 */
export function fillStrips(
  habitat: Pick<Design, "mixes">,
  { terrain }: Pick<Ground, "terrain">,
  library: Library,
): FillStrip[] {
  const { outline } = terrain;
  const corners = sharpCorners(outline);
  const edges = bounds(corners);
  const middle: Point = [(edges.left + edges.right) / 2, (edges.front + edges.back) / 2];
  return corners.map((corner) => {
    const lines = terrain
      .columnAt(...insideCorner(corner, middle, outline))
      .filter(({ patch }) => patch.layer.kind !== "barrier")
      .map(({ patch, bottomCm, topCm }): FillLine => {
        const looseCm = bottomCm + (topCm - bottomCm) * pouredPerPressed(habitat, patch, library);
        return { layerId: patch.layer.id, pressedCm: topCm, looseCm };
      });
    return { place: placeOf(corner, edges), xCm: corner[0], yCm: corner[1], lines };
  });
}
