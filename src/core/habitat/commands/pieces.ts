import { z } from "zod";
import { IdSchema, PieceSchema, type Design, type Mix, type Piece } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

const inside = ({ shell }: Design, piece: Piece): Piece => ({
  ...piece,
  xCm: clamp(piece.xCm, shell.widthCm),
  yCm: clamp(piece.yCm, shell.depthCm),
});

/** A filling may be a mix of its own, begun as a copy of the first. */
function mixesFor(habitat: Design, fillMixId: string | null): Mix[] {
  const first = habitat.mixes[0];
  if (fillMixId === null || !first || habitat.mixes.some((mix) => mix.id === fillMixId)) return habitat.mixes;
  return [...habitat.mixes, { ...first, id: fillMixId }];
}

/** Edits of what stands in the box. */
export const pieceEdits = {
  addPiece: edit(PieceSchema, (habitat, piece) => {
    mustBeFree(habitat.pieces, piece.id);
    return {
      ...habitat,
      mixes: mixesFor(habitat, piece.fillMixId),
      pieces: [...habitat.pieces, inside(habitat, piece)],
    };
  }),

  setPiece: edit(PieceSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.pieces, (piece) => piece.id === to.id, "id", to.id);
    const after = inside(habitat, PieceSchema.parse({ ...before, ...to }));
    const next = {
      ...habitat,
      mixes: mixesFor(habitat, after.fillMixId),
      pieces: habitat.pieces.map((piece) => (piece.id === to.id ? after : piece)),
    };
    return before.fillMixId === after.fillMixId ? next : withoutIdleMixes(next);
  }),

  removePieces: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.pieces, (piece) => piece.id === id, "ids", id);
    return withoutIdleMixes({ ...habitat, pieces: habitat.pieces.filter((piece) => !ids.includes(piece.id)) });
  }),
};
