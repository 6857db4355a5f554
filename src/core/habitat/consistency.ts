import { findEntry } from "../catalog";
import type { Habitat } from "./schema";

/** A reference inside a document that leads nowhere, or an id used twice. */
export type Inconsistency = { path: string; id: string; problem: "unknown" | "twice" };

const twice = (path: string, ids: readonly string[]): Inconsistency[] =>
  ids.filter((id, at) => ids.indexOf(id) !== at).map((id) => ({ path, id, problem: "twice" }));

/**
 * What a schema cannot see: that every id in the document leads somewhere and none is used twice.
 *
 * @example inconsistencies(startHabitat(start)) // []
 */
export function inconsistencies(habitat: Habitat): Inconsistency[] {
  const unknown = (path: string, id: string, known: boolean): Inconsistency[] => (known ? [] : [{ path, id, problem: "unknown" }]);
  const mixIds = habitat.mixes.map((mix) => mix.id);
  const { layers } = habitat.strata;
  return [
    ...unknown("shell.buildId", habitat.shell.buildId, !!findEntry("boxBuilds", habitat.shell.buildId)),
    ...unknown("brief.animalId", habitat.brief.animalId, !!findEntry("animals", habitat.brief.animalId)),
    ...layers.flatMap((layer, at) => {
      const path = `strata.layers.${at}`;
      if (layer.kind === "soil") return unknown(`${path}.mixId`, layer.mixId, mixIds.includes(layer.mixId));
      const shelf = ({ drainage: "drainageMedia", barrier: "barriers", dressing: "dressings" } as const)[layer.kind];
      return unknown(`${path}.materialId`, layer.materialId, !!findEntry(shelf, layer.materialId));
    }),
    ...habitat.mixes.flatMap((mix, at) =>
      mix.parts.flatMap((part, n) => unknown(`mixes.${at}.parts.${n}.ingredientId`, part.ingredientId, !!findEntry("ingredients", part.ingredientId))),
    ),
    ...habitat.plants.flatMap((stand, at) => unknown(`plants.${at}.plantId`, stand.plantId, !!findEntry("plants", stand.plantId))),
    ...habitat.crew.flatMap((seeding, at) => unknown(`crew.${at}.crewId`, seeding.crewId, !!findEntry("crew", seeding.crewId))),
    ...twice("shell.openings", habitat.shell.openings.map((opening) => opening.id)),
    ...twice("strata.layers", layers.map((layer) => layer.id)),
    ...twice("mixes", mixIds),
    ...twice("plants", habitat.plants.map((stand) => stand.id)),
    ...twice("crew", habitat.crew.map((seeding) => seeding.crewId)),
    ...twice("keeping.readings", habitat.keeping.readings.map((reading) => reading.id)),
  ];
}
