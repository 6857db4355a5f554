import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import type * as z from "zod";
import {
  ANIMAL_KINDS,
  CREW_GROUPS,
  GEAR_PURPOSES,
  PLANT_KINDS,
  AnimalSchema,
  BarrierSchema,
  BoxBuildSchema,
  BoxSizeSchema,
  CrewSchema,
  DrainageSchema,
  DressingSchema,
  IngredientSchema,
  MixTargetSchema,
  PlantSchema,
  ProvenanceSchema,
  FalseBottomSchema,
  GearSchema,
  PieceKindSchema,
  RecipeSchema,
  SupplySchema,
  TradeRuleSchema,
  WallFinishSchema,
  WallTreatmentSchema,
  figuresOf,
  mixTargets,
  provenanceOf,
  tradeRules,
} from "./index";
import { wholeStock as stock } from "./whole";

const schemas = {
  animals: AnimalSchema,
  plants: PlantSchema,
  crew: CrewSchema,
  ingredients: IngredientSchema,
  drainageMedia: DrainageSchema,
  barriers: BarrierSchema,
  dressings: DressingSchema,
  recipes: RecipeSchema,
  boxBuilds: BoxBuildSchema,
  boxSizes: BoxSizeSchema,
  falseBottoms: FalseBottomSchema,
  wallTreatments: WallTreatmentSchema,
  wallFinishes: WallFinishSchema,
  pieceKinds: PieceKindSchema,
  supplies: SupplySchema,
  gear: GearSchema,
} satisfies Record<keyof typeof stock, z.ZodType>;
const valueAt = (item: object, path: string): unknown =>
  path.split(".").reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], item);
const kinds = Object.keys(stock) as (keyof typeof stock)[];

describe("the catalogue", () => {
  it.each(kinds)("%s hold to their schema, each id once", (kind) => {
    for (const item of STOCK.all(kind)) expect(() => schemas[kind].parse(item), item.id).not.toThrow();
    expect(new Set(STOCK.all(kind).map((item) => item.id)).size).toBe(STOCK.all(kind).length);
  });

  it("every figure has a provenance, and every override names a field that is there", () => {
    for (const item of [...kinds.flatMap((kind) => [...STOCK.all(kind)]), ...Object.values(tradeRules)]) {
      for (const figure of figuresOf(item))
        expect(ProvenanceSchema.safeParse(provenanceOf(item, figure.path)).success).toBe(true);
      const overrides = "fieldFrom" in item ? Object.keys(item.fieldFrom ?? {}) : [];
      for (const field of overrides) {
        expect(valueAt(item, field), `${item.id}.${field}`).toBeDefined();
      }
    }
    for (const kind of kinds)
      for (const { id, unsure = [], ...item } of STOCK.all(kind))
        for (const path of unsure) expect(valueAt(item, path), `${kind}.${id}: unsure of ${path}`).toBeDefined();
    for (const [key, rule] of Object.entries(tradeRules)) expect(TradeRuleSchema.parse(rule).id).toBe(key);
  });

  it("scientific names stand once each, and no synonym is another entry's name", () => {
    const named = [...STOCK.all("animals"), ...STOCK.all("plants"), ...STOCK.all("crew")];
    const names = named.map((item) => item.scientificName);
    expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([]);
    // A name that was split may be the old one of several.
    expect(named.flatMap((item) => item.synonyms).filter((name) => names.includes(name))).toEqual([]);
  });

  it("is a reference: at least 240 animals of every kind people keep, 260 plants, 65 crew species, 80 kinds of gear, 76 ingredients, 21 recipes", () => {
    const least = { animals: 240, plants: 260, crew: 65, gear: 80, ingredients: 76, recipes: 21 } as const;
    for (const [kind, count] of Object.entries(least))
      expect(STOCK.all(kind as keyof typeof least).length, kind).toBeGreaterThanOrEqual(count);
    expect(new Set(STOCK.all("animals").map(({ kind }) => kind))).toEqual(new Set(ANIMAL_KINDS));
    expect(new Set(STOCK.all("plants").map(({ kind }) => kind))).toEqual(new Set(PLANT_KINDS));
    expect(new Set(STOCK.all("crew").map(({ group }) => group))).toEqual(new Set(CREW_GROUPS));
    expect(new Set(STOCK.all("gear").map(({ purpose }) => purpose))).toEqual(new Set(GEAR_PURPOSES));
  });

  it("targets of soils hold to their schema; the forest's hold no more easy water and no less air than De Boodt & Verdonck's ideal", () => {
    for (const target of Object.values(mixTargets)) {
      expect(() => MixTargetSchema.parse(target)).not.toThrow();
      for (const figure of figuresOf(target))
        expect(ProvenanceSchema.safeParse(provenanceOf(target, figure.path)).success).toBe(true);
    }
    expect([mixTargets.humidForest.easyWater[1], mixTargets.humidForest.air[0]]).toEqual([30, 20]);
    expect(provenanceOf(mixTargets.humidForest, "easyWater.1").kind).toBe("published");
    expect(provenanceOf(mixTargets.humidForest, "easyWater.0").kind).toBe("memory");
  });

  it("recipes use ingredients that exist", () => {
    for (const recipe of STOCK.all("recipes")) {
      for (const { ingredientId } of recipe.parts)
        expect(STOCK.find("ingredients", ingredientId), ingredientId).toBeDefined();
    }
  });
});
