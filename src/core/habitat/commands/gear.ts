import { z } from "zod";
import { lightOf } from "../lamps";
import { GearPieceSchema, IdSchema, type Design, type GearPiece } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** Gear stands on or over the box, never beside it. */
const over = ({ shell }: Design, piece: GearPiece): GearPiece => ({
  ...piece,
  xCm: clamp(piece.xCm, shell.widthCm),
  yCm: clamp(piece.yCm, shell.depthCm),
  upCm: piece.upCm === null ? null : clamp(piece.upCm, shell.heightCm),
});

/** Edits of the gear: what heats, lights, wets and moves the air. */
export const gearEdits = {
  addGear: edit(GearPieceSchema, (habitat, piece) => {
    mustBeFree(habitat.gear, piece.id);
    return { ...habitat, gear: [...habitat.gear, over(habitat, piece)] };
  }),

  /** Changes what is told of a piece of gear; the rest stays. */
  setGear: edit(GearPieceSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.gear, (piece) => piece.id === to.id, "id", to.id);
    const after = over(habitat, GearPieceSchema.parse({ ...before, ...to }));
    return { ...habitat, gear: habitat.gear.map((piece) => (piece === before ? after : piece)) };
  }),

  /** Says how much light the lamps over the plants give in all; null while it is not known. */
  setLight: edit(z.strictObject({ lumens: GearPieceSchema.shape.lumens }), (habitat, { lumens }, library) => ({
    ...habitat,
    gear: lightOf(habitat, lumens, library),
  })),

  removeGear: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.gear, (piece) => piece.id === id, "ids", id);
    return { ...habitat, gear: habitat.gear.filter((piece) => !ids.includes(piece.id)) };
  }),
};
