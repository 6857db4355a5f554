import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import type { z } from "zod";
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
import { stock } from "./stock";

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
        const value = field
          .split(".")
          .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], item);
        expect(value, `${item.id}.${field}`).toBeDefined();
      }
    }
    for (const [key, rule] of Object.entries(tradeRules)) expect(TradeRuleSchema.parse(rule).id).toBe(key);
  });

  it("scientific names stand once each, and no synonym is another entry's name", () => {
    const named = [...STOCK.all("animals"), ...STOCK.all("plants"), ...STOCK.all("crew")];
    const names = named.map((item) => item.scientificName);
    expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([]);
    const synonyms = named.flatMap((item) => item.synonyms);
    expect(synonyms.filter((name, at) => names.includes(name) || synonyms.indexOf(name) !== at)).toEqual([]);
  });

  it("animals make sense against themselves: no cool above warm, no night above basking, basking above warm", () => {
    for (const animal of STOCK.all("animals")) {
      const { basking, warm, cool, night } = animal.temperatureC;
      expect(cool[0], animal.id).toBeLessThanOrEqual(warm[0]);
      expect(cool[1], animal.id).toBeLessThanOrEqual(warm[1]);
      expect(night[1], animal.id).toBeLessThanOrEqual((basking ?? warm)[1]);
      if (basking) expect(basking[0], animal.id).toBeGreaterThanOrEqual(warm[0]);
    }
  });

  it("is a reference: at least 70 animals of every kind people keep, 150 plants of every kind, 25 crew species, 40 kinds of gear", () => {
    expect([
      STOCK.all("animals").length >= 70,
      STOCK.all("plants").length >= 150,
      STOCK.all("crew").length >= 25,
      STOCK.all("gear").length >= 40,
    ]).toEqual([true, true, true, true]);
    expect(new Set(STOCK.all("animals").map(({ kind }) => kind))).toEqual(new Set(ANIMAL_KINDS));
    expect(new Set(STOCK.all("plants").map(({ kind }) => kind))).toEqual(new Set(PLANT_KINDS));
    expect(new Set(STOCK.all("crew").map(({ group }) => group))).toEqual(new Set(CREW_GROUPS));
    expect(new Set(STOCK.all("gear").map(({ purpose }) => purpose))).toEqual(new Set(GEAR_PURPOSES));
  });

  it("animals lie in the UV zones of Baines et al. 2016 (Journal of Zoo and Aquarium Research 4(1)); the assignments are recalled and want checking", () => {
    const zones: Record<number, readonly string[]> = {
      1: [
        "dyeingPoisonFrog",
        "greenBlackPoisonFrog",
        "yellowBandedPoisonFrog",
        "goldenPoisonFrog",
        "mimicPoisonFrog",
        "goldenMantella",
        "tomatoFrog",
        "chacoHornedFrog",
        "africanBullfrog",
        "redEyedTreeFrog",
        "milkFrog",
        "fireSalamander",
        "crestedGecko",
        "gargoyleGecko",
        "leafTailedGecko",
        "tokayGecko",
        "leopardGecko",
        "fatTailedGecko",
        "crocodileSkink",
        "rosyBoa",
        "amazonTreeBoa",
        "royalPython",
        "greenTreePython",
        "cornSnake",
      ],
      2: ["greenTreeFrog", "greenAnole", "gartersnake", "monkeyTailedSkink", "roughGreenSnake"],
      3: [
        "waxyMonkeyFrog",
        "giantDayGecko",
        "veiledChameleon",
        "pantherChameleon",
        "blueTonguedSkink",
        "beardedDragon",
        "waterDragon",
      ],
      4: ["saharanSpinyTail", "ackieMonitor"],
    };
    for (const [zone, ids] of Object.entries(zones))
      for (const id of ids) expect(STOCK.find("animals", id)?.uvZone, id).toBe(Number(zone));
    expect(Object.values(zones).flat().length).toBeGreaterThanOrEqual(30);
    for (const item of STOCK.all("animals"))
      expect(provenanceOf(item, "uvZone"), item.id).toMatchObject({
        kind: "memory",
        note: expect.stringContaining("Baines"),
      });
  });

  it("animals, plants and crew make sense beside one another: damp places by night, wet feet in damp air, who lives alone alone", () => {
    for (const animal of STOCK.all("animals")) {
      const { id, humidityRh, nightHumidityRh, box, company, climate, group, cautions, temperatureC } = animal;
      expect(nightHumidityRh[0], id).toBeGreaterThanOrEqual(humidityRh[0]);
      expect(nightHumidityRh[1], id).toBeGreaterThanOrEqual(humidityRh[1]);
      expect(box.mostTogether === 1 || company !== "alone" || box.mostTogether <= 3, id).toBe(true);
      if (climate === "arid") expect(humidityRh[1], id).toBeLessThanOrEqual(55);
      if (climate === "humidForest") expect(humidityRh[1], id).toBeGreaterThanOrEqual(65);
      expect(cautions.includes("quarantineVet"), id).toBe(group !== "invertebrate");
      if (temperatureC.basking) expect(cautions, id).toContain("heat");
    }
    for (const plant of STOCK.all("plants")) {
      if (plant.feet === "wet") expect(plant.humidityRh.preferred[1], plant.id).toBeGreaterThanOrEqual(90);
      if (plant.kind === "bromeliad" && plant.place === "wood") expect(plant.rootDepthCm, plant.id).toBe(0);
      if (plant.eaten === "toxic" || plant.eaten === "irritant") expect(plant.cautions, plant.id).toContain("sap");
      expect(plant.boughtShare * plant.grownHeightCm, plant.id).toBeGreaterThan(0.5);
    }
    for (const species of STOCK.all("crew")) expect(species.cautions, species.id).toContain("neverRelease");
  });

  it("ingredients hold at least 40 kinds, and what is told of one thing twice agrees", () => {
    expect(STOCK.all("ingredients").length).toBeGreaterThanOrEqual(40);
    for (const item of STOCK.all("ingredients")) {
      expect(item.peat, item.id).toBe(item.matter === "peat");
      expect(item.cautions.includes("notToDigIn"), item.id).toBe(!item.safeToDig);
      // Dry matter of a litre cannot be heavier than its solids: organic 1.55, mineral 2.65 kg/L and a little clay
      // (textbook densities, from memory).
      const solid = (100 - item.totalPorosityPct) / 100;
      expect(item.looseKgPerL / solid, item.id).toBeLessThan(2.85);
      expect(item.looseKgPerL / solid, item.id).toBeGreaterThan(0.3);
    }
  });

  it("a coir brick of 650 g drinks 3.8 L and gives 7 to 9 L in at least 10 minutes (common practice)", () => {
    expect(STOCK.find("ingredients", "coir")?.brick).toEqual({ dryKg: 0.65, waterL: 3.8, makesL: [7, 9], soakMin: 10 });
    const coir = STOCK.find("ingredients", "coir")!;
    // Eight loose litres weigh about what the brick did.
    expect(8 * coir.looseKgPerL).toBeCloseTo(0.65, 0);
  });

  it("targets of soils hold to their schema; the forest's yardstick is De Boodt & Verdonck's ideal medium", () => {
    for (const target of Object.values(mixTargets)) {
      expect(() => MixTargetSchema.parse(target)).not.toThrow();
      for (const figure of figuresOf(target))
        expect(ProvenanceSchema.safeParse(provenanceOf(target, figure.path)).success).toBe(true);
    }
    expect([mixTargets.humidForest.easyWater, mixTargets.humidForest.air]).toEqual([
      [20, 30],
      [20, 30],
    ]);
    expect(provenanceOf(mixTargets.humidForest, "air.0").kind).toBe("published");
  });

  it("recipes use ingredients that exist", () => {
    for (const recipe of STOCK.all("recipes")) {
      for (const { ingredientId } of recipe.parts)
        expect(STOCK.find("ingredients", ingredientId), ingredientId).toBeDefined();
    }
  });
});
