import type { Piece } from "./schema";

/** About as thick as slates come, and the chips that keep them apart: from memory. */
const SLAB_CM = 4.4;
const GAP_CM = 1.2;
const MOST_SLABS = 12;

/** How a pile of such a height is usually laid. @example usualSlabs(28) // { count: 5, gapCm: 1.2 } */
export function usualSlabs(heightCm: number): NonNullable<Piece["slabs"]> {
  const count = Math.min(MOST_SLABS, Math.max(1, Math.round((heightCm + GAP_CM) / (SLAB_CM + GAP_CM))));
  return { count, gapCm: heightCm > count * GAP_CM * 2 ? GAP_CM : 0 };
}

/** Leaning further than this, soil runs out: our own. */
const HOLDS_SOIL_DEG = 30;

/** A filled piece that is laid down is emptied. */
export const stoodUpFor = (piece: Piece): Piece =>
  piece.tilt && piece.tilt.deg > HOLDS_SOIL_DEG && piece.fillMixId !== null ? { ...piece, fillMixId: null } : piece;

/** Whether what leans so far can be planted or filled. */
export const holdsSoil = ({ tilt }: Pick<Piece, "tilt">): boolean => tilt === null || tilt.deg <= HOLDS_SOIL_DEG;
