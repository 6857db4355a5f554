import * as z from "zod";
import { EditRefused } from "../problem";
import { DateSchema, DesignSchema } from "../schema";
import { edit } from "./define";

const { archivedOn, next } = DesignSchema.shape.shelf.shape;

const Standing = DesignSchema.pick({
  shell: true,
  strata: true,
  own: true,
  mixes: true,
  pieces: true,
  plants: true,
  crew: true,
  starters: true,
  gear: true,
  power: true,
});

/** What a habitat is to the shelf and to others on it. */
export const shelfEdits = {
  /** Puts it away on a day, or with null back on the shelf. */
  setArchived: edit(z.strictObject({ archivedOn }), (habitat, told) => ({
    ...habitat,
    shelf: { ...habitat.shelf, ...told },
  })),

  /** Says which box its animals move to next, and when; null: none. */
  setNext: edit(z.strictObject({ next }), (habitat, told) => {
    if (told.next?.habitatId === habitat.id) throw new EditRefused({ path: "next", code: "twice", id: habitat.id });
    return { ...habitat, shelf: { ...habitat.shelf, ...told } };
  }),

  /**
   * Makes the box what another's design is, once it was rebuilt so: glass, ground, what stands and grows in it, gear.
   * Plants of a species that stood here before keep the day they were planted; new ones were planted on the day told.
   */
  become: edit(z.strictObject({ like: Standing, on: DateSchema }), (habitat, { like, on }) => {
    const stoodSince = new Map(habitat.plants.map(({ plantId, plantedOn }) => [plantId, plantedOn]));
    const plants = like.plants.map((stand) => ({ ...stand, plantedOn: stoodSince.get(stand.plantId) ?? on }));
    return { ...habitat, ...like, plants };
  }),
};
