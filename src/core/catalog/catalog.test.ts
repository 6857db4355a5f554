import { describe, expect, it } from "vitest";
import type { z } from "zod";
import {
  AnimalSchema, BarrierSchema, BoxBuildSchema, BoxSizeSchema, CrewSchema, DrainageSchema, DressingSchema, IngredientSchema, PlantSchema, ProvenanceSchema,
  FalseBottomSchema, PieceKindSchema, RecipeSchema, SupplySchema, TradeRuleSchema, WallFinishSchema, WallTreatmentSchema, catalog, figuresOf, findEntry, provenanceOf, tradeRules,
} from "./index";

const schemas = {
  animals: AnimalSchema, plants: PlantSchema, crew: CrewSchema, ingredients: IngredientSchema, drainageMedia: DrainageSchema,
  barriers: BarrierSchema, dressings: DressingSchema, recipes: RecipeSchema,
  boxBuilds: BoxBuildSchema, boxSizes: BoxSizeSchema,
  falseBottoms: FalseBottomSchema, wallTreatments: WallTreatmentSchema, wallFinishes: WallFinishSchema, pieceKinds: PieceKindSchema, supplies: SupplySchema,
} satisfies Record<keyof typeof catalog, z.ZodType>;
const kinds = Object.keys(catalog) as (keyof typeof catalog)[];

describe("the catalogue", () => {
  it.each(kinds)("%s hold to their schema, each id once", (kind) => {
    for (const item of catalog[kind]) expect(() => schemas[kind].parse(item), item.id).not.toThrow();
    expect(new Set(catalog[kind].map((item) => item.id)).size).toBe(catalog[kind].length);
  });

  it("every figure has a provenance, and every override names a field that is there", () => {
    for (const item of [...kinds.flatMap((kind) => [...catalog[kind]]), ...Object.values(tradeRules)]) {
      for (const figure of figuresOf(item)) expect(ProvenanceSchema.safeParse(provenanceOf(item, figure.path)).success).toBe(true);
      const overrides = "fieldFrom" in item ? Object.keys(item.fieldFrom ?? {}) : [];
      for (const field of overrides) {
        const value = field.split(".").reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], item);
        expect(value, `${item.id}.${field}`).toBeDefined();
      }
    }
    for (const [key, rule] of Object.entries(tradeRules)) expect(TradeRuleSchema.parse(rule).id).toBe(key);
  });

  it("scientific names are a genus and a species, once each", () => {
    const named = [...catalog.animals, ...catalog.plants, ...catalog.crew];
    for (const item of named) expect(item.scientificName).toMatch(/^[A-Z][a-z]+ [a-z]+$/);
    expect(new Set(named.map((item) => item.scientificName)).size).toBe(named.length);
  });

  it("animals make sense against themselves: no cool above warm, no night above basking, basking above warm", () => {
    for (const animal of catalog.animals) {
      const { basking, warm, cool, night } = animal.temperatureC;
      expect(cool[0], animal.id).toBeLessThanOrEqual(warm[0]);
      expect(cool[1], animal.id).toBeLessThanOrEqual(warm[1]);
      expect(night[1], animal.id).toBeLessThanOrEqual((basking ?? warm)[1]);
      if (basking) expect(basking[0], animal.id).toBeGreaterThanOrEqual(warm[0]);
    }
  });

  it("recipes use ingredients that exist", () => {
    for (const recipe of catalog.recipes) {
      for (const { ingredientId } of recipe.parts) expect(findEntry("ingredients", ingredientId), ingredientId).toBeDefined();
    }
  });
});
