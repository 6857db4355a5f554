"use client";

import { useMemo } from "react";
import type { Animal, OwnIngredient } from "@/core/catalog";
import type { Design, Mix } from "@/core/habitat";
import type { Library } from "@/core/library";
import {
  blend,
  mixTarget,
  pantryOf,
  readMeters,
  type Aims,
  type Bed,
  type Blend,
  type Laying,
  type Pantry,
  type Readings,
} from "@/core/mix";
import { EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { bedOf, mixWanted, type Bedded } from "@/core/strata";
import { EMPTY_BINS, litresInStock, mixPricePerL, type Bins } from "@/core/supply";
import { useBins, useOpen, useOwn } from "@/store";

/** All a part of the bench asks about the mix it works on. */
export type MixAtHand = {
  habitat: Design;
  library: Library;
  animal: Animal;
  mix: Mix;
  pantry: Pantry;
  mixture: Blend | undefined;
  readings: Readings | undefined;
  aims: Aims;
  laying: Laying;
  /** Litres as they lie, and how deep its deepest bed is, in the mean. */
  volumeL: number;
  depthCm: number;
  /** The same place by place, where zones part it. */
  beds: readonly Bedded[];
  /** The bed its meters speak of: this habitat's, or where it is not laid the animal's usual depth. */
  bed: Bed;
  bins: Bins;
  stockL: Record<string, number>;
  own: OwnShelf;
};

export function useMixAtHand(mix: Mix): MixAtHand {
  const { habitat, derived } = useOpen();
  const { library, ground, animal } = derived;
  const bins = useBins() ?? EMPTY_BINS;
  const own = useOwn() ?? EMPTY_SHELF;
  const hasCrew = habitat.crew.length > 0 || habitat.brief.living === "bioactive";
  return useMemo(() => {
    const pantry = pantryOf(library);
    const mixture = blend(mix.parts, pantry);
    const wanted = mixWanted(habitat, ground, mix.id, mixture?.settlesPct ?? 0);
    const bed = bedOf(wanted.depthCm, animal);
    // The bins may still hold what was taken off the builder's own shelf.
    const stocked = Object.entries(litresInStock(bins)).filter(([id]) => library.find("ingredients", id));
    return {
      habitat,
      library,
      animal,
      mix,
      pantry,
      mixture,
      bins,
      own,
      readings: mixture && readMeters(mixture, bed, mixPricePerL(mix.parts, bins, mixture.lostPct)),
      aims: mixTarget(animal, hasCrew),
      stockL: Object.fromEntries(stocked),
      bed,
      ...wanted,
    };
  }, [habitat, library, animal, ground, hasCrew, mix, bins, own]);
}

/** The ingredients of a builder's own that a habitat does not carry yet. */
const newlyCarried = ({ habitat, library }: Pick<MixAtHand, "habitat" | "library">, parts: Mix["parts"]) =>
  parts
    .map((part) => part.ingredientId)
    .filter((id) => library.ownName("ingredients", id) !== undefined)
    .filter((id) => !habitat.own.ingredients.some((carried) => carried.id === id))
    .map((id) => library.get("ingredients", id) as OwnIngredient);

/** The edit that puts other parts in, carrying along what is of the builder's own. */
export const setPartsCommand = (
  hand: Pick<MixAtHand, "mix" | "habitat" | "library">,
  parts: Mix["parts"],
  named: Pick<Mix, "title" | "recipeId"> = hand.mix,
) =>
  ({
    name: "setParts",
    args: {
      mixId: hand.mix.id,
      parts: parts.map((part) => ({ ...part })),
      title: named.title,
      recipeId: named.recipeId,
      own: newlyCarried(hand, parts),
    },
  }) as const;
