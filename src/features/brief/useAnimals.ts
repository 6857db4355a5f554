"use client";

import type { Animal } from "@/core/catalog";
import { carriesFor, type Command } from "@/core/habitat";
import type { Library } from "@/core/library";
import { startOwn, stockNames, useOpen } from "@/store";
import { useSay } from "@/words";

/** Every animal there is, the builder's own first; and the edit that has the habitat carry one of those. */
export function useAnimals(): {
  animals: readonly Animal[];
  carry: (animalId: string, known?: Library) => Command[];
  /** Starts an animal of one's own from another, and gives the edits with it to whoever takes it in. */
  own: (take: (animalId: string) => Command[]) => (fromId: string, name: string) => void;
} {
  const say = useSay();
  const { edit } = useOpen();
  const { library } = useOpen().derived;
  const isOwn = ({ id }: Animal) => library.ownName("animals", id) !== undefined;
  const all = library.all("animals");
  const carry = (animalId: string, known = library) => carriesFor(known, "animals", [animalId]);
  return {
    animals: [...all.filter(isOwn), ...all.filter((animal) => !isOwn(animal))],
    carry,
    own: (take) => (fromId, name) =>
      void startOwn("animals", fromId, name, library, stockNames("animals", say.nameOf)).then((started) => {
        if (started) edit([...carry(started.id, started.library), ...take(started.id)]);
      }),
  };
}
