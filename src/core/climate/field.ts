import type { Animal, Moisture, Range } from "../catalog";
import type { Shell } from "../habitat";

/** What is found at a place in the box, as ranges over the day: air temperature °C, relative humidity %. */
export type Conditions = { temperatureC: Range; humidityRh: Range };

/** What is found in the ground: its warmth, and how damp it is above and below, as shares of what soil can hold. */
export type GroundConditions = { temperatureC: Range; moisture: { surface: Range; deep: Range } };

/** How much of what it can hold is in soil that a keeper calls dry, slightly moist, moist or wet (from memory). */
export const SOIL_MOISTURE: Record<Moisture, Range> = {
  dry: [0.05, 0.25],
  slightlyMoist: [0.25, 0.45],
  moist: [0.45, 0.8],
  wet: [0.8, 1],
};

/**
 * What the climate of a box is at any place, whoever knows it: the animal's band now, a simulation later. Places are cm
 * from the left, from the front and from the floor's glass; air and ground are asked apart, as what lives in the ground
 * does not feel the air above.
 */
export type ClimateField = {
  /** The air at a place over the ground. */
  at: (xCm: number, yCm: number, zCm: number) => Conditions;
  /** The ground at a place. */
  groundAt: (xCm: number, yCm: number) => GroundConditions;
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
 * it is warmer and drier, low at the cool end moister. The ground is as damp as the animal's is to be.
 *
 * @param surfaceAt height of the ground at a place, cm
 * @example bandField(animal, shell, ground.surfaceAt).at(10, 20, 30).temperatureC // [24.6, 26.6]
 */
export function bandField(
  { temperatureC, humidityRh, soil }: Pick<Animal, "temperatureC" | "humidityRh" | "soil">,
  { widthCm, heightCm }: Pick<Shell, "widthCm" | "heightCm">,
  surfaceAt: (xCm: number, yCm: number) => number,
): ClimateField {
  const { warm, cool, baskingAir } = temperatureC;
  const air = humidityRh.day.preferred;
  const moisture = { surface: SOIL_MOISTURE[soil.surface], deep: SOIL_MOISTURE[soil.deep] };
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
        temperatureC: warmthAt(xCm, baskingAir ? WARMER_UP_HIGH_C * high : 0),
        humidityRh: [within(air, middle - BAND_HALF), within(air, middle + BAND_HALF)],
      };
    },
    groundAt: (xCm) => ({ temperatureC: warmthAt(xCm, 0), moisture }),
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

/** All that is found in the ground, end to end. @example overGround(field, shell).moisture.deep // [0.45, 0.8] */
export function overGround(field: ClimateField, floor: Floor): GroundConditions {
  const found = ends(floor).map(([x, y]) => field.groundAt(x, y));
  return {
    temperatureC: spanOf(found.map((one) => one.temperatureC)),
    moisture: {
      surface: spanOf(found.map((one) => one.moisture.surface)),
      deep: spanOf(found.map((one) => one.moisture.deep)),
    },
  };
}

/** All that is found in the air close over the ground, end to end. */
export const overFloor = (
  field: ClimateField,
  floor: Floor,
  surfaceAt: (xCm: number, yCm: number) => number,
): Conditions => joined(ends(floor).map(([x, y]) => field.at(x, y, surfaceAt(x, y))));
