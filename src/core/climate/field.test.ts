import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { inGround, overFloor, SOIL_MOISTURE } from "./field";
import { wishedClimate } from "./wish";

const shell = { widthCm: 60, depthCm: 45, heightCm: 60 };
const surfaceAt = (xCm: number) => 10 + xCm / 20;
const anyAnimal = fc.constantFrom(...STOCK.all("animals"));
const across = fc.double({ min: 0, max: 60, noNaN: true });
const up = fc.double({ min: 15, max: 60, noNaN: true });

describe("the climate a box is meant to have", () => {
  it("is never outside what the animal bears in humidity, and cools from the warm end to the cool end", () => {
    fc.assert(
      fc.property(anyAnimal, across, across, up, (animal, xCm, otherCm, zCm) => {
        const field = wishedClimate(animal, shell, surfaceAt);
        const { humidityRh, temperatureC } = field.at({ xCm, yCm: 20, zCm });
        const [low, high] = animal.humidityRh.day.preferred;
        expect(humidityRh[0]).toBeGreaterThanOrEqual(low - 1e-9);
        expect(humidityRh[1]).toBeLessThanOrEqual(high + 1e-9);
        expect(humidityRh[0]).toBeLessThanOrEqual(humidityRh[1]);
        expect(temperatureC[0]).toBeLessThanOrEqual(temperatureC[1]);
        const [left, right] = [Math.min(xCm, otherCm), Math.max(xCm, otherCm)];
        const { warm, cool } = animal.temperatureC;
        if (warm[0] >= cool[0])
          expect(field.groundAt(left, 20).temperatureC[0]).toBeGreaterThanOrEqual(
            field.groundAt(right, 20).temperatureC[0] - 1e-9,
          );
      }),
    );
  });

  it("is moister low at the cool end than high at the warm end, and the ground is as damp as the animal wants it", () => {
    fc.assert(
      fc.property(anyAnimal, (animal) => {
        const field = wishedClimate(animal, shell, surfaceAt);
        const [low, high] = [
          field.at({ xCm: 60, yCm: 20, zCm: surfaceAt(60) }),
          field.at({ xCm: 0, yCm: 20, zCm: shell.heightCm }),
        ];
        expect(low.humidityRh[0]).toBeGreaterThanOrEqual(high.humidityRh[0]);
        expect(low.humidityRh[1]).toBeGreaterThanOrEqual(high.humidityRh[1]);
        expect(field.groundAt(30, 20).moisture).toEqual({
          surface: SOIL_MOISTURE[animal.soil.surface],
          deep: SOIL_MOISTURE[animal.soil.deep],
        });
      }),
    );
  });

  it("end to end is the span of what is found at its places: both ends lie in it", () => {
    fc.assert(
      fc.property(anyAnimal, across, (animal, xCm) => {
        const field = wishedClimate(animal, shell, surfaceAt);
        const air = overFloor(field, shell, surfaceAt);
        const soil = inGround(field, shell);
        const here = field.at({ xCm, yCm: 22, zCm: surfaceAt(xCm) });
        expect(air.temperatureC[0]).toBeLessThanOrEqual(here.temperatureC[0] + 1e-9);
        expect(air.temperatureC[1]).toBeGreaterThanOrEqual(here.temperatureC[1] - 1e-9);
        expect(soil.map(({ moisture }) => moisture.deep)).toEqual(soil.map(() => SOIL_MOISTURE[animal.soil.deep]));
      }),
    );
  });
});
