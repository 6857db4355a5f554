import { weakMapMemoize } from "reselect";
import type { PieceKind } from "../catalog";
import type { Piece, Zone } from "../habitat";
import type { Library } from "../library";
import { areaCm2, contains, turnedEllipse, turnedRectangle, type Point, type Polygon, type Region } from "../shape";
import type { GroundPlan, Terrain } from "./terrain";

/** Something solid that stands in the ground or over it, with upright sides. */
export type Solid = {
  /** The piece's id, or the zone's for what holds its ground back. */
  id: string;
  kind: PieceKind;
  piece?: Piece;
  outline: Polygon;
  /** Of hollow ones: the hole. */
  hole: Polygon | undefined;
  baseCm: number;
  topCm: number;
  /** The part that pushes ground aside, and how much of that part is there. */
  region: Region;
  share: number;
  /** Mass of the thing itself, without a filling. */
  emptyKg: number;
  /** Soil it is filled with, as it lies. 0 for what is not filled. */
  fillL: number;
};

const CM3_PER_L = 1000;

function outlineOf(kind: PieceKind, { xCm, yCm, widthCm, depthCm, turnDeg }: Omit<Piece, "rest">, lessCm = 0): Polygon {
  const [w, d] = [Math.max(0.1, widthCm - lessCm), Math.max(0.1, depthCm - lessCm)];
  return kind.plan === "round" ? turnedEllipse([xCm, yCm], w, d, turnDeg) : turnedRectangle([xCm, yCm], w, d, turnDeg);
}

/** Height a piece's foot stands at, cm from the glass. @example footCm(piece, terrain) // 0 on the glass */
function footCm({ rest, xCm, yCm }: Piece, terrain: Terrain): number {
  if (rest.on === "glass") return 0;
  if (rest.on === "wall" || rest.on === "inWall") return rest.upCm;
  return Math.max(0, terrain.surfaceAt(xCm, yCm) - rest.sunkCm);
}

function matterCm3(kind: PieceKind, outerCm2: number, innerCm2: number, heightCm: number): number {
  if (!kind.hollow) return (outerCm2 * heightCm * kind.solidPct) / 100;
  const walls = (outerCm2 - innerCm2) * heightCm;
  // What is closed has a floor and a roof, a bowl and a pot a floor, a tube and a column neither.
  const plates = kind.form === "cave" ? 2 : kind.form === "bowl" || kind.form === "pot" ? 1 : 0;
  return walls + innerCm2 * Math.min(heightCm, plates * kind.hollow.wallCm);
}

/** What of a piece does not hang on the ground under it. */
type Form = Pick<Solid, "outline" | "hole" | "region" | "share" | "emptyKg" | "fillL">;

const formOf = weakMapMemoize((piece: Piece, kind: PieceKind, floor: Polygon): Form => {
  const outline = outlineOf(kind, piece);
  const hole = kind.hollow ? outlineOf(kind, piece, 2 * kind.hollow.wallCm) : undefined;
  const filled = piece.fillMixId !== null && hole !== undefined;
  const letsSoilIn = kind.hollow?.opensTo === "soil" && !filled && hole !== undefined;
  const [outer, inner] = [areaCm2(outline), hole ? areaCm2(hole) : 0];
  return {
    outline,
    hole,
    region: { inside: [outline, floor], outside: letsSoilIn ? [hole] : [] },
    share: kind.hollow ? 1 : kind.solidPct / 100,
    emptyKg: (matterCm3(kind, outer, inner, piece.heightCm) * kind.kgPerL) / CM3_PER_L,
    fillL: filled ? (inner * piece.heightCm) / CM3_PER_L : 0,
  };
});

/** A piece as it would stand on a ground. @example solidOf(piece, ground.terrain, library).topCm */
export function solidOf(piece: Piece, terrain: Terrain, library: Library): Solid {
  const kind = library.get("pieceKinds", piece.kindId);
  const baseCm = footCm(piece, terrain);
  const form = formOf(piece, kind, terrain.outline);
  return { id: piece.id, kind, piece, ...form, baseCm, topCm: baseCm + piece.heightCm };
}

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
      region: { inside: [outline, floor], outside: [] },
      share,
      emptyKg: (areaCm2(outline) * retaining.heightCm * share * kind.kgPerL) / CM3_PER_L,
      fillL: 0,
    };
  });
});

/** Everything solid in a habitat, where it stands. @example solids(habitat, terrain, library)[0]?.baseCm */
export const solids = (habitat: GroundPlan, terrain: Terrain, library: Library): Solid[] => [
  ...habitat.pieces.map((piece) => solidOf(piece, terrain, library)),
  ...habitat.strata.zones.flatMap((zone) => retainers(zone, terrain.outline, library)),
];
