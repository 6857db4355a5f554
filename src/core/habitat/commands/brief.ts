import { z } from "zod";
import { entry } from "../../catalog";
import { HabitatSchema, NameSchema, RoomSchema } from "../schema";
import { edit } from "./define";

const brief = HabitatSchema.shape.brief.shape;

/** Edits of the brief: who lives here, in what room. */
export const briefEdits = {
  rename: edit(z.strictObject({ name: NameSchema }), (habitat, { name }) => ({ ...habitat, name })),

  setAnimal: edit(z.strictObject({ animalId: brief.animalId }), (habitat, { animalId }) => ({
    ...habitat,
    brief: { ...habitat.brief, animalId: entry("animals", animalId).id },
  })),

  setCount: edit(z.strictObject({ count: brief.count }), (habitat, { count }) => ({
    ...habitat,
    brief: { ...habitat.brief, count },
  })),

  setRoom: edit(RoomSchema.partial(), (habitat, room) => ({
    ...habitat,
    brief: { ...habitat.brief, room: RoomSchema.parse({ ...habitat.brief.room, ...room }) },
  })),
};
