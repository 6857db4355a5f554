import type { Piece, Tilt } from "../habitat";
import type { Point } from "../shape";

/** A strip of what leans, seen across: from where to where along the lean, between what heights. cm. */
type Strip = { fromCm: number; toCm: number; lowCm: number; highCm: number };

/** How what leans stands: the room it takes along the lean and up, about the middle of that room. */
export type Leaning = { lengthCm: number; highCm: number; strips: readonly Strip[] };

/** Strips are so wide, and no more than so many between two corners. */
const STRIP_CM = 1.5;
const MOST_STRIPS = 12;
/** From here on a thing lies rather than leans. Rincon's own. */
const LIES_DEG = 75;

/**
 * A block that leans on its lower edge, cut into upright strips. Between its corners its underside and its top are
 * straight, so the strips together are as large as the block.
 *
 * @param alongCm its extent towards the side it leans to, upright
 * @param deg how far out of upright, 0 to 90
 * @example leaning(10, 30, 90) // { lengthCm: 30, highCm: 10, … }: it lies
 */
export function leaning(alongCm: number, heightCm: number, deg: number): Leaning {
  const [cos, sin] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  // Along the lean, from the edge it stands on.
  const [tail, head] = [-alongCm * cos, heightCm * sin];
  const lengthCm = head - tail;
  const middle = (head + tail) / 2;
  const bends = [tail, Math.min(0, tail + head), Math.max(0, tail + head), head];
  const low = (s: number): number => (s <= 0 ? -s * ratio(sin, cos) : s * ratio(cos, sin));
  const high = (s: number): number =>
    s <= tail + head ? alongCm * sin + (s - tail) * ratio(cos, sin) : heightCm * cos + (head - s) * ratio(sin, cos);
  const strips = bends.slice(1).flatMap((to, at): Strip[] => {
    const from = bends[at] ?? to;
    if (to - from < 1e-6) return [];
    const count = Math.min(MOST_STRIPS, Math.ceil((to - from) / STRIP_CM));
    return Array.from({ length: count }, (_, n): Strip => {
      const [a, b] = [from + ((to - from) * n) / count, from + ((to - from) * (n + 1)) / count];
      const half = (a + b) / 2;
      return { fromCm: a - middle, toCm: b - middle, lowCm: low(half), highCm: high(half) };
    });
  });
  return { lengthCm, highCm: alongCm * sin + heightCm * cos, strips };
}

/** Where a side is upright its strip has no width, and its slope is never asked for. */
const ratio = (a: number, b: number): number => (Math.abs(b) < 1e-9 ? 0 : a / b);

/** Whether a piece leans along its width, and which way. */
export const leansAlong = ({ to }: Tilt): { along: "width" | "depth"; way: 1 | -1 } =>
  to === "left" || to === "right"
    ? { along: "width", way: to === "right" ? 1 : -1 }
    : { along: "depth", way: to === "back" ? 1 : -1 };

/** Where a piece stands on the ground: in its middle, or on the edge it leans on. */
export function standsAt({ xCm, yCm, turnDeg, widthCm, depthCm, heightCm, tilt }: Piece): Point {
  // Lying, it rests on all of itself.
  if (!tilt || tilt.deg >= LIES_DEG) return [xCm, yCm];
  const { along, way } = leansAlong(tilt);
  const alongCm = along === "width" ? widthCm : depthCm;
  const lean = (tilt.deg * Math.PI) / 180;
  const s = (way * (alongCm * Math.cos(lean) - heightCm * Math.sin(lean))) / 2;
  const turn = ((turnDeg + (along === "width" ? 0 : 90)) * Math.PI) / 180;
  return [xCm + s * Math.cos(turn), yCm + s * Math.sin(turn)];
}

/**
 * The room a piece takes, unturned: as it is upright, or as it leans.
 *
 * @example shadowOf({ widthCm: 14, depthCm: 14, heightCm: 32, tilt: { deg: 90, to: "right" } }) // 32 wide, 14 high
 */
export function shadowOf(piece: Pick<Piece, "widthCm" | "depthCm" | "heightCm" | "tilt">) {
  const { widthCm, depthCm, heightCm, tilt } = piece;
  if (!tilt) return { widthCm, depthCm, heightCm };
  const { along } = leansAlong(tilt);
  const { lengthCm, highCm } = leaning(along === "width" ? widthCm : depthCm, heightCm, tilt.deg);
  return along === "width"
    ? { widthCm: lengthCm, depthCm, heightCm: highCm }
    : { widthCm, depthCm: lengthCm, heightCm: highCm };
}
