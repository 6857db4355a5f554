/** The large kinds of the catalogue in chunks. A test holds the ids against the entries. */
import { animalsChunks } from "./animals";
import type { CatalogEntry } from "../stock";
import type { Chunk, ChunkedKind } from "./chunk";
import { crewChunks, gearChunks, ingredientsChunks, recipesChunks } from "./others";
import { plantsChunks } from "./plants";

export { CHUNKED_KINDS } from "./chunk";
export type { Chunk, ChunkedKind } from "./chunk";

export const CHUNKS: { readonly [K in ChunkedKind]: readonly Chunk<K>[] } = {
  animals: animalsChunks,
  plants: plantsChunks,
  crew: crewChunks,
  ingredients: ingredientsChunks,
  gear: gearChunks,
  recipes: recipesChunks,
};

/** Each large kind in one piece, for whoever needs all of it: a hundred chunks take a hundred answers. */
export const WHOLE_KINDS: { readonly [K in ChunkedKind]: () => Promise<readonly CatalogEntry<K>[]> } = {
  animals: async () => (await import("../data/animals")).animals,
  plants: async () => (await import("../data/plants")).plants,
  crew: async () => (await import("../data/crew")).crew,
  ingredients: async () => (await import("../data/ingredients")).ingredients,
  gear: async () => (await import("../data/gear")).gear,
  recipes: async () => (await import("../data/recipes")).recipes,
};
