import { z } from "zod";
import { entry } from "../../catalog";
import { IdSchema, PieceSchema, type Habitat, type Mix, type Piece } from "../schema";
import { edit, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

const inside = ({ shell }: Habitat, piece: Piece): Piece => ({
  ...piece,
  xCm: clamp(piece.xCm, shell.widthCm),
  yCm: clamp(piece.yCm, shell.depthCm),
});

function checked(habitat: Habitat, piece: Piece): Piece {
  const kind = entry("pieceKinds", piece.kindId);
  if (piece.fillMixId !== null && kind.hollow?.opensTo !== "soil")
    throw new RangeError(`fillMixId: "${piece.kindId}" cannot be filled`);
  return inside(habitat, piece);
}

/** A filling may be a mix of its own, begun as a copy of the first. */
function mixesFor(habitat: Habitat, fillMixId: string | null): Mix[] {
  const first = habitat.mixes[0];
  if (fillMixId === null || !first || habitat.mixes.some((mix) => mix.id === fillMixId)) return habitat.mixes;
  return [...habitat.mixes, { ...first, id: fillMixId }];
}

/** Edits of what stands in the box. */
export const pieceEdits = {
  addPiece: edit(PieceSchema, (habitat, piece) => {
    if (habitat.pieces.some((other) => other.id === piece.id)) throw new RangeError(`id: "${piece.id}" is taken`);
    return {
      ...habitat,
      mixes: mixesFor(habitat, piece.fillMixId),
      pieces: [...habitat.pieces, checked(habitat, piece)],
    };
  }),

  setPiece: edit(PieceSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.pieces, (piece) => piece.id === to.id, "id", to.id);
    const after = checked(habitat, PieceSchema.parse({ ...before, ...to }));
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
