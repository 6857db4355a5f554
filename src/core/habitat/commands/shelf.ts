import { z } from "zod";
import { EditRefused } from "../problem";
import { DesignSchema } from "../schema";
import { edit } from "./define";

const { archivedOn, next } = DesignSchema.shape.shelf.shape;

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
};
