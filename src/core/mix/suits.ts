import type { Animal, Ingredient } from "../catalog";

/** Why an ingredient is not for an animal: its skin takes up what is in it, or it is no ground to dig and feed on. */
export type Unsuited = "skin" | "digging";

/**
 * Whether an ingredient hurts the animal that lives on it.
 *
 * @returns undefined when it does not
 * @example unsuited(entry("ingredients", "limestoneGrit"), entry("animals", "tomatoFrog")) // "skin"
 */
export function unsuited(
  item: Pick<Ingredient, "amphibianSkin" | "safeToDig">,
  animal: Pick<Animal, "group" | "lives">,
): Unsuited | undefined {
  if (animal.group === "amphibian" && item.amphibianSkin === "never") return "skin";
  return animal.lives !== "climbing" && !item.safeToDig ? "digging" : undefined;
}
