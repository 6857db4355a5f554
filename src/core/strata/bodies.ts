import type { PieceKind } from "../catalog";
import type { Piece } from "../habitat";
import { areaCm2, turnedEllipse, turnedRectangle, type Point, type Polygon, type Region } from "../shape";
import { leaning, leansAlong, shadowOf } from "./tilt";

/** An upright part of something solid: what ground it pushes aside, between two heights over the thing's own foot. */
export type Body = {
  outline: Polygon;
  region: Region;
  /** How much of it is really there. */
  share: number;
  fromCm: number;
  toCm: number;
};

/** What of a piece hangs on nothing but itself and the floor. */
export type Form = {
  /** Seen from above, all of it. */
  outline: Polygon;
  /** Of hollow ones that stand: the hole. */
  hole: Polygon | undefined;
  heightCm: number;
  bodies: readonly Body[];
  /** Matter without a filling, cm³, and soil it is filled with, as it lies. */
  matterCm3: number;
  fillL: number;
};

const CM3_PER_L = 1000;
/** Bands across a round piece that leans. */
const BANDS = 6;

function figureOf(kind: PieceKind, { xCm, yCm, turnDeg }: Piece, widthCm: number, depthCm: number): Polygon {
  const [w, d] = [Math.max(0.1, widthCm), Math.max(0.1, depthCm)];
  return kind.plan === "round" ? turnedEllipse([xCm, yCm], w, d, turnDeg) : turnedRectangle([xCm, yCm], w, d, turnDeg);
}

function matterOf(kind: PieceKind, outerCm2: number, innerCm2: number, { heightCm, slabs }: Piece): number {
  if (slabs) return (outerCm2 * slabCm(heightCm, slabs) * slabs.count * kind.solidPct) / 100;
  if (!kind.hollow) return (outerCm2 * heightCm * kind.solidPct) / 100;
  const walls = (outerCm2 - innerCm2) * heightCm;
  // What is closed has a floor and a roof, a bowl and a pot a floor, a tube and a column neither.
  const plates = kind.form === "cave" ? 2 : kind.form === "bowl" || kind.form === "pot" ? 1 : 0;
  return walls + innerCm2 * Math.min(heightCm, plates * kind.hollow.wallCm);
}

/** How thick each slab of a pile is: what the gaps leave of its height. */
const slabCm = (heightCm: number, { count, gapCm }: NonNullable<Piece["slabs"]>): number =>
  Math.max(heightCm * 0.1, heightCm - (count - 1) * gapCm) / count;

/** Slab over slab, with air between them. */
function pile(piece: Piece, slabs: NonNullable<Piece["slabs"]>, body: Omit<Body, "fromCm" | "toCm">): Body[] {
  const thickCm = slabCm(piece.heightCm, slabs);
  const apartCm = slabs.count > 1 ? (piece.heightCm - thickCm) / (slabs.count - 1) : 0;
  return Array.from({ length: slabs.count }, (_, nth) => {
    const fromCm = nth * apartCm;
    return { ...body, fromCm, toCm: fromCm + thickCm };
  });
}

/** Bands across the lean: a block is one, a round piece is narrower towards its sides. */
function bandsOf(kind: PieceKind, acrossCm: number): { offCm: number; wideCm: number; alongShare: number }[] {
  if (kind.plan !== "round") return [{ offCm: 0, wideCm: acrossCm, alongShare: 1 }];
  const wideCm = acrossCm / BANDS;
  // What of a circle's area lies before a place on its diameter, by its segment.
  const before = (at: number): number => Math.asin(at) + at * Math.sqrt(1 - at * at);
  return Array.from({ length: BANDS }, (_, n) => {
    const [from, to] = [(2 * n) / BANDS - 1, (2 * (n + 1)) / BANDS - 1];
    return {
      offCm: ((from + to) / 2) * (acrossCm / 2),
      wideCm,
      alongShare: (before(to) - before(from)) / 2 / (to - from),
    };
  });
}

/** What leans, as upright bodies side by side. */
function leanBodies(kind: PieceKind, piece: Piece, floor: Polygon, share: number): Body[] {
  const { tilt, turnDeg, xCm, yCm, heightCm } = piece;
  if (!tilt) return [];
  const { along, way } = leansAlong(tilt);
  const [alongCm, acrossCm] = along === "width" ? [piece.widthCm, piece.depthCm] : [piece.depthCm, piece.widthCm];
  const [cos, sin] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)];
  const placed = (s: number, t: number): Point => {
    const [x, y] = along === "width" ? [s * way, t] : [t, s * way];
    return [xCm + x * cos - y * sin, yCm + x * sin + y * cos];
  };
  return bandsOf(kind, acrossCm).flatMap(({ offCm, wideCm, alongShare }) => {
    // A narrower band stands on the same axis, so its foot is off the ground.
    const thinCm = alongCm * alongShare;
    const liftCm = ((alongCm - thinCm) / 2) * Math.sin((tilt.deg * Math.PI) / 180);
    return leaning(thinCm, heightCm, tilt.deg).strips.map(({ fromCm, toCm, lowCm, highCm }): Body => {
      const [wide, long] = along === "width" ? [toCm - fromCm, wideCm] : [wideCm, toCm - fromCm];
      const outline = turnedRectangle(placed((fromCm + toCm) / 2, offCm), wide, long, turnDeg);
      return {
        outline,
        region: { inside: [outline, floor], outside: [] },
        share,
        fromCm: lowCm + liftCm,
        toCm: highCm + liftCm,
      };
    });
  });
}

/**
 * A piece as its parts: an upright one is one body, a pile one for each slab, what leans many side by side.
 *
 * @param floor the floor the ground lies on
 */
export function formOf(piece: Piece, kind: PieceKind, floor: Polygon): Form {
  const upright = figureOf(kind, piece, piece.widthCm, piece.depthCm);
  const wallsCm = 2 * (kind.hollow?.wallCm ?? 0);
  const inner = kind.hollow ? figureOf(kind, piece, piece.widthCm - wallsCm, piece.depthCm - wallsCm) : undefined;
  const [outerCm2, innerCm2] = [areaCm2(upright), inner ? areaCm2(inner) : 0];
  const matterCm3 = matterOf(kind, outerCm2, innerCm2, piece);
  const share = kind.hollow ? 1 : kind.solidPct / 100;
  const room = shadowOf(piece);
  if (piece.tilt) {
    const outline = turnedRectangle([piece.xCm, piece.yCm], room.widthCm, room.depthCm, piece.turnDeg);
    const bodies = leanBodies(kind, piece, floor, share);
    return { outline, hole: undefined, heightCm: room.heightCm, bodies, matterCm3, fillL: 0 };
  }
  const filled = piece.fillMixId !== null && inner !== undefined;
  const letsSoilIn = kind.hollow?.opensTo === "soil" && !filled && inner !== undefined;
  const region: Region = { inside: [upright, floor], outside: letsSoilIn ? [inner] : [] };
  const body = { outline: upright, region, share };
  return {
    outline: upright,
    hole: inner,
    heightCm: piece.heightCm,
    bodies: piece.slabs ? pile(piece, piece.slabs, body) : [{ ...body, fromCm: 0, toCm: piece.heightCm }],
    matterCm3,
    fillL: filled ? (innerCm2 * piece.heightCm) / CM3_PER_L : 0,
  };
}
