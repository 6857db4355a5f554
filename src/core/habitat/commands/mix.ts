import { z } from "zod";
import { entry } from "../../catalog";
import { IdSchema, PartSchema, type Habitat, type Mix } from "../schema";
import { edit, mustFind } from "./define";

const changeMix = (habitat: Habitat, mixId: string, change: (mix: Mix) => Mix): Habitat => {
  mustFind(habitat.mixes, (mix) => mix.id === mixId, "mixId", mixId);
  return { ...habitat, mixes: habitat.mixes.map((mix) => (mix.id === mixId ? change(mix) : mix)) };
};

/** Edits of the soil recipes. Parts may sum to anything; they are normalised where they are used. */
export const mixEdits = {
  takeRecipe: edit(z.strictObject({ mixId: IdSchema, recipeId: z.string() }), (habitat, { mixId, recipeId }) =>
    changeMix(habitat, mixId, (mix) => ({
      ...mix, recipeId, parts: entry("recipes", recipeId).parts.map((part) => ({ ...part })),
    })),
  ),

  /** Sets the parts of an ingredient, adding it when it is not in the mix yet. */
  setPart: edit(z.strictObject({ mixId: IdSchema, ...PartSchema.shape }), (habitat, { mixId, ingredientId, parts }) => {
    entry("ingredients", ingredientId);
    return changeMix(habitat, mixId, (mix) => ({
      ...mix,
      parts: mix.parts.some((part) => part.ingredientId === ingredientId)
        ? mix.parts.map((part) => (part.ingredientId === ingredientId ? { ingredientId, parts } : part))
        : [...mix.parts, { ingredientId, parts }],
    }));
  }),

  removePart: edit(z.strictObject({ mixId: IdSchema, ingredientId: z.string() }), (habitat, { mixId, ingredientId }) =>
    changeMix(habitat, mixId, (mix) => {
      mustFind(mix.parts, (part) => part.ingredientId === ingredientId, "ingredientId", ingredientId);
      return { ...mix, parts: mix.parts.filter((part) => part.ingredientId !== ingredientId) };
    }),
  ),
};
