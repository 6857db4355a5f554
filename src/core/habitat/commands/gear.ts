import * as z from "zod";
import { lightOf } from "../lamps";
import { EditRefused } from "../problem";
import { GearPieceSchema, IdSchema, PowerSchema, type Design, type GearPiece } from "../schema";
import { usualGear } from "../usualGear";
import { edit, mustBeFree, mustFind } from "./define";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);
/** How far over its box a lamp may hang. */
const MOST_OVER_CM = 150;

/** Gear stands on or over the box, never beside it, and so does what it feels with. */
const over = ({ shell }: Design, piece: GearPiece): GearPiece => ({
  ...piece,
  xCm: clamp(piece.xCm, shell.widthCm),
  yCm: clamp(piece.yCm, shell.depthCm),
  upCm: piece.upCm === null ? null : clamp(piece.upCm, shell.heightCm + MOST_OVER_CM),
});

const told = GearPieceSchema.partial().required({ id: true });

/** Edits of the gear: what heats, lights, wets and moves the air, and what switches and feeds it. */
export const gearEdits = {
  /** Sets up a piece of gear as its kind usually is; what is told goes before that. */
  addGear: edit(told.required({ kindId: true }), (habitat, piece, library) => {
    mustBeFree(habitat.gear, piece.id);
    const kind = library.find("gear", piece.kindId);
    if (!kind) throw new EditRefused({ path: "kindId", code: "unknown", id: piece.kindId });
    const animal = library.get("animals", habitat.brief.animalId);
    const whole = GearPieceSchema.parse(usualGear(habitat, kind, animal, piece));
    return { ...habitat, gear: [...habitat.gear, over(habitat, whole)] };
  }),

  /** Changes what is told of a piece of gear; the rest stays. */
  setGear: edit(told, (habitat, to) => {
    const before = mustFind(habitat.gear, (piece) => piece.id === to.id, "id", to.id);
    const after = over(habitat, GearPieceSchema.parse({ ...before, ...to }));
    return { ...habitat, gear: habitat.gear.map((piece) => (piece === before ? after : piece)) };
  }),

  /** Says how much light the lamps over the plants give in all; null while it is not known. */
  setLight: edit(z.strictObject({ lumens: GearPieceSchema.shape.lumens }), (habitat, { lumens }, library) => ({
    ...habitat,
    gear: lightOf(habitat, lumens, library),
  })),

  /** Takes gear out; what was plugged into it hangs where that was plugged in. */
  removeGear: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.gear, (piece) => piece.id === id, "ids", id);
    const feedOf = new Map(habitat.gear.map(({ id, feedId }) => [id, feedId]));
    const left = (feedId: string | null): string | null =>
      feedId !== null && ids.includes(feedId) ? left(feedOf.get(feedId) ?? null) : feedId;
    const kept = habitat.gear.filter((piece) => !ids.includes(piece.id));
    return { ...habitat, gear: kept.map((piece) => ({ ...piece, feedId: left(piece.feedId) })) };
  }),

  /** What electricity costs, and how its sockets are guarded. */
  setPower: edit(PowerSchema.partial(), (habitat, to) => ({
    ...habitat,
    power: PowerSchema.parse({ ...habitat.power, ...to }),
  })),
};
