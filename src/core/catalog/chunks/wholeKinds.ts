import type { CatalogEntry } from "../stock";
import type { ChunkedKind } from "./chunk";

/** Each large kind in one piece, for whoever needs all of it: a hundred chunks take a hundred answers. */
export const WHOLE_KINDS: { readonly [K in ChunkedKind]: () => Promise<readonly CatalogEntry<K>[]> } = {
  animals: async () => (await import("../data/animals")).animals,
  plants: async () => (await import("../data/plants")).plants,
  crew: async () => (await import("../data/crew")).crew,
  ingredients: async () => (await import("../data/ingredients")).ingredients,
  gear: async () => (await import("../data/gear")).gear,
  recipes: async () => (await import("../data/recipes")).recipes,
};
