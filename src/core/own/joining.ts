import { OWN_KINDS, type OwnIngredient, type OwnKind } from "../catalog";
import { keepEntry, keepRecipe, sameName, type OwnProblem, type OwnShelf } from "./shelf";

/** The shelf with what was brought in, how many entries that were, and why each of the others was not taken. */
export type Brought = { shelf: OwnShelf; count: number; problems: OwnProblem[] };

/** The names the catalogue's own entries have, as they are shown. */
export type NamesOf = (kind: OwnKind | "recipes") => readonly string[];

/**
 * Brings the ingredients of a table onto the shelf. One of the same name as before takes the newer figures.
 *
 * @example withIngredients(shelf, parseIngredients(text, newId).ingredients, namesOf).count
 */
export function withIngredients(own: OwnShelf, ingredients: readonly OwnIngredient[], namesOf: NamesOf): Brought {
  const names = namesOf("ingredients");
  const idOf = (item: OwnIngredient): string =>
    own.ingredients.find((other) => sameName(other.name, item.name))?.id ?? item.id;
  const brought: Brought = { shelf: own, count: 0, problems: [] };
  for (const item of ingredients) {
    const kept = keepEntry(brought.shelf, "ingredients", { ...item, id: idOf(item) }, names);
    if (kept.ok) [brought.shelf, brought.count] = [kept.shelf, brought.count + 1];
    else brought.problems.push(kept.problem);
  }
  return brought;
}

/** Brings all entries of another shelf onto this one, recipes last, as they may need the others. */
export function withShelf(own: OwnShelf, theirs: OwnShelf, namesOf: NamesOf): Brought {
  const brought: Brought = { shelf: own, count: 0, problems: [] };
  for (const kind of OWN_KINDS)
    for (const entry of theirs[kind]) {
      const kept = keepEntry(brought.shelf, kind, entry, namesOf(kind));
      if (kept.ok) [brought.shelf, brought.count] = [kept.shelf, brought.count + 1];
      else brought.problems.push(kept.problem);
    }
  for (const recipe of theirs.recipes) {
    const kept = keepRecipe(brought.shelf, recipe, namesOf("recipes"));
    if (kept.ok) [brought.shelf, brought.count] = [kept.shelf, brought.count + 1];
    else brought.problems.push(kept.problem);
  }
  return brought;
}
