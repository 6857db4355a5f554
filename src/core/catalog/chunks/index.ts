/** The large kinds of the catalogue in chunks. A test holds the ids against the entries. */
import { animalsChunks } from "./animals";
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
