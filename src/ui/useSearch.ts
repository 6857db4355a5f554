"use client";

import MiniSearch from "minisearch";
import { useMemo } from "react";
import type { CatalogKind } from "@/core/catalog";
import { useOtherNames, useSay } from "@/words";

/** An entry that may have scientific names. */
type Named = { id: string; scientificName?: string; synonyms?: readonly string[] };

/**
 * Finds entries of a kind by any name: common, scientific old and new, trade and nick-names; also when a letter is wrong
 * or missing. Without a text, everything is meant.
 *
 * @returns ids, the nearest first; undefined without a text
 */
export function useSearch<T extends Named>(
  kind: CatalogKind,
  items: readonly T[],
): (text: string) => ReadonlySet<string> | undefined {
  const say = useSay();
  const others = useOtherNames(kind);
  const index = useMemo(() => {
    const search = new MiniSearch<{ id: string; name: string; others: string }>({
      fields: ["name", "others"],
      searchOptions: {
        prefix: true,
        fuzzy: (term) => (term.length > 3 ? 0.2 : 0),
        combineWith: "AND",
        boost: { name: 2 },
      },
    });
    search.addAll(
      items.map(({ id, scientificName = "", synonyms = [] }) => ({
        id,
        name: `${say.nameOf(kind, id)} ${scientificName}`,
        others: [...synonyms, ...(others[id] ?? [])].join(" "),
      })),
    );
    return search;
    // What a thing is called depends on the thing alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items, others, kind]);
  return (text) => (text.trim() === "" ? undefined : new Set(index.search(text.trim()).map(({ id }) => String(id))));
}
