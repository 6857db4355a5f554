import type { Point, Polygon } from "../shape";
import type { Floor, Shell } from "./schema";

const ARC_STEPS = 32;

type Plan = Pick<Shell, "widthCm" | "depthCm"> & { floor?: Floor };

/** A quarter of an ellipse about the back left corner, as a fine polygon: 0.04 % off its area. */
function quarterRound(widthCm: number, depthCm: number): Point[] {
  const arc = Array.from({ length: ARC_STEPS + 1 }, (_, at): Point => {
    const angle = (at / ARC_STEPS) * (Math.PI / 2);
    return [widthCm * Math.sin(angle), depthCm - depthCm * Math.cos(angle)];
  });
  return [[0, depthCm], ...arc];
}

/**
 * The floor's outline in plan, from the left and front glass. Corner shapes fill the back left corner; a hexagon lies
 * with two corners left and right.
 *
 * @example floorOutline({ widthCm: 60, depthCm: 45, floor: { shape: "cornerTriangle" } }) // [[0, 0], [60, 45], [0, 45]]
 */
export function floorOutline({ widthCm: w, depthCm: d, floor }: Plan): Polygon {
  switch (floor?.shape) {
    case "cornerTriangle":
      return [
        [0, 0],
        [w, d],
        [0, d],
      ];
    case "quarterRound":
      return quarterRound(w, d);
    case "hexagon":
      return [
        [w / 4, 0],
        [(3 * w) / 4, 0],
        [w, d / 2],
        [(3 * w) / 4, d],
        [w / 4, d],
        [0, d / 2],
      ];
    case "polygon":
      return floor.points;
    default:
      return [
        [0, 0],
        [w, 0],
        [w, d],
        [0, d],
      ];
  }
}

/**
 * Inner size of a box measured outside: a wall off on each side, a floor below, and the lid above where it is a pane.
 *
 * @example innerFromOuter({ widthCm: 61, depthCm: 46, heightCm: 46 }, 5, false) // { widthCm: 60, depthCm: 45, heightCm: 45.5 }
 */
export function innerFromOuter(
  outer: Pick<Shell, "widthCm" | "depthCm" | "heightCm">,
  wallMm: number,
  paneAbove: boolean,
) {
  const wallCm = wallMm / 10;
  return {
    widthCm: outer.widthCm - 2 * wallCm,
    depthCm: outer.depthCm - 2 * wallCm,
    heightCm: outer.heightCm - wallCm * (paneAbove ? 2 : 1),
  };
}
