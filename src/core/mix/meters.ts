import type { Range } from "../catalog";
import { heldPct, type Bed, type Blend } from "./blend";

/** What a mix is judged by, in the order a builder asks. */
export const METERS = [
  "water",
  "easyWater",
  "air",
  "drains",
  "dryKg",
  "wetKg",
  "acid",
  "nutrients",
  "burrow",
  "crewFood",
  "lasts",
  "dust",
  "price",
  "peat",
] as const;
export type MeterId = (typeof METERS)[number];

/** The meters that tell what a soil does: two mixes that read alike here stand in for one another. */
export const DOES = [
  "water",
  "easyWater",
  "air",
  "drains",
  "wetKg",
  "acid",
  "nutrients",
  "burrow",
  "crewFood",
  "lasts",
] as const satisfies readonly MeterId[];
export type Does = (typeof DOES)[number];

/**
 * A reading; undefined where it cannot be told. Lasting goes no further than its scale: what never halves stands at its
 * end.
 */
export type Readings = Record<Exclude<MeterId, "price">, number> & { price: number | undefined };

/** The ends of each scale: per cent of volume, class, kg a litre, pH, level, kPa, months, money a litre. */
export const SCALES: Record<MeterId, Range> = {
  water: [0, 80],
  easyWater: [0, 40],
  air: [0, 60],
  drains: [0, 5],
  dryKg: [0, 1.8],
  wetKg: [0, 2],
  acid: [3.5, 9],
  nutrients: [0, 5],
  burrow: [0, 20],
  crewFood: [0, 5],
  lasts: [0, 60],
  dust: [0, 5],
  price: [0, 3],
  peat: [0, 100],
};

/**
 * Reads the meters of a mix where it lies: water, air and soaked weight hang on how deep its bed is.
 *
 * @example readMeters(blend(parts, pantry)!, { footCm: 0, depthCm: 10 }).air // 27
 */
export function readMeters(mixture: Blend, bed: Bed, pricePerL?: number): Readings {
  const water = heldPct(mixture, bed);
  return {
    water,
    easyWater: mixture.easyWaterPct,
    air: mixture.totalPorosityPct - water,
    drains: mixture.conductivity,
    dryKg: mixture.kgPerL,
    wetKg: mixture.kgPerL + water / 100,
    acid: mixture.pH,
    nutrients: mixture.nutrients,
    burrow: mixture.cohesionKPa,
    crewFood: mixture.crewFood,
    lasts: Math.min(mixture.halvesInMonths ?? Infinity, SCALES.lasts[1]),
    dust: mixture.dust,
    price: pricePerL,
    peat: mixture.peatPct,
  };
}

/** Where each meter should stand; a meter without a range is only told. */
export type Aims = Partial<Record<MeterId, Readonly<Range>>>;

export type Standing = "in" | "below" | "above" | "free";

/** How a reading stands to its range. @example standing(12, [20, 30]) // "below" */
export function standing(value: number, range: Readonly<Range> | undefined): Standing {
  if (!range) return "free";
  return value < range[0] ? "below" : value > range[1] ? "above" : "in";
}

/** How far a mix is off, meter by meter and in all, as a share of the scales, 0 to 1. */
export type Distance = { whole: number; by: Partial<Record<Does, number>>; most: Does | undefined };

/**
 * How far readings are from where they should stand: for each meter that tells what a soil does and has an aim, how far
 * outside its range, as a share of the meter's scale; in all, their mean. Every meter weighs the same.
 *
 * @returns most: the meter that is furthest off; undefined when nothing is
 * @example distance(readings, aimsAt(otherReadings)).whole // 0.06
 */
export function distance(readings: Readings, aims: Aims): Distance {
  const by = Object.fromEntries(
    DOES.flatMap((id) => {
      const range = aims[id];
      if (!range) return [];
      const value = Math.min(readings[id], SCALES[id][1]);
      const off = Math.max(0, range[0] - value, value - range[1]);
      return [[id, off / (SCALES[id][1] - SCALES[id][0])]];
    }),
  ) as Distance["by"];
  const entries = Object.entries(by) as [Does, number][];
  const whole = entries.length > 0 ? entries.reduce((sum, [, off]) => sum + off, 0) / entries.length : 0;
  const most = entries.toSorted(([, a], [, b]) => b - a)[0];
  return { whole, by, most: most && most[1] > 0 ? most[0] : undefined };
}

/** Aims that ask for exactly what another mix reads, within the scales. @example distance(r, aimsAt(r)).whole // 0 */
export const aimsAt = (readings: Readings): Aims =>
  Object.fromEntries(DOES.map((id) => [id, [clamp(id, readings[id]), clamp(id, readings[id])]]));

const clamp = (id: MeterId, value: number): number => Math.min(SCALES[id][1], Math.max(SCALES[id][0], value));
