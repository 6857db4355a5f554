"use client";

import { useMemo } from "react";
import type { Design } from "@/core/habitat";
import { capital, mixName, useLibrary, useSay } from "@/words";

/** The names of a habitat's layers as they stand in the ledger and the section. */
export function useLayerNames(habitat: Design): (layerId: string) => string {
  const say = useSay();
  const library = useLibrary();
  const { strata, mixes } = habitat;
  return useMemo(() => {
    const lifts = strata.layers.filter((layer) => layer.kind === "soil");
    return (layerId) => {
      const layer = strata.layers.find((other) => other.id === layerId);
      if (!layer) return "";
      if (layer.kind === "soil") {
        const recipe = mixName(
          mixes.find((mix) => mix.id === layer.mixId),
          say,
          library,
        );
        const nth = lifts.findIndex((lift) => lift.id === layerId) + 1;
        return capital(lifts.length > 1 ? say("strata:soilNameNth", { recipe, nth }) : recipe);
      }
      const shelf = (
        { drainage: "drainageMedia", falseBottom: "falseBottoms", barrier: "barriers", dressing: "dressings" } as const
      )[layer.kind];
      return capital(say.nameOf(shelf, layer.materialId));
    };
  }, [strata.layers, mixes, say, library]);
}
