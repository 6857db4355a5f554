import { describe, expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { ground } from "../strata";
import { needs } from "./index";

const habitat = applyAll(
  startHabitat({
    id: "h", name: "Fernwall", createdAt: "2026-01-05T08:00:00Z", startOn: "2026-01-05", animalId: "crocodileSkink", count: 2,
    room: { temperatureC: 21, humidityRh: 45 }, shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
  }),
  [
    { name: "addLayer", args: { layer: { id: "soil-2", kind: "soil", mixId: "mix-2", frontCm: 3, backCm: 3 } } },
    { name: "takeRecipe", args: { mixId: "mix-2", recipeId: "peatFreeForest" } },
    { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
    { name: "addPlant", args: { id: "b", plantId: "nervePlant", xCm: 20, yCm: 10 } },
  ],
);
const list = needs(habitat);
const amountOf = (id: string) => list.find((need) => need.id === id)?.amount;

describe("what a habitat is built from", () => {
  it("has the settling allowance on loose media (10 % for clay pebbles, common practice)", () => {
    expect(amountOf("clayPebbles")).toEqual({ kind: "loose", looseL: expect.closeTo(13.5 * 1.1, 10) });
  });
  it("adds one ingredient up over both lifts, each thing standing once", () => {
    const soils = ground(habitat).levels.filter((level) => level.kind === "soil");
    const soilLitres = list.filter((need) => need.shelf === "ingredients").reduce((sum, need) => sum + (need.amount.kind === "loose" ? need.amount.looseL : 0), 0);
    expect(soilLitres).toBeCloseTo(soils.reduce((sum, level) => sum + level.looseL, 0), 8);
    expect(new Set(list.map((need) => need.id)).size).toBe(list.length);
  });
  it("counts plants and cuts the sheet with its turn-ups", () => {
    expect(amountOf("nervePlant")).toEqual({ kind: "pieces", count: 2 });
    expect(amountOf("insectScreen")).toEqual({ kind: "sheet", widthCm: 65, depthCm: 50 });
  });
});
