"use client";

import { catalog, type Animal } from "@/core/catalog";
import type { Command } from "@/core/habitat";
import { EMPTY_SHELF } from "@/core/own";
import { useOpen, useOwn } from "@/store";

/** Every animal there is, the builder's own first; and the edit that has the habitat carry one of those. */
export function useAnimals(): { animals: readonly Animal[]; carry: (animalId: string) => Command[] } {
  const { habitat } = useOpen();
  const shelf = useOwn() ?? EMPTY_SHELF;
  const own = [
    ...habitat.own.animals,
    ...shelf.animals.filter((animal) => !habitat.own.animals.some(({ id }) => id === animal.id)),
  ];
  const carry = (animalId: string): Command[] => {
    const carried = own.find(({ id }) => id === animalId);
    return carried ? [{ name: "carryOwn", args: { animals: [carried] } }] : [];
  };
  return { animals: [...own, ...catalog.animals], carry };
}
