"use client";

import { useMemo } from "react";
import { findEntry } from "@/core/catalog";
import { ingredientsOf, type Habitat, type Mix } from "@/core/habitat";
import {
  blend,
  mixTarget,
  readMeters,
  type Aims,
  type Blend,
  type Laying,
  type Pantry,
  type Readings,
} from "@/core/mix";
import { EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { mixWanted } from "@/core/strata";
import { EMPTY_BINS, litresInStock, mixPricePerL, type Bins } from "@/core/supply";
import { useBins, useOpen, useOwn } from "@/store";

/** All a part of the bench asks about the mix it works on. */
export type MixAtHand = {
  habitat: Habitat;
  mix: Mix;
  pantry: Pantry;
  mixture: Blend | undefined;
  readings: Readings | undefined;
  aims: Aims;
  laying: Laying;
  /** Litres as they lie, and how deep the lifts of it are together, in the mean. */
  volumeL: number;
  depthCm: number;
  bins: Bins;
  stockL: Record<string, number>;
  own: OwnShelf;
};

/** Looks ingredients up where the habitat does, then on the builder's own shelf. */
function pantryOf(habitat: Habitat, own: OwnShelf): Pantry {
  const carried = ingredientsOf(habitat);
  const added = new Map(own.ingredients.map((item) => [item.id, item]));
  return (id) =>
    habitat.own.ingredients.some((item) => item.id === id) ? carried(id) : (added.get(id) ?? carried(id));
}

/** Whether an ingredient can be looked up; the bins may still hold what was taken off the builder's own shelf. */
const isThere = (habitat: Habitat, own: OwnShelf, id: string): boolean =>
  findEntry("ingredients", id) !== undefined ||
  [...own.ingredients, ...habitat.own.ingredients].some((item) => item.id === id);

export function useMixAtHand(mix: Mix): MixAtHand {
  const { habitat, derived } = useOpen();
  const bins = useBins() ?? EMPTY_BINS;
  const own = useOwn() ?? EMPTY_SHELF;
  return useMemo(() => {
    const pantry = pantryOf(habitat, own);
    const mixture = blend(mix.parts, pantry);
    return {
      habitat,
      mix,
      pantry,
      mixture,
      bins,
      own,
      readings: mixture && readMeters(mixture, mixPricePerL(mix.parts, bins, mixture.lostPct)),
      aims: mixTarget(habitat),
      stockL: Object.fromEntries(Object.entries(litresInStock(bins)).filter(([id]) => isThere(habitat, own, id))),
      ...mixWanted(habitat, derived.ground, mix.id, mixture?.settlesPct ?? 0),
    };
  }, [habitat, derived.ground, mix, bins, own]);
}

/** The edit that puts other parts in, carrying along what is of the builder's own. */
export const setPartsCommand = (
  { mix, habitat, own }: Pick<MixAtHand, "mix" | "habitat" | "own">,
  parts: Mix["parts"],
  named?: Pick<Mix, "title" | "recipeId">,
) =>
  ({
    name: "setParts",
    args: {
      mixId: mix.id,
      parts: parts.map((part) => ({ ...part })),
      title: named ? named.title : mix.title,
      recipeId: named ? named.recipeId : mix.recipeId,
      own: own.ingredients.filter(
        (item) =>
          parts.some((part) => part.ingredientId === item.id) &&
          !habitat.own.ingredients.some((carried) => carried.id === item.id),
      ),
    },
  }) as const;
