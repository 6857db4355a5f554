import * as z from "zod";
import type { Library } from "../../library";
import { holdsSoil, stoodUpFor, usualSlabs } from "../poses";
import { IdSchema, PieceSchema, SlabsSchema, TiltSchema, type Design, type Mix, type Piece } from "../schema";
import { againstWall } from "../walls";
import { changed, edit, mustBeFree, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

/** A new piece stands upright where nothing is said. */
const NewPieceSchema = PieceSchema.extend({
  tilt: TiltSchema.nullable().default(null),
  slabs: SlabsSchema.nullable().default(null),
});

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

/** A pile is of slabs, as many as are usual for its height where nothing is said. */
const piled = (piece: Piece, library: Library): Piece =>
  piece.slabs === null && library.get("pieceKinds", piece.kindId).form === "slabs"
    ? { ...piece, slabs: usualSlabs(piece.heightCm) }
    : piece;

const restsOn = ({ rest }: Piece, ids: readonly string[]): boolean => rest.on === "piece" && ids.includes(rest.pieceId);

/** What is glued to a piece goes where it goes, and what is glued to that. */
function broughtAlong(pieces: readonly Piece[], before: Piece, after: Piece, shell: Design["shell"]): Piece[] {
  const [byX, byY] = [after.xCm - before.xCm, after.yCm - before.yCm];
  const placed = pieces.map((piece) => (piece.id === after.id ? after : piece));
  if (byX === 0 && byY === 0) return placed;
  const along = new Set([after.id]);
  for (let found = true; found;) {
    const next = pieces.filter((piece) => !along.has(piece.id) && restsOn(piece, [...along]));
    next.forEach(({ id }) => along.add(id));
    found = next.length > 0;
  }
  return placed.map((piece) =>
    piece.id !== after.id && along.has(piece.id)
      ? { ...piece, xCm: clamp(piece.xCm + byX, shell.widthCm), yCm: clamp(piece.yCm + byY, shell.depthCm) }
      : piece,
  );
}

/** Edits of what stands in the box. */
export const pieceEdits = {
  addPiece: edit(NewPieceSchema, (habitat, wished, library) => {
    mustBeFree(habitat.pieces, wished.id);
    const piece = stoodUpFor(piled(inside(habitat, wished), library));
    return { ...habitat, mixes: mixesFor(habitat, piece.fillMixId), pieces: [...habitat.pieces, piece] };
  }),

  setPiece: edit(PieceSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.pieces, (piece) => piece.id === to.id, "id", to.id);
    const after = stoodUpFor(inside(habitat, PieceSchema.parse({ ...before, ...to })));
    const pieces = broughtAlong(habitat.pieces, before, after, habitat.shell);
    const next = {
      ...habitat,
      mixes: mixesFor(habitat, after.fillMixId),
      pieces,
      plants: pieces.reduce(
        (plants, piece) => carriedAlong({ plants }, piece),
        holdsSoil(after) ? habitat.plants : putDown(habitat, [after.id]),
      ),
    };
    return before.fillMixId === after.fillMixId ? next : withoutIdleMixes(next);
  }),

  removePieces: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.pieces, (piece) => piece.id === id, "ids", id);
    const left = habitat.pieces.filter((piece) => !ids.includes(piece.id));
    const pieces = changed(left, (piece): Piece =>
      restsOn(piece, ids) ? { ...piece, rest: { on: "ground", sunkCm: 0 } } : piece,
    );
    return withoutIdleMixes({ ...habitat, pieces, plants: putDown(habitat, ids) });
  }),
};
