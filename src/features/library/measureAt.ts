import type { MeasureKind } from "@/core/units";

/** A figure of an entry that is a measure: its kind, and what its number is in base units. */
export type FigureMeasure = { kind: MeasureKind; perBase: number; limits: { min: number; max: number } };

const LENGTHS = { min: 0, max: 1000 };
const THIN = { min: 0, max: 100 };
const LITRES = { min: 0, max: 1000 };
const KILOGRAMS = { min: 0, max: 1000 };
const GRAMS = { min: 0, max: 300 };
const DENSITIES = { min: 0, max: 12 };
const COUNTS = { min: 0, max: 1_000_000 };
const WARMTHS = { min: -40, max: 90 };
const SHARES = { min: 0, max: 100 };

/** By the ending of a name on a figure's path; limits in base units are what is sane for a thing in a vivarium. */
const KINDS: readonly [ending: RegExp, measure: FigureMeasure][] = [
  [/(?<!Within|accuracy|Set)C$/, { kind: "temperature", perBase: 1, limits: WARMTHS }],
  [/Rh$/, { kind: "humidity", perBase: 1, limits: SHARES }],
  [/Cm$/, { kind: "length", perBase: 1, limits: LENGTHS }],
  [/Mm$|^mm$/, { kind: "thin", perBase: 0.1, limits: THIN }],
  [/^kgPerM2PerCm$/, { kind: "density", perBase: 0.1, limits: DENSITIES }],
  [/^densityKgPerM3$/, { kind: "density", perBase: 0.001, limits: DENSITIES }],
  [/^kgPerM2$/, { kind: "arealMass", perBase: 1, limits: COUNTS }],
  [/^fibreLPerM2$/, { kind: "arealVolume", perBase: 1, limits: COUNTS }],
  [/^(cartridges|starts)PerM2$/, { kind: "perArea", perBase: 1, limits: COUNTS }],
  [/^m2PerL$/, { kind: "cover", perBase: 1, limits: COUNTS }],
  [/^foamLPerCan$/, { kind: "volume", perBase: 1, limits: LITRES }],
  [/KgPerL$|^kgPerL$/, { kind: "density", perBase: 1, limits: DENSITIES }],
  [/Per1000Cm2$/, { kind: "onFloor", perBase: 1, limits: COUNTS }],
  [/^massG$/, { kind: "smallMass", perBase: 0.001, limits: GRAMS }],
  [/^dryKg$/, { kind: "mass", perBase: 1, limits: KILOGRAMS }],
  [/^(waterL|litres|forLitres)$/, { kind: "water", perBase: 1, limits: LITRES }],
  [/^makesL$/, { kind: "volume", perBase: 1, limits: LITRES }],
];

/**
 * Which measure a figure is, by its path; undefined for plain numbers, whose label says what they count.
 *
 * @example measureAt("temperatureC.warm.0")?.kind // "temperature"
 */
export function measureAt(path: string): FigureMeasure | undefined {
  const keys = path.split(".").filter((key) => !/^\d+$/.test(key));
  return KINDS.find(([ending]) => keys.some((key) => ending.test(key)))?.[1];
}
