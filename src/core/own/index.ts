/** What a builder added to the catalogue: ingredients, species and recipes of their own. */
export { gearIdNow, ingredientNow, ownEntriesNow } from "./older";
export { copiedEntry } from "./copy";
export {
  AnyShelfSchema,
  dropEntry,
  dropRecipe,
  EMPTY_SHELF,
  keepEntry,
  keepRecipe,
  OWN_FORMAT,
  OWN_VERSION,
  restored,
  shelvesJoined,
} from "./shelf";
export type { OwnProblem, OwnShelf, Shelved } from "./shelf";
export { withIngredients, withShelf } from "./joining";
export type { Brought } from "./joining";
