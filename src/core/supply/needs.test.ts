import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import { applyAll } from "../habitat";
import { blend } from "../mix";
import { ground } from "../strata";
import { scene, started } from "../testing";
import { needs } from "./index";
import { pantryOf } from "../mix";

const PANTRY = pantryOf(STOCK);

const habitat = applyAll(
  started(),
  [
    { name: "addLayer", args: { layer: { id: "soil-2", kind: "soil", mixId: "mix-2", frontCm: 3, backCm: 3 } } },
    { name: "takeRecipe", args: { mixId: "mix-2", recipeId: "peatFreeForest" } },
    { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
    { name: "addPlant", args: { id: "b", plantId: "nervePlant", xCm: 20, yCm: 10 } },
  ],
  STOCK,
);
const list = needs(scene(habitat));
const amountOf = (id: string) => list.find((need) => need.id === id)?.amount;

describe("what a habitat is built from", () => {
  it("has the settling allowance on loose media: 5 % of what is poured for clay pebbles, 6 cm over 60 x 45", () => {
    expect(amountOf("clayPebbles")).toEqual({ kind: "loose", looseL: expect.closeTo(16.2 / 0.95, 10) });
  });
  it("adds one ingredient up over both lifts, each thing standing once", () => {
    const soils = ground(habitat, STOCK).levels.filter((level) => level.kind === "soil");
    const soilLitres = list
      .filter((need) => need.shelf === "ingredients")
      .reduce((sum, need) => sum + (need.amount.kind === "loose" ? need.amount.looseL : 0), 0);
    const measured = soils.reduce((sum, level) => {
      const layer = habitat.strata.layers.find((other) => other.id === level.layerId)!;
      const lostPct =
        layer.kind === "soil" ? blend(habitat.mixes.find((mix) => mix.id === layer.mixId)!.parts, PANTRY)!.lostPct : 0;
      return sum + level.looseL / (1 - lostPct / 100);
    }, 0);
    expect(soilLitres).toBeCloseTo(measured, 8);
    expect(new Set(list.map((need) => need.id)).size).toBe(list.length);
  });
  it("counts plants and cuts the sheet with its turn-ups", () => {
    expect(amountOf("nervePlant")).toEqual({ kind: "pieces", count: 2 });
    expect(amountOf("insectScreen")).toEqual({ kind: "sheet", widthCm: 65, depthCm: 50 });
  });
  it("has what the walls, a false bottom, zones and pieces are built from, each in its own unit", () => {
    const built = applyAll(
      habitat,
      [
        {
          name: "setTreatment",
          args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
        },
        { name: "setTreatment", args: { wall: "left", treatmentId: "corkPanel", thicknessCm: 2 } },
        { name: "removeLayers", args: { layerIds: ["drainage-1"] } },
        {
          name: "addLayer",
          args: { layer: { id: "grid", kind: "falseBottom", materialId: "diffuserGrid", depthCm: 7 } },
        },
        {
          name: "addZone",
          args: {
            id: "z",
            name: "Z",
            points: [
              [2, 0],
              [20, 0],
              [20, 40],
              [2, 40],
            ],
            retaining: { kindId: "corkWall", thicknessCm: 3, heightCm: 12 },
          },
        },
        {
          name: "addPiece",
          args: {
            id: "t",
            kindId: "corkTube",
            xCm: 40,
            yCm: 20,
            turnDeg: 0,
            widthCm: 14,
            depthCm: 14,
            heightCm: 30,
            rest: { on: "glass" },
            fillMixId: "mix-1",
          },
        },
      ],
      STOCK,
    );
    const land = ground(built, STOCK);
    const all = needs(scene(built));
    const amount = (id: string) => all.find((need) => need.id === id)?.amount;
    expect(amount("foamCan")).toEqual({ kind: "pieces", count: Math.ceil((60 * 60 * 5) / 0.65 / 1000 / 18) });
    expect(amount("corkSheet")).toEqual({ kind: "sheet", widthCm: 44.7, depthCm: 59.7 });
    expect(amount("diffuserGrid")).toEqual({ kind: "sheet", widthCm: 58, depthCm: 40 });
    expect(amount("legPipe")).toEqual({ kind: "length", lengthCm: expect.closeTo(land.legs[0]!.pipeCm, 8) });
    expect(amount("corkWall")).toEqual({ kind: "pieces", count: 1 });
    // The tube is filled with the lift's own mix: 2.9 L of it, with its settling, on top of what lies on the floor.
    const lift = land.levels.find((level) => level.layerId === "soil-1")!;
    const parts = built.mixes[0]!.parts.reduce(
      (sum, { ingredientId }) =>
        sum +
        (all.find((need) => need.id === ingredientId && need.amount.kind === "loose")?.amount as { looseL: number })
          .looseL,
      0,
    );
    expect(parts).toBeGreaterThan(lift.looseL + land.fillingL);
  });
});
