import { expect, it } from "vitest";
import { entry, type OwnIngredient } from "../catalog";
import { dropIngredient, EMPTY_SHELF, keepIngredient, keepRecipe, type Kept, type OwnShelf } from "./index";

const { brick: _brick, ...coir } = entry("ingredients", "coir");
const clay: OwnIngredient = { ...coir, id: "ownClay", name: "Brook clay", soldAs: "gathered" };
const taken = (kept: Kept): OwnShelf => {
  if (!kept.ok) throw new Error(kept.problem.code);
  return kept.shelf;
};
const shelf = taken(keepIngredient(EMPTY_SHELF, clay, ["Play sand"]));

it("keeps an ingredient and its newer figures, once", () => {
  expect(taken(keepIngredient(shelf, { ...clay, pH: 7 }, []))).toMatchObject({ ingredients: [{ id: "ownClay", pH: 7 }] });
});
it.each([
  [{ ...clay, id: "ownB", name: " brook   CLAY " }, { code: "own.nameTaken", name: "brook   CLAY" }],
  [{ ...clay, id: "ownB", name: "play sand" }, { code: "own.nameTaken", name: "play sand" }],
  [{ ...clay, id: "ownB", name: "<b>" }, { code: "own.badField", path: "name" }],
  [{ ...clay, id: "ownB", name: "B", pH: 14 }, { code: "own.badField", path: "pH" }],
  [{ ...clay, id: "ownB", name: "B", waterHeldPct: 99 }, { code: "own.badField", path: "waterHeldPct" }],
])("refuses what is not sane, by name, and keeps what there was (%#)", (ingredient, problem) => {
  expect(keepIngredient(shelf, ingredient, ["Play sand"])).toEqual({ ok: false, problem });
});
it("refuses an empty recipe and one of what is nowhere; an ingredient a recipe needs stays", () => {
  expect(keepRecipe(shelf, { id: "ownR", name: "R", parts: [] }, [])).toMatchObject({ problem: { code: "own.emptyRecipe" } });
  expect(keepRecipe(shelf, { id: "ownR", name: "R", parts: [{ ingredientId: "ownGone", parts: 1 }] }, [])).toMatchObject({ problem: { code: "own.unknownIngredient", id: "ownGone" } });
  const withRecipe = taken(keepRecipe(shelf, { id: "ownR", name: "Brook soil", parts: [{ ingredientId: "ownClay", parts: 1 }] }, []));
  expect(dropIngredient(withRecipe, "ownClay")).toEqual({ shelf: withRecipe, neededBy: ["Brook soil"] });
  expect(dropIngredient(shelf, "ownClay")).toEqual({ shelf: EMPTY_SHELF, neededBy: [] });
});
