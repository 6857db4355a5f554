"use client";

import { catalog, type OwnPlant, type Plant } from "@/core/catalog";
import { plantOf, type Command } from "@/core/habitat";
import { calmSpot, MONTHS_AHEAD, placeNamed, usualPlace, type PlantingPlace } from "@/core/living";
import { EMPTY_SHELF } from "@/core/own";
import { useOpen, useOwn } from "@/store";

/** Every plant there is: the builder's own first. A habitat's own figures go before those on the shelf. */
export function usePlants(): { all: readonly Plant[]; own: readonly OwnPlant[] } {
  const { habitat } = useOpen();
  const shelf = useOwn() ?? EMPTY_SHELF;
  const own = [
    ...habitat.own.plants,
    ...shelf.plants.filter((plant) => !habitat.own.plants.some((carried) => carried.id === plant.id)),
  ];
  return { all: [...own, ...catalog.plants], own };
}

/** Puts a plant in: at a named place or where it usually goes, shifted to where it will not crowd. The habitat carries it when it is the builder's own. */
export function usePlanting(onAdded: (standId: string) => void): {
  add: (plantId: string, place: PlantingPlace | undefined) => void;
} {
  const { habitat, derived, edit } = useOpen();
  const { own } = usePlants();
  const add = (plantId: string, place: PlantingPlace | undefined) => {
    const carried = own.find((plant) => plant.id === plantId);
    const carrier = carried
      ? {
          ...habitat,
          own: { ...habitat.own, plants: [...habitat.own.plants.filter(({ id }) => id !== plantId), carried] },
        }
      : habitat;
    const id = crypto.randomUUID().slice(0, 8);
    const plant = plantOf(carrier, plantId);
    const at = placeNamed(habitat, derived.ground, place ?? usualPlace(plant));
    const stand = {
      id,
      plantId,
      ...at,
      spot: place === undefined ? null : at.spot,
      upCm: place === undefined ? null : at.upCm,
      plantedOn: null,
    };
    const calm = calmSpot({ ...carrier, plants: [...carrier.plants, stand] }, derived.ground, id, MONTHS_AHEAD);
    const carry: Command[] = carried ? [{ name: "carryOwn", args: { plants: [carried] } }] : [];
    edit([...carry, { name: "addPlant", args: { ...stand, ...calm } }]);
    onAdded(id);
  };
  return { add };
}
