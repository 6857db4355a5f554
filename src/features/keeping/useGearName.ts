"use client";

import { useCallback } from "react";
import { useOpen } from "@/store";
import { useSay } from "@/words";

/** What a piece of gear of the open habitat is called, by its kind. */
export function useGearName(): (gearId: string) => string {
  const say = useSay();
  const { habitat } = useOpen();
  return useCallback(
    (gearId) => {
      const piece = habitat.gear.find(({ id }) => id === gearId);
      return piece ? say.nameOf("gear", piece.kindId) : gearId;
    },
    [habitat.gear, say],
  );
}
