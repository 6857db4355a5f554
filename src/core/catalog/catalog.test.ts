import { describe, expect, it } from "vitest";
import type { z } from "zod";
import {
  AnimalSchema, BarrierSchema, BoxBuildSchema, BoxSizeSchema, CrewSchema, DrainageSchema, DressingSchema, IngredientSchema, MixTargetSchema, PlantSchema, ProvenanceSchema,
  FalseBottomSchema, GearSchema, PieceKindSchema, RecipeSchema, SupplySchema, TradeRuleSchema, WallFinishSchema, WallTreatmentSchema, catalog, figuresOf, findEntry, mixTargets, provenanceOf, tradeRules,
} from "./index";

const schemas = {
  animals: AnimalSchema, plants: PlantSchema, crew: CrewSchema, ingredients: IngredientSchema, drainageMedia: DrainageSchema,
  barriers: BarrierSchema, dressings: DressingSchema, recipes: RecipeSchema,
  boxBuilds: BoxBuildSchema, boxSizes: BoxSizeSchema,
  falseBottoms: FalseBottomSchema, wallTreatments: WallTreatmentSchema, wallFinishes: WallFinishSchema, pieceKinds: PieceKindSchema, supplies: SupplySchema, gear: GearSchema,
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

  it("scientific names stand once each, and no synonym is another entry's name", () => {
    const named = [...catalog.animals, ...catalog.plants, ...catalog.crew];
    const names = named.map((item) => item.scientificName);
    expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([]);
    const synonyms = named.flatMap((item) => item.synonyms);
    expect(synonyms.filter((name, at) => names.includes(name) || synonyms.indexOf(name) !== at)).toEqual([]);
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

  it("ingredients hold at least 40 kinds, and what is told of one thing twice agrees", () => {
    expect(catalog.ingredients.length).toBeGreaterThanOrEqual(40);
    for (const item of catalog.ingredients) {
      expect(item.peat, item.id).toBe(item.matter === "peat");
      expect(item.cautions.includes("notToDigIn"), item.id).toBe(!item.safeToDig);
      // Dry matter of a litre cannot be heavier than its solids: organic 1.55, mineral 2.65 kg/L and a little clay (textbook densities, from memory).
      const solid = (100 - item.totalPorosityPct) / 100;
      expect(item.looseKgPerL / solid, item.id).toBeLessThan(2.85);
      expect(item.looseKgPerL / solid, item.id).toBeGreaterThan(0.3);
    }
  });

  it("a coir brick of 650 g drinks 3.8 L and gives 7 to 9 L in at least 10 minutes (common practice)", () => {
    expect(findEntry("ingredients", "coir")?.brick).toEqual({ dryKg: 0.65, waterL: 3.8, makesL: [7, 9], soakMin: 10 });
    const coir = findEntry("ingredients", "coir")!;
    // Eight loose litres weigh about what the brick did.
    expect(8 * coir.looseKgPerL).toBeCloseTo(0.65, 0);
  });

  it("targets of soils hold to their schema; the forest's yardstick is De Boodt & Verdonck's ideal medium", () => {
    for (const target of Object.values(mixTargets)) {
      expect(() => MixTargetSchema.parse(target)).not.toThrow();
      for (const figure of figuresOf(target)) expect(ProvenanceSchema.safeParse(provenanceOf(target, figure.path)).success).toBe(true);
    }
    expect([mixTargets.humidForest.easyWater, mixTargets.humidForest.air]).toEqual([[20, 30], [20, 30]]);
    expect(provenanceOf(mixTargets.humidForest, "air.0").kind).toBe("published");
  });

  it("recipes use ingredients that exist", () => {
    for (const recipe of catalog.recipes) {
      for (const { ingredientId } of recipe.parts) expect(findEntry("ingredients", ingredientId), ingredientId).toBeDefined();
    }
  });
});
