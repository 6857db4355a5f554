import { STOCK, withOwn } from "../library";
import * as z from "zod";
import { OwnIngredientSchema, OwnRecipeSchema, type OwnIngredient } from "../catalog";
import type { Mix } from "../habitat";
import type { FileProblem } from "./habitatFile";
import { explain } from "./problem";

const FORMAT = "rincon-recipe";
const VERSION = 1;

/** One recipe, with the figures of whatever in it is not in the catalogue. */
const RecipeFileSchema = z.strictObject({
  format: z.literal(FORMAT),
  formatVersion: z.literal(VERSION),
  name: OwnRecipeSchema.shape.name,
  parts: OwnRecipeSchema.shape.parts,
  ingredients: z.array(OwnIngredientSchema).max(60),
});
export type RecipeFile = { name: string; parts: Mix["parts"]; ingredients: OwnIngredient[] };

export type RecipeRead = { ok: true; recipe: RecipeFile } | { ok: false; problem: FileProblem };

/**
 * Prints a recipe as a file. Of the builder's own ingredients only those in it go along.
 *
 * @example printRecipe({ name: "Fernwall soil", parts: [{ ingredientId: "coir", parts: 3 }], ingredients: [] })
 */
export function printRecipe({ name, parts, ingredients }: RecipeFile): string {
  const needed = ingredients.filter((item) => parts.some((part) => part.ingredientId === item.id));
  return `${JSON.stringify({ format: FORMAT, formatVersion: VERSION, name, parts, ingredients: needed }, null, 2)}\n`;
}

const refuse = (problem: FileProblem): RecipeRead => ({ ok: false, problem });

/** Reads a recipe file. @returns the recipe, or why it is refused and which field is to blame; never throws */
export function parseRecipe(text: string): RecipeRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refuse({ code: "file.notJson" });
  }
  const { format, formatVersion } = (typeof raw === "object" && raw !== null ? raw : {}) as {
    format?: unknown;
    formatVersion?: unknown;
  };
  if (format !== FORMAT) return refuse({ code: "file.notOurs" });
  if (typeof formatVersion === "number" && formatVersion > VERSION)
    return refuse({ code: "file.newer", found: formatVersion, known: VERSION });
  const read = RecipeFileSchema.safeParse(raw, { reportInput: true });
  if (!read.success) return refuse(explain(read.error));
  const { name, parts, ingredients } = read.data;
  const known = (id: string): boolean => !!withOwn(STOCK, { ingredients }).find("ingredients", id);
  const [unknown] = parts.flatMap((part, at) => (known(part.ingredientId) ? [] : [{ at, id: part.ingredientId }]));
  if (unknown) return refuse({ code: "file.unknownEntry", path: `parts.${unknown.at}.ingredientId`, id: unknown.id });
  const twice = parts.findIndex(
    (part, at) => parts.findIndex((other) => other.ingredientId === part.ingredientId) < at,
  );
  if (twice >= 0)
    return refuse({
      code: "file.usedTwice",
      path: `parts.${twice}.ingredientId`,
      id: parts[twice]?.ingredientId ?? "",
    });
  return { ok: true, recipe: { name, parts, ingredients } };
}
