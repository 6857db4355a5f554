"use client";

import { useMemo } from "react";
import { needs, type Waiting } from "@/core/supply";
import { useShelf } from "./useShelf";

/**
 * Other habitats on the shelf that are still to be built, and what each wants.
 *
 * @param day calendar day; empty while it is not known
 */
export function useWaiting(day: string, habitatId?: string): readonly Waiting[] {
  const shelf = useShelf(day);
  return useMemo(
    () =>
      (shelf ?? []).flatMap((one): Waiting[] => {
        if (!("standing" in one) || one.id === habitatId) return [];
        const { design, derived } = one.standing;
        const waits = design.shelf.archivedOn === null && (derived.phase === "planned" || derived.phase === "building");
        return waits ? [{ name: design.name, needs: needs(derived) }] : [];
      }),
    [shelf, habitatId],
  );
}
