import type { CatalogEntry } from "../stock";

/** Kinds that are large, and come in chunks when a page needs them. */
export const CHUNKED_KINDS = ["animals", "plants", "crew", "ingredients", "gear", "recipes"] as const;
export type ChunkedKind = (typeof CHUNKED_KINDS)[number];

/** Entries that are read together: which they are, and how they come. */
export type Chunk<K extends ChunkedKind> = {
  ids: readonly string[];
  load: () => Promise<readonly CatalogEntry<K>[]>;
};

/** Ids from a list written as people read it, without the blanks that every page would carry. @example listed("coir peat") // ["coir", "peat"] */
export const listed = (ids: string): readonly string[] => ids.trim().split(/\s+/);
