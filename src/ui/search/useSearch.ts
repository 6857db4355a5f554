"use client";

import { useMemo } from "react";
import type { CatalogKind } from "@/core/catalog";
import { nameIndex, type Hits } from "@/core/search";
import { useOtherNames, useSay } from "@/words";

/** An entry that may have scientific names, or a name of its own that is not in the words. */
export type Named = { id: string; name?: string; scientificName?: string; synonyms?: readonly string[] };
type Kinded = { kind: CatalogKind; entry: Named };
type Find = (text: string) => Hits | undefined;

const keyOf = ({ kind, entry }: Kinded): string => `${kind}/${entry.id}`;

/**
 * Finds entries of several kinds by any name; hits are told as `kind/id`.
 *
 * @returns what a text finds, the nearest first; undefined without a text, when everything is meant
 */
export function useSearchOf(kinds: readonly CatalogKind[], items: readonly Kinded[]): Find {
  const say = useSay();
  const others = useOtherNames(kinds);
  const index = useMemo(
    () =>
      nameIndex(
        items.map((item) => {
          const { id, name, scientificName, synonyms = [] } = item.entry;
          const scientific = [...(scientificName ? [scientificName] : []), ...synonyms];
          return {
            id: keyOf(item),
            names: [name ?? say.nameOf(item.kind, id), ...scientific, ...others(item.kind, id)],
          };
        }),
      ),
    // What a thing is called depends on the thing alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [items, others],
  );
  return (text) => (text.trim() === "" ? undefined : index(text));
}

/**
 * Finds entries of a kind by any name: common, scientific old and new, trade and nick-names; with a hyphen or without,
 * and also when a letter is wrong or missing.
 *
 * @returns ids, the nearest first; undefined without a text
 */
export function useSearch(kind: CatalogKind, items: readonly Named[]): Find {
  const kinds = useMemo(() => [kind], [kind]);
  const kinded = useMemo(() => items.map((entry) => ({ kind, entry })), [kind, items]);
  const find = useSearchOf(kinds, kinded);
  const bare = (keys: readonly string[]): string[] => keys.map((key) => key.slice(kind.length + 1));
  return (text) => {
    const hits = find(text);
    return hits && { found: bare(hits.found), nearest: bare(hits.nearest) };
  };
}
