import type { Mix } from "@/core/habitat";
import type { Library } from "@/core/library";
import type { Say } from "./say";

/** What a mix is called: its recipe, changed or not, or a mix of one's own. */
export function mixName(mix: Mix | undefined, say: Say, library: Library): string {
  const recipe = mix?.recipeId ? library.find("recipes", mix.recipeId) : undefined;
  if (mix?.title) return mix.title;
  if (!mix || !recipe) return say("strata:mixOwn");
  const told = say.nameOf("recipes", recipe.id);
  return JSON.stringify(recipe.parts) === JSON.stringify(mix.parts) ? told : say("strata:mixChanged", { recipe: told });
}
