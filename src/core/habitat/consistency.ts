import { findEntry } from "../catalog";
import { isKnown } from "./pantry";
import { OVER_ALL, OVER_REST, type Habitat } from "./schema";

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
  const unknown = (path: string, id: string, known: boolean): Inconsistency[] =>
    known ? [] : [{ path, id, problem: "unknown" }];
  const mixIds = habitat.mixes.map((mix) => mix.id);
  const { layers, zones } = habitat.strata;
  const grounds = [OVER_ALL, OVER_REST, ...zones.map((zone) => zone.id)];
  return [
    ...unknown("shell.buildId", habitat.shell.buildId, !!findEntry("boxBuilds", habitat.shell.buildId)),
    ...unknown("brief.animalId", habitat.brief.animalId, isKnown(habitat, "animals", habitat.brief.animalId)),
    ...habitat.brief.mates.flatMap((mate, at) =>
      unknown(`brief.mates.${at}.animalId`, mate.animalId, isKnown(habitat, "animals", mate.animalId)),
    ),
    ...layers.flatMap((layer, at) => {
      const path = `strata.layers.${at}`;
      const over = unknown(`${path}.over`, layer.over, grounds.includes(layer.over));
      if (layer.kind === "soil") {
        return [
          ...over,
          ...unknown(`${path}.mixId`, layer.mixId, mixIds.includes(layer.mixId)),
          ...twice(
            `${path}.mounds`,
            layer.mounds.map((mound) => mound.id),
          ),
        ];
      }
      const shelf = (
        { drainage: "drainageMedia", falseBottom: "falseBottoms", barrier: "barriers", dressing: "dressings" } as const
      )[layer.kind];
      return [...over, ...unknown(`${path}.materialId`, layer.materialId, !!findEntry(shelf, layer.materialId))];
    }),
    ...zones.flatMap((zone, at) =>
      zone.retaining
        ? unknown(
            `strata.zones.${at}.retaining.kindId`,
            zone.retaining.kindId,
            !!findEntry("pieceKinds", zone.retaining.kindId),
          )
        : [],
    ),
    ...habitat.shell.treatments.flatMap((treatment, at) => [
      ...unknown(
        `shell.treatments.${at}.treatmentId`,
        treatment.treatmentId,
        !!findEntry("wallTreatments", treatment.treatmentId),
      ),
      ...(treatment.finishId === null
        ? []
        : unknown(
            `shell.treatments.${at}.finishId`,
            treatment.finishId,
            !!findEntry("wallFinishes", treatment.finishId),
          )),
    ]),
    ...habitat.pieces.flatMap((piece, at) => [
      ...unknown(`pieces.${at}.kindId`, piece.kindId, !!findEntry("pieceKinds", piece.kindId)),
      ...(piece.fillMixId === null
        ? []
        : unknown(`pieces.${at}.fillMixId`, piece.fillMixId, mixIds.includes(piece.fillMixId))),
    ]),
    ...habitat.mixes.flatMap((mix, at) =>
      mix.parts.flatMap((part, n) =>
        unknown(
          `mixes.${at}.parts.${n}.ingredientId`,
          part.ingredientId,
          isKnown(habitat, "ingredients", part.ingredientId),
        ),
      ),
    ),
    ...habitat.plants.flatMap((stand, at) =>
      unknown(`plants.${at}.plantId`, stand.plantId, isKnown(habitat, "plants", stand.plantId)),
    ),
    ...habitat.crew.flatMap((seeding, at) =>
      unknown(`crew.${at}.crewId`, seeding.crewId, isKnown(habitat, "crew", seeding.crewId)),
    ),
    ...twice(
      "shell.openings",
      habitat.shell.openings.map((opening) => opening.id),
    ),
    ...twice(
      "shell.treatments",
      habitat.shell.treatments.map((treatment) => treatment.wall),
    ),
    ...twice("strata.zones", [OVER_ALL, OVER_REST, ...zones.map((zone) => zone.id)]),
    ...twice(
      "pieces",
      habitat.pieces.map((piece) => piece.id),
    ),
    ...twice(
      "strata.layers",
      layers.map((layer) => layer.id),
    ),
    ...twice("mixes", mixIds),
    ...(Object.keys(habitat.own) as (keyof Habitat["own"])[]).flatMap((kind) =>
      twice(
        `own.${kind}`,
        habitat.own[kind].map((item) => item.id),
      ),
    ),
    ...twice("brief.mates", [habitat.brief.animalId, ...habitat.brief.mates.map((mate) => mate.animalId)]),
    ...twice(
      "keeping.lostPlants",
      habitat.keeping.lostPlants.map((lost) => lost.id),
    ),
    ...twice(
      "keeping.topUps",
      habitat.keeping.topUps.map((topUp) => topUp.id),
    ),
    ...twice(
      "plants",
      habitat.plants.map((stand) => stand.id),
    ),
    ...twice(
      "crew",
      habitat.crew.map((seeding) => seeding.crewId),
    ),
    ...twice(
      "keeping.readings",
      habitat.keeping.readings.map((reading) => reading.id),
    ),
  ];
}
