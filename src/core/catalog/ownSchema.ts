import { z } from "zod";
import { PlainTextSchema } from "./fields";
import { IngredientSchema } from "./ingredientSchema";
import { AnimalSchema, CrewSchema, PlantSchema } from "./livingSchema";

/** Ids of what a builder added begin with `own`, so that they never meet one of the catalogue's. */
const ownId = z.string().regex(/^own[A-Za-z0-9]{1,40}$/, { message: "id" });

/** What an entry of one's own has besides its figures: what it is called, and the entry of the catalogue it was copied from. */
const own = {
  id: ownId,
  name: PlainTextSchema,
  basedOn: z
    .string()
    .regex(/^[a-z][A-Za-z0-9]*$/)
    .optional(),
};

/** An ingredient a builder added. */
export const OwnIngredientSchema = IngredientSchema.safeExtend(own);
export type OwnIngredient = z.infer<typeof OwnIngredientSchema>;

export const OwnAnimalSchema = AnimalSchema.extend(own);
export type OwnAnimal = z.infer<typeof OwnAnimalSchema>;
export const OwnPlantSchema = PlantSchema.extend(own);
export type OwnPlant = z.infer<typeof OwnPlantSchema>;
export const OwnCrewSchema = CrewSchema.extend(own);
export type OwnCrew = z.infer<typeof OwnCrewSchema>;

/** A recipe a builder kept. */
export const OwnRecipeSchema = z.strictObject({
  id: ownId,
  name: PlainTextSchema,
  parts: z
    .array(
      z.strictObject({
        ingredientId: z.string().regex(/^[a-z][A-Za-z0-9]{0,63}$/, { message: "id" }),
        parts: z.number().min(0.01).max(10_000),
      }),
    )
    .min(1)
    .max(60),
});
export type OwnRecipe = z.infer<typeof OwnRecipeSchema>;
