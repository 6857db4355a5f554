import { plainOf, type Migration } from "./migration";

/**
 * Version 5 tells where in the box a plant stands and since when, the light over the plants, tank mates, plants that
 * died, and species of a builder's own.
 */
export const v4ToV5: Migration = (document) => ({
  ...document,
  own: { ...plainOf(document.own), animals: [], plants: [], crew: [] },
  brief: { ...plainOf(document.brief), mates: [] },
  plants: Array.isArray(document.plants)
    ? document.plants.map((stand) => ({ ...plainOf(stand), spot: null, upCm: null, plantedOn: null }))
    : document.plants,
  planting: { lampLumens: null },
  keeping: { ...plainOf(document.keeping), lostPlants: [] },
});
