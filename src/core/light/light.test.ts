import { expect, it } from "vitest";
import { fitted } from "../gear";
import { STOCK } from "../library";
import { made, started } from "../testing";
import { plantLamps, ppfdAtPlace, ppfdFromLumens } from "./index";

it("1000 lx of white LED are 15 µmol/m²/s (Sharakshane 2018); 840 lm grow easy plants in a 20 gal box, 2200 lm in a 36 in one (common practice)", () => {
  expect(ppfdFromLumens(1000, 1)).toBe(15);
  expect(() => ppfdFromLumens(1000, 0)).toThrow("areaM2");
  const underLamp = (lumens: number, widthCm: number, depthCm: number, heightCm: number) => {
    const bare = started({ shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" } });
    const { gear, shell } = made(bare, {
      name: "addGear",
      args: { id: "led", kindId: "ledBar", lumens, xCm: widthCm / 2, yCm: depthCm / 2 },
    });
    const lamps = plantLamps(fitted(gear, STOCK), shell, () => 12);
    return ppfdAtPlace(lamps, { xCm: widthCm / 2, yCm: depthCm / 2, zCm: 12 })[0];
  };
  const easy = ["goldenPothos", "snakePlant", "heartleafPhilodendron"].map((id) => STOCK.get("plants", id).ppfd);
  for (const ppfd of [underLamp(840, 61, 32, 41), underLamp(2200, 91, 46, 46)])
    for (const { tolerated } of easy) {
      expect(ppfd).toBeGreaterThanOrEqual(tolerated[0]);
      expect(ppfd).toBeLessThan(tolerated[1]);
    }
});
