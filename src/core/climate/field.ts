import type { Moisture, Range } from "../catalog";
import type { Shell } from "../habitat";

/** What is found at a place in the box, as ranges over the day: air temperature °C, relative humidity %. */
export type Conditions = { temperatureC: Range; humidityRh: Range };

/** What is found in the ground: its warmth, and how damp it is above and below, as shares of what soil can hold. */
export type GroundConditions = { temperatureC: Range; moisture: { surface: Range; deep: Range } };

/** One half of the day. */
export type Half = "day" | "night";

/** A place in the box, cm from the left, from the front and from the floor's glass. */
type Point = { xCm: number; yCm: number; zCm: number };

/** What a climate rests on: the animal's wish while nothing is chosen that makes one, or a first sizing of what is set up. */
type ClimateSource = "wish" | "sizing";

/**
 * The one climate of a box: whoever asks what is found at a place asks here, and is told on what it rests. Air and ground
 * are asked apart, as what lives in the ground does not feel the air above.
 */
export type Climate = {
  at: (point: Point, half?: Half) => Conditions;
  groundAt: (xCm: number, yCm: number) => GroundConditions;
  source: ClimateSource;
  /** Figures of the animal's entry that the air and the ground were told by; nothing where physics did. */
  decidedBy: { air: readonly string[]; ground: readonly string[] };
  /** Whether a better answer is still being worked out. */
  pending: boolean;
};

/** How damp the ground is kept is the keeper's, who waters it as the animal wants. */
export const GROUND_WISHES = ["soil.surface", "soil.deep"];

/** How much of what it can hold is in soil that a keeper calls dry, slightly moist, moist or wet (from memory). */
export const SOIL_MOISTURE: Record<Moisture, Range> = {
  dry: [0.05, 0.25],
  slightlyMoist: [0.25, 0.45],
  moist: [0.45, 0.8],
  wet: [0.8, 1],
};

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

/** What is found in the ground from end to end, place by place: what lives in it goes where it likes. */
export const inGround = (climate: Pick<Climate, "groundAt">, floor: Floor): GroundConditions[] =>
  ends(floor).map(([xCm, yCm]) => climate.groundAt(xCm, yCm));

/** All that is found in the air close over the ground, end to end. */
export const overFloor = (
  climate: Pick<Climate, "at">,
  floor: Floor,
  surfaceAt: (xCm: number, yCm: number) => number,
): Conditions => joined(ends(floor).map(([xCm, yCm]) => climate.at({ xCm, yCm, zCm: surfaceAt(xCm, yCm) })));
