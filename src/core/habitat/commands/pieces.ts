import { z } from "zod";
import { IdSchema, PieceSchema, type Design, type Mix, type Piece } from "../schema";
import { againstWall } from "../walls";
import { changed, edit, mustBeFree, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

function inside(habitat: Design, piece: Piece): Piece {
  const placed = againstWall(habitat.shell, piece);
  const { widthCm, depthCm } = habitat.shell;
  return { ...placed, xCm: clamp(placed.xCm, widthCm), yCm: clamp(placed.yCm, depthCm) };
}

/** What stands in a piece goes where it goes; out of one that is taken away it is put down. */
export const carriedAlong = ({ plants }: Pick<Design, "plants">, after: Piece): Design["plants"] =>
  changed(plants, (stand) =>
    stand.inId === after.id && (stand.xCm !== after.xCm || stand.yCm !== after.yCm)
      ? { ...stand, xCm: after.xCm, yCm: after.yCm }
      : stand,
  );
const putDown = ({ plants }: Design, ids: readonly string[]): Design["plants"] =>
  changed(plants, (stand) =>
    stand.inId !== null && ids.includes(stand.inId) ? { ...stand, inId: null, spot: null } : stand,
  );

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
      plants: carriedAlong(habitat, after),
    };
    return before.fillMixId === after.fillMixId ? next : withoutIdleMixes(next);
  }),

  removePieces: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.pieces, (piece) => piece.id === id, "ids", id);
    const pieces = habitat.pieces.filter((piece) => !ids.includes(piece.id));
    return withoutIdleMixes({ ...habitat, pieces, plants: putDown(habitat, ids) });
  }),
};
