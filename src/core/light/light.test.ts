import { expect, it } from "vitest";
import { STOCK } from "../library";
import { started } from "../testing";
import { ppfdAt, ppfdFromLumens } from "./index";

it("1000 lx of white LED are 15 µmol/m²/s (Sharakshane 2018); 840 lm grow easy plants in a 20 gal box, 2200 lm in a 36 in one (common practice)", () => {
  expect(ppfdFromLumens(1000, 1)).toBe(15);
  expect(() => ppfdFromLumens(1000, 0)).toThrow("areaM2");
  const onFloor = (lumens: number, widthCm: number, depthCm: number, heightCm: number) => {
    const { shell } = started({ shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" } });
    return ppfdAt(lumens, shell, heightCm - 12);
  };
  const easy = ["goldenPothos", "snakePlant", "heartleafPhilodendron"].map((id) => STOCK.get("plants", id).ppfd);
  for (const ppfd of [onFloor(840, 61, 32, 41), onFloor(2200, 91, 46, 46)])
    for (const { tolerated } of easy) {
      expect(ppfd).toBeGreaterThanOrEqual(tolerated[0]);
      expect(ppfd).toBeLessThan(tolerated[1]);
    }
});
