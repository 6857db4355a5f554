"use client";

import type { Plant } from "@/core/catalog";
import { carriesFor } from "@/core/habitat";
import { calmSpot, MONTHS_AHEAD, placeNamed, usualStand, type PlantingPlace } from "@/core/living";
import { withOwn, type Library } from "@/core/library";
import { useOpen } from "@/store";

/** Every plant there is: the builder's own first. */
export function usePlants(): readonly Plant[] {
  const { library } = useOpen().derived;
  const isOwn = ({ id }: Plant) => library.ownName("plants", id) !== undefined;
  const all = library.all("plants");
  return [...all.filter(isOwn), ...all.filter((plant) => !isOwn(plant))];
}

/**
 * Puts a plant in: at a named place or where it usually goes, shifted to where it will not crowd. The habitat carries
 * it when it is the builder's own.
 */
export function usePlanting(onAdded: (standId: string) => void): {
  add: (plantId: string, place: PlantingPlace | undefined, known?: Library) => void;
} {
  const { habitat, derived, edit } = useOpen();
  const { ground } = derived;
  const add = (plantId: string, place: PlantingPlace | undefined, known?: Library) => {
    const library = known ? withOwn(known, habitat.own) : derived.library;
    const id = crypto.randomUUID().slice(0, 8);
    const plant = library.get("plants", plantId);
    const at = place === undefined ? usualStand(derived, plant) : placeNamed(habitat, ground, place);
    const stand = { id, plantId, ...at, plantedOn: null, keptCm: null, inId: null };
    const tried = { ...derived, library, habitat: { ...habitat, plants: [...habitat.plants, stand] } };
    const calm = calmSpot(tried, id, MONTHS_AHEAD);
    edit([...carriesFor(library, "plants", [plantId]), { name: "addPlant", args: { ...stand, ...calm } }]);
    onAdded(id);
  };
  return { add };
}
