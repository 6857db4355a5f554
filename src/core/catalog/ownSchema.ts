import * as z from "zod";
import { PlainTextSchema } from "./fields";
import { GearSchema } from "./gearSchema";
import { IngredientSchema } from "./ingredientSchema";
import { AnimalSchema } from "./animalSchema";
import { CrewSchema } from "./crewSchema";
import { PlantSchema } from "./plantSchema";
import { DrainageSchema, DressingSchema } from "./materialSchema";

/** Ids of what a builder added begin with `own`, so that they never meet one of the catalogue's. */
const ownId = z.string().regex(/^own[A-Za-z0-9]{1,40}$/, { message: "id" });

/**
 * What an entry of one's own has besides its figures: what it is called, and the entry of the catalogue it was copied
 * from.
 */
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
export const OwnPlantSchema = PlantSchema.extend(own);
export type OwnPlant = z.infer<typeof OwnPlantSchema>;
const OwnCrewSchema = CrewSchema.extend(own);
const OwnDressingSchema = DressingSchema.extend(own);
const OwnDrainageSchema = DrainageSchema.extend(own);
const OwnGearSchema = GearSchema.extend(own);

/** Kinds of entries one may have of one's own, each with its schema and how many a habitat may carry. */
export const OWN_SCHEMAS = {
  ingredients: OwnIngredientSchema,
  animals: OwnAnimalSchema,
  plants: OwnPlantSchema,
  crew: OwnCrewSchema,
  dressings: OwnDressingSchema,
  drainageMedia: OwnDrainageSchema,
  gear: OwnGearSchema,
} as const;
export const OWN_KINDS = ["ingredients", "animals", "plants", "crew", "dressings", "drainageMedia", "gear"] as const;
export type OwnKind = (typeof OWN_KINDS)[number];
export type OwnEntry<K extends OwnKind = OwnKind> = z.infer<(typeof OWN_SCHEMAS)[K]>;
export type OwnEntries = { readonly [K in OwnKind]: readonly OwnEntry<K>[] };

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
