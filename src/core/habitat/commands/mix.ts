import * as z from "zod";
import { OwnIngredientSchema } from "../../catalog";
import { IdSchema, MixSchema, NameSchema, PartSchema, type Design, type Mix } from "../schema";
import { edit, mustFind } from "./define";
import { carrying } from "./own";

const changeMix = (habitat: Design, mixId: string, change: (mix: Mix) => Mix): Design => {
  mustFind(habitat.mixes, (mix) => mix.id === mixId, "mixId", mixId);
  return { ...habitat, mixes: habitat.mixes.map((mix) => (mix.id === mixId ? change(mix) : mix)) };
};

/** Edits of the soil recipes. Parts may sum to anything; they are normalised where they are used. */
export const mixEdits = {
  takeRecipe: edit(z.strictObject({ mixId: IdSchema, recipeId: z.string() }), (habitat, { mixId, recipeId }, library) =>
    changeMix(habitat, mixId, (mix) => ({
      ...mix,
      recipeId,
      title: null,
      parts: library.get("recipes", recipeId).parts.map((part) => ({ ...part })),
    })),
  ),

  /** Sets the parts of an ingredient, adding it when it is not in the mix yet. */
  setPart: edit(z.strictObject({ mixId: IdSchema, ...PartSchema.shape }), (habitat, { mixId, ingredientId, parts }) => {
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

  /**
   * Puts other parts in the place of all there were, with the title they go by; what is not in the catalogue comes
   * along.
   */
  setParts: edit(
    z.strictObject({
      mixId: IdSchema,
      parts: MixSchema.shape.parts,
      title: NameSchema.nullable(),
      recipeId: z.string().nullable(),
      own: z.array(OwnIngredientSchema).max(60),
    }),
    (habitat, { mixId, parts, title, recipeId, own }, library) => {
      const carried = carrying(habitat, { ingredients: own });
      if (recipeId !== null) library.get("recipes", recipeId);
      return changeMix(carried, mixId, (mix) => ({ ...mix, recipeId, title, parts: [...parts] }));
    },
  ),
};
