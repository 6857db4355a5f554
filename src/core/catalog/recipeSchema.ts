import * as z from "zod";
import { CLIMATE_CLASSES, entryShape, positive, SOIL_TYPES } from "./fields";

const RECIPE_FAMILIES = [
  "forest",
  "soil",
  "burrow",
  "desert",
  "moss",
  "waterside",
  "bog",
  "clay",
  "eaten",
  "woodland",
  "sand",
] as const;

/** A known mix: its family, the climates and grounds it is for, and its parts as they are told. */
export const RecipeSchema = z.strictObject({
  ...entryShape,
  family: z.enum(RECIPE_FAMILIES),
  climates: z.array(z.enum(CLIMATE_CLASSES)),
  soils: z.array(z.enum(SOIL_TYPES)),
  parts: z.array(z.strictObject({ ingredientId: z.string(), parts: positive })).min(1),
});
export type Recipe = z.infer<typeof RecipeSchema>;
