"use client";

import type { Animal } from "@/core/catalog";
import { carriesFor, type Command } from "@/core/habitat";
import { useOpen } from "@/store";

/** Every animal there is, the builder's own first; and the edit that has the habitat carry one of those. */
export function useAnimals(): { animals: readonly Animal[]; carry: (animalId: string) => Command[] } {
  const { library } = useOpen().derived;
  const isOwn = ({ id }: Animal) => library.ownName("animals", id) !== undefined;
  const all = library.all("animals");
  return {
    animals: [...all.filter(isOwn), ...all.filter((animal) => !isOwn(animal))],
    carry: (animalId) => carriesFor(library, "animals", [animalId]),
  };
}
