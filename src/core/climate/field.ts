import type { Animal, Range } from "../catalog";
import type { Shell } from "../habitat";

/** What is found at a place in the box, as ranges over the day: air temperature °C, relative humidity %. */
export type Conditions = { temperatureC: Range; humidityRh: Range };

/**
 * What the climate of a box is at any place, whoever knows it: the animal's band now, a simulation later. Places are cm
 * from the left, from the front and from the floor's glass; air and ground are asked apart, as what lives in the ground
 * does not feel the air above.
 */
export type ClimateField = {
  /** The air at a place over the ground. */
  at: (xCm: number, yCm: number, zCm: number) => Conditions;
  /** The ground at a place, in its upper, living layer. */
  groundAt: (xCm: number, yCm: number) => Conditions;
};

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

/**
 * The climate a box is meant to have: the animal's band, the warm end on the left, the cool end on the right; up high
 * it is warmer and drier, low at the cool end moister. Crew find the whole of the band's humidity in the ground.
 *
 * @param surfaceAt height of the ground at a place, cm
 * @example bandField(animal, shell, ground.surfaceAt).at(10, 20, 30).temperatureC // [24.6, 26.6]
 */
export function bandField(
  { temperatureC, humidityRh }: Pick<Animal, "temperatureC" | "humidityRh">,
  { widthCm, heightCm }: Pick<Shell, "widthCm" | "heightCm">,
  surfaceAt: (xCm: number, yCm: number) => number,
): ClimateField {
  const { warm, cool, basking } = temperatureC;
  const warmthAt = (xCm: number, rises: number): Range => {
    const towardsCool = share(xCm / widthCm);
    return [between(warm[0], cool[0], towardsCool), between(warm[1], cool[1], towardsCool) + rises];
  };
  return {
    at: (xCm, yCm, zCm) => {
      const surfaceCm = surfaceAt(xCm, yCm);
      const high = share((zCm - surfaceCm) / Math.max(1, heightCm - surfaceCm));
      const middle = 0.5 + DRIER_AT_WARM_END * (share(xCm / widthCm) - 0.5) - DRIER_UP_HIGH * high;
      return {
        temperatureC: warmthAt(xCm, basking ? WARMER_UP_HIGH_C * high : 0),
        humidityRh: [within(humidityRh, middle - BAND_HALF), within(humidityRh, middle + BAND_HALF)],
      };
    },
    groundAt: (xCm) => ({ temperatureC: warmthAt(xCm, 0), humidityRh }),
  };
}

const spanOf = (ranges: readonly Range[]): Range => [
  Math.min(...ranges.map(([low]) => low)),
  Math.max(...ranges.map(([, high]) => high)),
];

/** Several conditions as one range of each. */
const joined = (all: readonly Conditions[]): Conditions => ({
  temperatureC: spanOf(all.map((one) => one.temperatureC)),
  humidityRh: spanOf(all.map((one) => one.humidityRh)),
});

type Floor = Pick<Shell, "widthCm" | "depthCm">;
/** From the warm end to the cool end, in the middle of the depth. */
const ends = ({ widthCm, depthCm }: Floor): [number, number][] => [
  [0, depthCm / 2],
  [widthCm / 2, depthCm / 2],
  [widthCm, depthCm / 2],
];

/** All that is found in the ground, end to end. @example overGround(field, shell).humidityRh // [75, 90] */
export const overGround = (field: ClimateField, floor: Floor): Conditions =>
  joined(ends(floor).map(([x, y]) => field.groundAt(x, y)));

/** All that is found in the air close over the ground, end to end. */
export const overFloor = (
  field: ClimateField,
  floor: Floor,
  surfaceAt: (xCm: number, yCm: number) => number,
): Conditions => joined(ends(floor).map(([x, y]) => field.at(x, y, surfaceAt(x, y))));
