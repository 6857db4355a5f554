/** Own entries as they were told before the catalogue was told anew, in today's shape. Nothing of them is lost. */
import { OWN_KINDS, type OwnKind } from "../../catalog";
import { animalNow, crewNow, plantNow } from "./living";
import { drainageNow, dressingNow, gearNow, ingredientNow } from "./materials";
import { listOf, plainOf, type Plain } from "./plain";

export { gearIdNow, ingredientNow } from "./materials";

const NOW: Record<OwnKind, (entry: Plain) => Plain> = {
  ingredients: ingredientNow,
  animals: animalNow,
  plants: plantNow,
  crew: crewNow,
  dressings: dressingNow,
  drainageMedia: drainageNow,
  gear: gearNow,
};

/**
 * Own entries of the shape before, kind by kind, in the shape of today.
 *
 * @param own lists by kind; kinds that are missing have none
 * @example ownEntriesNow(design.own).animals[0].soil.leastDepthCm
 */
export const ownEntriesNow = (own: unknown): Plain =>
  Object.fromEntries(
    OWN_KINDS.map((kind) => [kind, listOf(plainOf(own)[kind]).map((entry) => NOW[kind](plainOf(entry)))]),
  );
