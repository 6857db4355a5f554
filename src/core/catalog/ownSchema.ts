import { z } from "zod";
import { PlainTextSchema } from "./fields";
import { IngredientSchema } from "./ingredientSchema";

/** Ids of what a builder added begin with `own`, so that they never meet one of the catalogue's. */
const ownId = z.string().regex(/^own[A-Za-z0-9]{1,40}$/, { message: "id" });

/** An ingredient a builder added, with the name it is called by. */
export const OwnIngredientSchema = IngredientSchema.safeExtend({ id: ownId, name: PlainTextSchema });
export type OwnIngredient = z.infer<typeof OwnIngredientSchema>;

/** A recipe a builder kept. */
export const OwnRecipeSchema = z.strictObject({
  id: ownId,
  name: PlainTextSchema,
  parts: z.array(z.strictObject({ ingredientId: z.string().regex(/^[a-z][A-Za-z0-9]{0,63}$/, { message: "id" }), parts: z.number().min(0.01).max(10_000) })).min(1).max(60),
});
export type OwnRecipe = z.infer<typeof OwnRecipeSchema>;
