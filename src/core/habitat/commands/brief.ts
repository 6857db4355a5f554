import { z } from "zod";
import { animalNamed } from "../pantry";
import { HabitatSchema, MateSchema, NameSchema, RoomSchema, type Habitat } from "../schema";
import { edit, mustFind } from "./define";

const brief = HabitatSchema.shape.brief.shape;

/** Edits of the brief: who lives here, in what room. */
export const briefEdits = {
  rename: edit(z.strictObject({ name: NameSchema }), (habitat, { name }) => ({ ...habitat, name })),

  setAnimal: edit(z.strictObject({ animalId: brief.animalId }), (habitat, { animalId }) => ({
    ...habitat,
    brief: {
      ...habitat.brief,
      animalId: animalNamed(habitat, animalId).id,
      mates: habitat.brief.mates.filter((mate) => mate.animalId !== animalId),
    },
  })),

  /** Sets how many of another species share the box, adding it when it does not yet. */
  setMate: edit(MateSchema, (habitat, mate) => {
    animalNamed(habitat, mate.animalId);
    if (mate.animalId === habitat.brief.animalId)
      throw new RangeError(`animalId: "${mate.animalId}" is the animal of this habitat`);
    const others = habitat.brief.mates.filter((other) => other.animalId !== mate.animalId);
    return { ...habitat, brief: { ...habitat.brief, mates: [...others, mate] } };
  }),

  removeMate: edit(z.strictObject({ animalId: z.string() }), (habitat, { animalId }) => {
    mustFind(habitat.brief.mates, (mate) => mate.animalId === animalId, "animalId", animalId);
    return {
      ...habitat,
      brief: { ...habitat.brief, mates: habitat.brief.mates.filter((mate) => mate.animalId !== animalId) },
    };
  }),

  /** Has the habitat carry species of its builder's own, or their newer figures. */
  carryOwn: edit(
    HabitatSchema.shape.own.pick({ animals: true, plants: true, crew: true }).partial(),
    (habitat, added) => {
      const own = Object.fromEntries(
        (["animals", "plants", "crew"] as const).map((kind) => {
          const more = added[kind] ?? [];
          return [kind, [...habitat.own[kind].filter((item) => !more.some((other) => other.id === item.id)), ...more]];
        }),
      ) as Pick<Habitat["own"], "animals" | "plants" | "crew">;
      return { ...habitat, own: { ...habitat.own, ...own } };
    },
  ),

  setCount: edit(z.strictObject({ count: brief.count }), (habitat, { count }) => ({
    ...habitat,
    brief: { ...habitat.brief, count },
  })),

  setRoom: edit(RoomSchema.partial(), (habitat, room) => ({
    ...habitat,
    brief: { ...habitat.brief, room: RoomSchema.parse({ ...habitat.brief.room, ...room }) },
  })),
};
