/** What a builder added to the catalogue: ingredients and recipes of their own. */
export { dropIngredient, dropRecipe, EMPTY_SHELF, keepIngredient, keepRecipe, OwnShelfSchema, sameName } from "./shelf";
export type { Kept, OwnProblem, OwnShelf } from "./shelf";
