import { STOCK } from "@/core/library";
import { expect, it } from "vitest";
import { OwnIngredientSchema, OwnPlantSchema, provenanceOf, type OwnIngredient, type OwnPlant } from "@/core/catalog";
import { alike, withChoice, withFigure } from "./change";

const fern: OwnPlant = { ...STOCK.get("plants", "bostonFern"), id: "ownFern", name: "My fern", basedOn: "bostonFern" };
const { brick: _brick, ...coir } = STOCK.get("ingredients", "coir");
const clay: OwnIngredient = { ...coir, id: "ownClay", name: "Clay", soldAs: "bag" };

it("sets one figure, also one end of a range, and no longer says that the source vouches for it", () => {
  const warmer = withFigure(
    { ...fern, fieldFrom: { temperatureC: { kind: "published", source: "A made-up work" } } },
    "temperatureC.preferred.1",
    27,
  ) as OwnPlant;
  expect(warmer.temperatureC).toEqual({ ...fern.temperatureC, preferred: [fern.temperatureC.preferred[0], 27] });
  expect(provenanceOf(warmer, "temperatureC.preferred.1").kind).toBe("memory");
  expect(OwnPlantSchema.safeParse(warmer).success).toBe(true);
});
it("draws what must follow from a choice along: peat is peat, and what is not safe to dig in says so", () => {
  const peat = withChoice(clay, "matter", "peat") as OwnIngredient;
  expect(peat.peat).toBe("yes");
  const sharp = withChoice(peat, "safeToDig", "false") as OwnIngredient;
  expect(sharp.cautions).toContain("notToDigIn");
  expect((withChoice(sharp, "safeToDig", "true") as OwnIngredient).cautions).not.toContain("notToDigIn");
  expect(OwnIngredientSchema.safeParse(sharp).success).toBe(true);
});
it("sees through the order of the fields, and nothing else", () => {
  expect(alike(fern, Object.fromEntries(Object.entries(fern).toReversed()) as unknown as OwnPlant)).toBe(true);
  expect(alike(fern, { ...fern, nightLowC: fern.nightLowC + 1 })).toBe(false);
  expect(alike(fern, { ...fern, synonyms: [...fern.synonyms, "Another name"] })).toBe(false);
});
