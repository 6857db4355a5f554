import type { Piece, Shell, Wall } from "./schema";

type Size = Pick<Shell, "widthCm" | "depthCm">;

/** Two walls facing each other always leave some floor between them. */
const MOST_OF_A_SIDE = 0.45;

const isSide = (wall: Wall): boolean => wall === "left" || wall === "right";

/** How long a wall is, cm. @example sideLengthCm({ widthCm: 60, depthCm: 40 }, "left") // 40 */
export const sideLengthCm = ({ widthCm, depthCm }: Size, wall: Wall): number => (isSide(wall) ? depthCm : widthCm);

/**
 * The most a wall's build may take of the box, cm.
 *
 * @example mostThicknessCm({ widthCm: 60, depthCm: 40 }, "back") // 18
 */
export const mostThicknessCm = ({ widthCm, depthCm }: Size, wall: Wall): number =>
  (isSide(wall) ? widthCm : depthCm) * MOST_OF_A_SIDE;

/** How much of the room between some walls what is built on them takes. @example builtCm(shell, "front", "back") // 5 */
export const builtCm = ({ treatments }: Pick<Shell, "treatments">, ...walls: readonly Wall[]): number =>
  treatments.reduce((sum, { wall, thicknessCm }) => sum + (walls.includes(wall) ? thicknessCm : 0), 0);

/** A piece set in a wall, its back to that wall's glass, where it is along it; any other as it is. */
export function againstWall({ widthCm, depthCm }: Pick<Shell, "widthCm" | "depthCm">, piece: Piece): Piece {
  if (piece.rest.on !== "inWall") return piece;
  const half = piece.depthCm / 2;
  const places: Record<Wall, Partial<Piece>> = {
    back: { yCm: Math.max(0, depthCm - half), turnDeg: 0 },
    front: { yCm: half, turnDeg: 180 },
    left: { xCm: half, turnDeg: 90 },
    right: { xCm: Math.max(0, widthCm - half), turnDeg: -90 },
  };
  const place = places[piece.rest.wall];
  return isAt(piece, place) ? piece : { ...piece, ...place };
}

const isAt = (piece: Piece, place: Partial<Piece>): boolean =>
  Object.entries(place).every(([name, value]) => piece[name as keyof Piece] === value);
