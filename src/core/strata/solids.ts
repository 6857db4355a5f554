import { entry, type PieceKind } from "../catalog";
import type { Habitat, Piece, Zone } from "../habitat";
import {
  areaCm2,
  contains,
  nodes,
  turnedEllipse,
  turnedRectangle,
  type Point,
  type Polygon,
  type Region,
} from "../shape";
import type { Terrain } from "./terrain";

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
export function footCm({ rest, xCm, yCm }: Piece, terrain: Terrain): number {
  if (rest.on === "glass") return 0;
  if (rest.on === "wall") return rest.upCm;
  return Math.max(0, (terrain.topsAt(xCm, yCm).at(-1) ?? 0) - rest.sunkCm);
}

function matterCm3(kind: PieceKind, outerCm2: number, innerCm2: number, heightCm: number): number {
  if (!kind.hollow) return (outerCm2 * heightCm * kind.solidPct) / 100;
  const walls = (outerCm2 - innerCm2) * heightCm;
  // What is closed has a floor and a roof, a bowl and a pot a floor, a tube and a column neither.
  const plates = kind.form === "cave" ? 2 : kind.form === "bowl" || kind.form === "pot" ? 1 : 0;
  return walls + innerCm2 * Math.min(heightCm, plates * kind.hollow.wallCm);
}

function solidOf(piece: Piece, terrain: Terrain): Solid {
  const kind = entry("pieceKinds", piece.kindId);
  const outline = outlineOf(kind, piece);
  const hole = kind.hollow ? outlineOf(kind, piece, 2 * kind.hollow.wallCm) : undefined;
  const filled = piece.fillMixId !== null && hole !== undefined;
  const letsSoilIn = kind.hollow?.opensTo === "soil" && !filled && hole !== undefined;
  const baseCm = footCm(piece, terrain);
  const [outer, inner] = [areaCm2(outline), hole ? areaCm2(hole) : 0];
  return {
    id: piece.id,
    kind,
    piece,
    outline,
    hole,
    baseCm,
    topCm: baseCm + piece.heightCm,
    region: { inside: [outline, terrain.outline], outside: letsSoilIn ? [hole] : [] },
    share: kind.hollow ? 1 : kind.solidPct / 100,
    emptyKg: (matterCm3(kind, outer, inner, piece.heightCm) * kind.kgPerL) / CM3_PER_L,
    fillL: filled ? (inner * piece.heightCm) / CM3_PER_L : 0,
  };
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

/** What holds a zone's ground back, along each of its inner edges. */
function retainers(zone: Zone, terrain: Terrain): Solid[] {
  const { retaining } = zone;
  if (!retaining) return [];
  const kind = entry("pieceKinds", retaining.kindId);
  return innerEdges(zone, terrain.outline).map(([a, b]): Solid => {
    const lengthCm = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const outline = turnedRectangle(
      [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2],
      lengthCm,
      retaining.thicknessCm,
      (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI,
    );
    return {
      id: zone.id,
      kind,
      outline,
      hole: undefined,
      baseCm: 0,
      topCm: retaining.heightCm,
      region: { inside: [outline, terrain.outline], outside: [] },
      share: kind.solidPct / 100,
      emptyKg: (areaCm2(outline) * retaining.heightCm * (kind.solidPct / 100) * kind.kgPerL) / CM3_PER_L,
      fillL: 0,
    };
  });
}

/** Everything solid in a habitat, where it stands. @example solids(habitat, terrain)[0]?.baseCm */
export const solids = (habitat: Habitat, terrain: Terrain): Solid[] => [
  ...habitat.pieces.map((piece) => solidOf(piece, terrain)),
  ...habitat.strata.zones.flatMap((zone) => retainers(zone, terrain)),
];

/** A region in pieces that no zone's edge runs through: the ground steps there. */
const byZone = ({ inside, outside }: Region, zones: readonly Polygon[]): Region[] =>
  zones.length === 0
    ? [{ inside, outside }]
    : [...zones.map((zone) => ({ inside: [...inside, zone], outside })), { inside, outside: [...outside, ...zones] }];

/**
 * Litres each layer loses to a solid, from the lowest layer up.
 *
 * @example buriedL(terrain, solid)[0] // litres of pebbles a column stands in the place of
 */
export function buriedL(terrain: Terrain, solid: Solid): number[] {
  const lost = terrain.patches.map(() => 0);
  if (solid.baseCm >= terrain.mostCm) return lost;
  for (const { x, y, areaCm2: area } of byZone(solid.region, terrain.zones).flatMap((region) =>
    nodes(region, { splits: solid.outline.length > 8 ? 1 : 3 }),
  )) {
    let below = 0;
    terrain.topsAt(x, y).forEach((top, at) => {
      const overlap = Math.min(top, solid.topCm) - Math.max(below, solid.baseCm);
      if (overlap > 0) lost[at]! += (area * overlap * solid.share) / CM3_PER_L;
      below = top;
    });
  }
  return lost;
}
