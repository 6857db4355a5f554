import { z } from "zod";
import { findEntry, OwnIngredientSchema, OwnRecipeSchema, type OwnIngredient, type OwnRecipe } from "../catalog";

/** What a builder added to the catalogue on this device. */
export const OwnShelfSchema = z.strictObject({
  format: z.literal("rincon-own"),
  formatVersion: z.literal(1),
  ingredients: z.array(OwnIngredientSchema).max(500),
  recipes: z.array(OwnRecipeSchema).max(500),
});
export type OwnShelf = z.infer<typeof OwnShelfSchema>;

export const EMPTY_SHELF: OwnShelf = { format: "rincon-own", formatVersion: 1, ingredients: [], recipes: [] };

/** Why something was not taken onto the shelf. */
export type OwnProblem = { code: "own.nameTaken"; name: string } | { code: "own.badField"; path: string } | { code: "own.unknownIngredient"; id: string } | { code: "own.emptyRecipe" };
export type Kept = { ok: true; shelf: OwnShelf } | { ok: false; problem: OwnProblem };

/** Two names are the same whatever their case and the spaces in them. */
export const sameName = (a: string, b: string): boolean => fold(a) === fold(b);
const fold = (name: string): string => name.normalize("NFKC").trim().replace(/\s+/g, " ").toLowerCase();

const badField = (error: z.ZodError): OwnProblem => ({ code: "own.badField", path: error.issues[0]?.path.join(".") || "name" });

/**
 * Puts an ingredient on the shelf, or newer figures in the place of the one with its id.
 *
 * @param namesTaken names of the catalogue's own ingredients, as they are shown
 * @returns the shelf, or why not: a name that is taken, or the first field that is not sane
 * @example keepIngredient(EMPTY_SHELF, { ...copied, id: "ownA1", name: "Clay from the brook" }, [])
 */
export function keepIngredient(shelf: OwnShelf, ingredient: OwnIngredient, namesTaken: readonly string[]): Kept {
  const read = OwnIngredientSchema.safeParse(ingredient);
  if (!read.success) return { ok: false, problem: badField(read.error) };
  const { name, id } = read.data;
  const others = shelf.ingredients.filter((other) => other.id !== id);
  if ([...namesTaken, ...others.map((other) => other.name)].some((taken) => sameName(taken, name))) return { ok: false, problem: { code: "own.nameTaken", name } };
  return { ok: true, shelf: { ...shelf, ingredients: others.length < shelf.ingredients.length ? shelf.ingredients.map((other) => (other.id === id ? read.data : other)) : [...others, read.data] } };
}

/** Keeps a recipe. @returns as {@link keepIngredient}; a recipe that names what is nowhere is refused */
export function keepRecipe(shelf: OwnShelf, recipe: OwnRecipe, namesTaken: readonly string[]): Kept {
  if (recipe.parts.length === 0) return { ok: false, problem: { code: "own.emptyRecipe" } };
  const read = OwnRecipeSchema.safeParse(recipe);
  if (!read.success) return { ok: false, problem: badField(read.error) };
  const unknown = read.data.parts.find(({ ingredientId }) => !findEntry("ingredients", ingredientId) && !shelf.ingredients.some((item) => item.id === ingredientId));
  if (unknown) return { ok: false, problem: { code: "own.unknownIngredient", id: unknown.ingredientId } };
  const others = shelf.recipes.filter((other) => other.id !== read.data.id);
  if ([...namesTaken, ...others.map((other) => other.name)].some((taken) => sameName(taken, read.data.name))) return { ok: false, problem: { code: "own.nameTaken", name: read.data.name } };
  return { ok: true, shelf: { ...shelf, recipes: [...others, read.data] } };
}

/**
 * Takes an ingredient off the shelf. Habitats that use it carry it themselves, so theirs stays; recipes on the shelf that need it keep it
 * from going.
 *
 * @returns recipes that still need it, when it stays
 */
export function dropIngredient(shelf: OwnShelf, id: string): { shelf: OwnShelf; neededBy: string[] } {
  const neededBy = shelf.recipes.filter((recipe) => recipe.parts.some((part) => part.ingredientId === id)).map((recipe) => recipe.name);
  return { shelf: neededBy.length > 0 ? shelf : { ...shelf, ingredients: shelf.ingredients.filter((item) => item.id !== id) }, neededBy };
}

export const dropRecipe = (shelf: OwnShelf, id: string): OwnShelf => ({ ...shelf, recipes: shelf.recipes.filter((recipe) => recipe.id !== id) });
