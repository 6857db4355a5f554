import { STOCK } from "../library";
import { expect, it } from "vitest";
import { type OwnIngredient, type OwnPlant } from "../catalog";
import { dropEntry, EMPTY_SHELF, keepEntry, keepRecipe, restored, type OwnShelf, type Shelved } from "./index";

const { brick: _brick, ...coir } = STOCK.get("ingredients", "coir");
const clay: OwnIngredient = { ...coir, id: "ownClay", name: "Brook clay", soldAs: "gathered" };
const taken = (kept: Shelved): OwnShelf => {
  if (!kept.ok) throw new Error(kept.problem.code);
  return kept.shelf;
};
const shelf = taken(keepEntry(EMPTY_SHELF, "ingredients", clay, ["Play sand"]));

it("keeps an ingredient and its newer figures, once", () => {
  expect(taken(keepEntry(shelf, "ingredients", { ...clay, pH: 7 }, []))).toMatchObject({
    ingredients: [{ id: "ownClay", pH: 7 }],
  });
});
it.each([
  [
    { ...clay, id: "ownB", name: " brook   CLAY " },
    { code: "own.nameTaken", name: "brook   CLAY" },
  ],
  [
    { ...clay, id: "ownB", name: "play sand" },
    { code: "own.nameTaken", name: "play sand" },
  ],
  [
    { ...clay, id: "ownB", name: "<b>" },
    { code: "own.badField", path: "name" },
  ],
  [
    { ...clay, id: "ownB", name: "B", pH: 14 },
    { code: "own.badField", path: "pH" },
  ],
  [
    { ...clay, id: "ownB", name: "B", laid: { ...clay.laid, at1kPaPct: 99 } },
    { code: "own.badField", path: "laid.at1kPaPct" },
  ],
])("refuses what is not sane, by name, and keeps what there was (%#)", (ingredient, problem) => {
  expect(keepEntry(shelf, "ingredients", ingredient, ["Play sand"])).toEqual({ ok: false, problem });
});
it("refuses an empty recipe and one of what is nowhere; an ingredient a recipe needs stays", () => {
  expect(keepRecipe(shelf, { id: "ownR", name: "R", parts: [] }, [])).toMatchObject({
    problem: { code: "own.emptyRecipe" },
  });
  expect(
    keepRecipe(shelf, { id: "ownR", name: "R", parts: [{ ingredientId: "ownGone", parts: 1 }] }, []),
  ).toMatchObject({ problem: { code: "own.unknownIngredient", id: "ownGone" } });
  const withRecipe = taken(
    keepRecipe(shelf, { id: "ownR", name: "Brook soil", parts: [{ ingredientId: "ownClay", parts: 1 }] }, []),
  );
  expect(dropEntry(withRecipe, "ingredients", "ownClay")).toEqual({ shelf: withRecipe, neededBy: ["Brook soil"] });
  expect(dropEntry(shelf, "ingredients", "ownClay")).toEqual({ shelf: EMPTY_SHELF, neededBy: [] });
});

it("a changed plant keeps its origin and goes back to what the library says, under its own name", () => {
  const fern: OwnPlant = {
    ...STOCK.get("plants", "bostonFern"),
    id: "ownFern",
    name: "My fern",
    basedOn: "bostonFern",
    nightLowC: 9,
  };
  const kept = taken(keepEntry(EMPTY_SHELF, "plants", fern, ["Sword fern"]));
  expect(kept.plants[0]).toMatchObject({ nightLowC: 9, basedOn: "bostonFern" });
  expect(restored("plants", fern)).toEqual({
    ...STOCK.find("plants", "bostonFern"),
    id: "ownFern",
    name: "My fern",
    basedOn: "bostonFern",
  });
  expect(restored("plants", { ...fern, basedOn: "goneFern" })).toBeUndefined();
  expect(
    keepEntry(EMPTY_SHELF, "plants", { ...fern, humidityRh: { tolerated: [50, 90], preferred: [40, 80] } }, []),
  ).toMatchObject({ problem: { code: "own.badField" } });
});
