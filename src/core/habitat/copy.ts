import type { Design } from "./schema";

/** What a copy is called, and when it was made. */
export type CopyOf = { id: string; name: string; createdAt: string; asVariant: boolean };

/**
 * A design once more: on its own, or as a variant to be held against the one it was made from. What was planted,
 * what was answered and the animals themselves belong to the box that stands, not to the copy.
 *
 * @example copyOf(design, { id: "b", name: "Fernwall, deeper", createdAt, asVariant: true }).shelf.variantOf // "a"
 */
export const copyOf = (design: Design, { id, name, createdAt, asVariant }: CopyOf): Design => ({
  ...design,
  id,
  name,
  createdAt,
  plants: design.plants.map((stand) => ({ ...stand, plantedOn: null })),
  individuals: [],
  answers: [],
  shelf: { archivedOn: null, next: null, variantOf: asVariant ? (design.shelf.variantOf ?? design.id) : null },
});
