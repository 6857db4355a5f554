"use client";

import MiniSearch from "minisearch";
import { useMemo } from "react";

/** Finds by any name, also when a letter is wrong or missing. Without a text, everything is meant. */
export function useSearch<T extends { id: string }>(
  items: readonly T[],
  namesOf: (item: T) => readonly string[],
): (text: string) => ReadonlySet<string> | undefined {
  const index = useMemo(() => {
    const search = new MiniSearch<{ id: string; names: string }>({
      fields: ["names"],
      searchOptions: { prefix: true, fuzzy: (term) => (term.length > 3 ? 0.2 : 0), combineWith: "AND" },
    });
    search.addAll(items.map((item) => ({ id: item.id, names: namesOf(item).join(" ") })));
    return search;
    // What a thing is called depends on the thing alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items]);
  return (text) => (text.trim() === "" ? undefined : new Set(index.search(text.trim()).map(({ id }) => String(id))));
}
