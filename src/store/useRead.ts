"use client";

import { useCallback, useState, useSyncExternalStore } from "react";
import type { CatalogKind } from "@/core/catalog";
import { areRead, readKinds } from "@/core/library";

/**
 * Whether kinds of the catalogue are all there; they are read when they are not.
 *
 * @param kinds a list that stays the same
 * @throws while drawing, what the reading threw, for the boundary to tell
 */
export function useRead(kinds: readonly CatalogKind[]): boolean {
  const [failed, setFailed] = useState<{ error: unknown } | undefined>(undefined);
  const follow = useCallback(
    (changed: () => void) => {
      let follows = true;
      readKinds(kinds).then(
        () => follows && changed(),
        (error: unknown) => setFailed({ error }),
      );
      return () => {
        follows = false;
      };
    },
    [kinds],
  );
  const ready = useSyncExternalStore(
    follow,
    () => areRead(kinds),
    () => false,
  );
  if (failed) throw failed.error;
  return ready;
}
