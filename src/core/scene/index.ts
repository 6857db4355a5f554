/** A habitat as everything above its ground looks at it. */
import { weakMapMemoize } from "reselect";
import type { Animal } from "../catalog";
import { wishedClimate, type Climate } from "../climate";
import type { Design } from "../habitat";
import { withOwn, type Library } from "../library";
import { ground, type Ground } from "../strata";
import { following } from "./following";
import { youngOf } from "./young";
import { meanCm, sizedFor, sizingFor } from "./sized";

export { youngOf } from "./young";
export { following, meanCm, sizingFor };

/** A design with the library that knows what it carries, its animal, its ground, and the climate at any place in it. */
export type Scene = {
  habitat: Design;
  library: Library;
  animal: Animal;
  ground: Ground;
  /** What is found at any place in it, on the day it is looked at. */
  climate: Climate;
};

/** A scene without its plants and crew: what any of them is judged in. */
export type Setting = Omit<Scene, "habitat"> & { habitat: Pick<Design, "shell" | "gear"> };

/** Nothing is chosen yet that makes a climate of its own: no gear, and an open top. */
const isBare = ({ gear, shell }: Pick<Design, "gear" | "shell">): boolean =>
  gear.length === 0 && shell.top.lid !== "glass" && shell.top.coveredPct === 0;

const wishOf = weakMapMemoize((animal: Animal, shell: Design["shell"], land: Ground) =>
  wishedClimate(animal, shell, land.surfaceAt),
);

/** By all a first sizing hangs on, so that what does not change it changes no fit. */
const climateOf = (scene: Omit<Scene, "climate">, on: string): Climate =>
  isBare(scene.habitat) ? wishOf(scene.animal, scene.habitat.shell, scene.ground) : sizedFor(scene, on);

/**
 * Sets a design out to be looked at. Its parts are worked out anew only when what they hang on changed.
 *
 * @param library where what it uses is looked up; what it carries itself goes before that
 * @param on calendar day it is looked at, ISO 8601; at first the day its build starts
 * @throws RangeError when the design points at an entry that is not there
 * @example sceneOf(design, STOCK).ground.wetKg
 */
export function sceneOf(habitat: Design, library: Library, on: string = habitat.build.startOn): Scene {
  const known = withOwn(library, habitat.own);
  const told = following(known.get("animals", habitat.brief.animalId), habitat.brief.schools);
  const animal = habitat.brief.stage === "young" ? youngOf(told) : told;
  const scene = { habitat, library: known, animal, ground: ground(habitat, known) };
  return { ...scene, climate: climateOf(scene, on) };
}
