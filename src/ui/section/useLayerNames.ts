"use client";

import { useMemo } from "react";
import type { Design, Mix } from "@/core/habitat";
import type { Library } from "@/core/library";
import { capital, useLibrary, useSay, type Say } from "@/words";

/** What a mix is called: its recipe, changed or not, or a mix of one's own. */
export function mixName(mix: Mix | undefined, say: Say, library: Library): string {
  const recipe = mix?.recipeId ? library.find("recipes", mix.recipeId) : undefined;
  if (mix?.title) return mix.title;
  if (!mix || !recipe) return say("strata:mixOwn");
  const told = say.nameOf("recipes", recipe.id);
  return JSON.stringify(recipe.parts) === JSON.stringify(mix.parts) ? told : say("strata:mixChanged", { recipe: told });
}

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
