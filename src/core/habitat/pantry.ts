import { entry, type Ingredient } from "../catalog";
import type { Habitat } from "./schema";

const looked = new WeakMap<object, (id: string) => Ingredient>();

/**
 * Where a habitat's ingredients are looked up: those it carries itself, then the catalogue.
 *
 * @returns a lookup that throws a RangeError for what is in neither
 * @example ingredientsOf(habitat)("coir").matter // "coir"
 */
export function ingredientsOf({ own }: Pick<Habitat, "own">): (id: string) => Ingredient {
  const before = looked.get(own);
  if (before) return before;
  const byId = new Map<string, Ingredient>(own.ingredients.map((item) => [item.id, item]));
  const lookup = (id: string): Ingredient => byId.get(id) ?? entry("ingredients", id);
  looked.set(own, lookup);
  return lookup;
}
