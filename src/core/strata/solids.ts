import { weakMapMemoize } from "reselect";
import type { PieceKind } from "../catalog";
import type { Piece, Treatment, Zone } from "../habitat";
import type { Library } from "../library";
import { areaCm2, contains, turnedRectangle, type Point, type Polygon } from "../shape";
import { formOf, type Body, type Form } from "./bodies";
import type { GroundPlan, Terrain } from "./terrain";
import { standsAt } from "./tilt";

/** Something solid that stands in the ground or over it, made of upright parts. */
export type Solid = {
  /** The piece's id, or the zone's for what holds its ground back. */
  id: string;
  kind: PieceKind;
  piece?: Piece;
  /** All of it seen from above. */
  outline: Polygon;
  /** Of hollow ones that stand upright: the hole. */
  hole: Polygon | undefined;
  baseCm: number;
  topCm: number;
  /** What pushes ground and water aside, heights over its foot. */
  bodies: readonly Body[];
  /** Mass of the thing itself, without a filling. */
  emptyKg: number;
  /** Soil it is filled with, as it lies. 0 for what is not filled. */
  fillL: number;
};

const CM3_PER_L = 1000;

/** Other pieces by id: what is glued to one stands as high as that one does. */
type Others = readonly Piece[];

/** Height a piece's foot stands at, cm from the glass. @example footCm(piece, terrain, []) // 0 on the glass */
function footCm(piece: Piece, terrain: Terrain, others: Others): number {
  const { id, rest } = piece;
  switch (rest.on) {
    case "glass":
      return 0;
    case "wall":
    case "inWall":
      return rest.upCm;
    case "ground":
      return Math.max(0, terrain.surfaceAt(...standsAt(piece)) - rest.sunkCm);
    case "piece": {
      const rests = others.filter((other) => other.id !== id);
      const holder = rests.find((other) => other.id === rest.pieceId);
      return rest.upCm + (holder ? footCm(holder, terrain, rests) : 0);
    }
  }
}

const formed = weakMapMemoize((piece: Piece, kind: PieceKind, floor: Polygon): Form => formOf(piece, kind, floor));

/**
 * A piece as it would stand on a ground.
 *
 * @param others what it may be glued to
 * @example solidOf(piece, { terrain, library, others: habitat.pieces }).topCm
 */
export function solidOf(
  piece: Piece,
  { terrain, library, others }: { terrain: Terrain; library: Library; others: Others },
): Solid {
  const kind = library.get("pieceKinds", piece.kindId);
  const baseCm = footCm(piece, terrain, others);
  const { outline, hole, heightCm, bodies, matterCm3, fillL } = formed(piece, kind, terrain.outline);
  const emptyKg = (matterCm3 * kind.kgPerL) / CM3_PER_L;
  return { id: piece.id, kind, piece, outline, hole, bodies, fillL, emptyKg, baseCm, topCm: baseCm + heightCm };
}

/** The parts of a solid over and under a place in plan. @example bodiesAt(slab, 30, 20).length // 3 */
export const bodiesAt = ({ bodies }: Solid, x: number, y: number): readonly Body[] =>
  bodies.filter(({ outline }) => contains(outline, [x, y]));

/** What a piece is moulded of, L; 0 for what is bought as a thing. @example mouldedL(clayPocket) // 0.7 */
export const mouldedL = ({ kind, emptyKg }: Pick<Solid, "kind" | "emptyKg">): number =>
  kind.mouldedOf ? emptyKg / kind.kgPerL : 0;

/** Room that pieces set in a wall take from what is built there, L. @example setInL(scene, foam) // 1.2 */
export const setInL = (
  { ground }: { ground: { solids: readonly Solid[] } },
  { wall, thicknessCm }: Treatment,
): number =>
  ground.solids.reduce((sum, { piece, outline, baseCm, topCm }) => {
    if (piece?.rest.on !== "inWall" || piece.rest.wall !== wall) return sum;
    const deepShare = Math.min(1, thicknessCm / Math.max(0.1, piece.depthCm));
    return sum + (areaCm2(outline) * deepShare * (topCm - baseCm)) / CM3_PER_L;
  }, 0);

/** The edges of a zone that run through the floor, not along its walls. */
export function innerEdges(zone: Zone, outline: Polygon): [Point, Point][] {
  return zone.points.flatMap((a, at): [Point, Point][] => {
    const b = zone.points[(at + 1) % zone.points.length] ?? a;
    const lengthCm = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (lengthCm < 0.1) return [];
    const [mx, my] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    const [nx, ny] = [(-(b[1] - a[1]) / lengthCm) * 0.2, ((b[0] - a[0]) / lengthCm) * 0.2];
    return contains(outline, [mx + nx, my + ny]) && contains(outline, [mx - nx, my - ny]) ? [[a, b]] : [];
  });
}

const lengthOf = ([a, b]: [Point, Point]): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** A beam laid along an edge. */
function beamAlong([a, b]: [Point, Point], thicknessCm: number): Polygon {
  const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const turnDeg = (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;
  return turnedRectangle(middle, lengthOf([a, b]), thicknessCm, turnDeg);
}

/** What holds a zone's ground back, along each of its inner edges. */
const retainers = weakMapMemoize((zone: Zone, floor: Polygon, library: Library): Solid[] => {
  const { retaining } = zone;
  if (!retaining) return [];
  const kind = library.get("pieceKinds", retaining.kindId);
  const share = kind.solidPct / 100;
  return innerEdges(zone, floor).map((edge): Solid => {
    const outline = beamAlong(edge, retaining.thicknessCm);
    return {
      id: zone.id,
      kind,
      outline,
      hole: undefined,
      baseCm: 0,
      topCm: retaining.heightCm,
      bodies: [
        { outline, region: { inside: [outline, floor], outside: [] }, share, fromCm: 0, toCm: retaining.heightCm },
      ],
      emptyKg: (areaCm2(outline) * retaining.heightCm * share * kind.kgPerL) / CM3_PER_L,
      fillL: 0,
    };
  });
});

/** Everything solid in a habitat, where it stands. @example solids(habitat, terrain, library)[0]?.baseCm */
export const solids = (habitat: GroundPlan, terrain: Terrain, library: Library): Solid[] => [
  ...habitat.pieces.map((piece) => solidOf(piece, { terrain, library, others: habitat.pieces })),
  ...habitat.strata.zones.flatMap((zone) => retainers(zone, terrain.outline, library)),
];
