"use client";

import { useMemo } from "react";
import type { CatalogKind, ClimateClass } from "@/core/catalog";
import { useDesigns } from "@/store";
import { useSearch } from "@/ui/search";
import { useLibrary } from "@/words";
import { climatesFor, entriesOf, fittingIds, subKindOf, type Shown } from "./entries";

export const ANY = "";

/** What is looked for on a shelf of the library; empty is anything. */
export type Sought = {
  text: string;
  subKind: string;
  climate: ClimateClass | typeof ANY;
  habitatId: string;
};
export const ANYTHING: Sought = { text: "", subKind: ANY, climate: ANY, habitatId: ANY };

/** The entries of a kind, and those of them that were sought. */
export function useShown(
  kind: CatalogKind,
  { text, subKind, climate, habitatId }: Sought,
): { entries: readonly Shown[]; shown: readonly Shown[]; nearest: readonly string[] } {
  const library = useLibrary();
  const habitat = useDesigns().find(({ id }) => id === habitatId);
  const entries = useMemo(() => entriesOf(kind, library), [kind, library]);
  const find = useSearch(kind, entries);
  const hits = find(text);
  const found = hits && new Set(hits.found);
  const fitting = useMemo(
    () => (habitat ? fittingIds(kind, entries, habitat, library) : undefined),
    [habitat, kind, entries, library],
  );
  const shown = entries.filter(
    (entry) =>
      (found === undefined || found.has(entry.id)) &&
      (subKind === ANY || subKindOf(entry) === subKind) &&
      (climate === ANY || (climatesFor(entry) ?? []).includes(climate)) &&
      (fitting === undefined || fitting.has(entry.id)),
  );
  return { entries, shown, nearest: hits?.nearest ?? [] };
}
