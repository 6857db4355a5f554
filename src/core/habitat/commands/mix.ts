import { z } from "zod";
import { entry, OwnIngredientSchema } from "../../catalog";
import { ingredientsOf } from "../pantry";
import { IdSchema, MixSchema, NameSchema, PartSchema, type Habitat, type Mix } from "../schema";
import { edit, mustFind } from "./define";

const changeMix = (habitat: Habitat, mixId: string, change: (mix: Mix) => Mix): Habitat => {
  mustFind(habitat.mixes, (mix) => mix.id === mixId, "mixId", mixId);
  return { ...habitat, mixes: habitat.mixes.map((mix) => (mix.id === mixId ? change(mix) : mix)) };
};

/** Edits of the soil recipes. Parts may sum to anything; they are normalised where they are used. */
export const mixEdits = {
  takeRecipe: edit(z.strictObject({ mixId: IdSchema, recipeId: z.string() }), (habitat, { mixId, recipeId }) =>
    changeMix(habitat, mixId, (mix) => ({
      ...mix,
      recipeId,
      title: null,
      parts: entry("recipes", recipeId).parts.map((part) => ({ ...part })),
    })),
  ),

  /** Sets the parts of an ingredient, adding it when it is not in the mix yet. */
  setPart: edit(z.strictObject({ mixId: IdSchema, ...PartSchema.shape }), (habitat, { mixId, ingredientId, parts }) => {
    ingredientsOf(habitat)(ingredientId);
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

  /** Puts other parts in the place of all there were, with the title they go by; what is not in the catalogue comes along. */
  setParts: edit(
    z.strictObject({
      mixId: IdSchema,
      parts: MixSchema.shape.parts,
      title: NameSchema.nullable(),
      recipeId: z.string().nullable(),
      own: z.array(OwnIngredientSchema).max(60),
    }),
    (habitat, { mixId, parts, title, recipeId, own }) => {
      const carried = carry(habitat, own);
      parts.forEach(({ ingredientId }) => ingredientsOf(carried)(ingredientId));
      const ids = parts.map((part) => part.ingredientId);
      const again = ids.find((id, at) => ids.indexOf(id) !== at);
      if (again !== undefined) throw new RangeError(`ingredientId: "${again}" stands twice`);
      if (recipeId !== null) entry("recipes", recipeId);
      return changeMix(carried, mixId, (mix) => ({ ...mix, recipeId, title, parts: [...parts] }));
    },
  ),

  /** Has the habitat carry an ingredient of its builder's own, or its newer figures. */
  carryIngredient: edit(z.strictObject({ ingredient: OwnIngredientSchema }), (habitat, { ingredient }) =>
    carry(habitat, [ingredient]),
  ),
};

/** Those that are there already take the newer figures. */
function carry(habitat: Habitat, added: Habitat["own"]["ingredients"]): Habitat {
  if (added.length === 0) return habitat;
  const kept = habitat.own.ingredients.filter((item) => !added.some((other) => other.id === item.id));
  return { ...habitat, own: { ...habitat.own, ingredients: [...kept, ...added] } };
}
