/** A habitat as everything above its ground looks at it. */
import { createSelector } from "reselect";
import type { Animal } from "../catalog";
import { bandField, type ClimateField } from "../climate";
import type { Design } from "../habitat";
import { withOwn, type Library } from "../library";
import { ground, type Ground } from "../strata";
import { following } from "./following";

export { following };

/** A design with the library that knows what it carries, its animal, its ground, and the climate at any place in it. */
export type Scene = {
  habitat: Design;
  library: Library;
  animal: Animal;
  ground: Ground;
  field: ClimateField;
};

/** A scene without its plants and crew: what any of them is judged in. */
export type Setting = Omit<Scene, "habitat"> & { habitat: Pick<Design, "shell" | "gear"> };

const fieldOf = createSelector(
  [
    (animal: Animal) => animal,
    (_: Animal, design: Design) => design.shell,
    (_: Animal, __: Design, land: Ground) => land,
  ],
  (animal, shell, land) => bandField(animal, shell, land.surfaceAt),
);

/**
 * Sets a design out to be looked at. Its parts are worked out anew only when what they hang on changed.
 *
 * @param library where what it uses is looked up; what it carries itself goes before that
 * @throws RangeError when the design points at an entry that is not there
 * @example sceneOf(design, STOCK).ground.wetKg
 */
export function sceneOf(habitat: Design, library: Library): Scene {
  const known = withOwn(library, habitat.own);
  const animal = following(known.get("animals", habitat.brief.animalId), habitat.brief.schools);
  const land = ground(habitat, known);
  return { habitat, library: known, animal, ground: land, field: fieldOf(animal, habitat, land) };
}
