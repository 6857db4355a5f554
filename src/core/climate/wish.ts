import type { Animal, Range } from "../catalog";
import type { Shell } from "../habitat";
import { GROUND_WISHES, SOIL_MOISTURE, type Climate } from "./field";

/**
 * How far the ends and heights of a box lie apart, as shares of the animal's band: from memory, until a climate model
 * knows better.
 */
const DRIER_AT_WARM_END = 0.3;
const DRIER_UP_HIGH = 0.3;
const BAND_HALF = 0.35;
const WARMER_UP_HIGH_C = 2;

const between = (a: number, b: number, share: number): number => a + (b - a) * share;
const share = (value: number): number => Math.min(1, Math.max(0, value));
const within = ([low, high]: Range, part: number): number => between(low, high, share(part));

/** The figures of the animal's entry a wished climate is told by. */
export const WISHED_BY: Climate["decidedBy"] = {
  air: ["temperatureC.warm", "temperatureC.cool", "humidityRh.day"],
  ground: GROUND_WISHES,
};

/**
 * The climate a box is meant to have: the animal's band, the warm end on the left, the cool end on the right; up high
 * it is warmer and drier, low at the cool end moister. The ground is as damp as the animal's is to be.
 *
 * @param surfaceAt height of the ground at a place, cm
 * @example wishedClimate(animal, shell, ground.surfaceAt).at({ xCm: 10, yCm: 20, zCm: 30 }).temperatureC // [24.6, 26.6]
 */
export function wishedClimate(
  { temperatureC, humidityRh, soil }: Pick<Animal, "temperatureC" | "humidityRh" | "soil">,
  { widthCm, heightCm }: Pick<Shell, "widthCm" | "heightCm">,
  surfaceAt: (xCm: number, yCm: number) => number,
): Climate {
  const { warm, cool, baskingAir } = temperatureC;
  const air = humidityRh.day.preferred;
  const moisture = { surface: SOIL_MOISTURE[soil.surface], deep: SOIL_MOISTURE[soil.deep] };
  const warmthAt = (xCm: number, rises: number): Range => {
    const towardsCool = share(xCm / widthCm);
    return [between(warm[0], cool[0], towardsCool), between(warm[1], cool[1], towardsCool) + rises];
  };
  return {
    at: ({ xCm, yCm, zCm }) => {
      const surfaceCm = surfaceAt(xCm, yCm);
      const high = share((zCm - surfaceCm) / Math.max(1, heightCm - surfaceCm));
      const middle = 0.5 + DRIER_AT_WARM_END * (share(xCm / widthCm) - 0.5) - DRIER_UP_HIGH * high;
      return {
        temperatureC: warmthAt(xCm, baskingAir ? WARMER_UP_HIGH_C * high : 0),
        humidityRh: [within(air, middle - BAND_HALF), within(air, middle + BAND_HALF)],
      };
    },
    groundAt: (xCm) => ({ temperatureC: warmthAt(xCm, 0), moisture }),
    source: "wish",
    decidedBy: WISHED_BY,
    pending: false,
  };
}
