import {
  CM_PER_FOOT,
  CM_PER_INCH,
  KG_PER_OUNCE,
  KG_PER_POUND,
  L_PER_CUBIC_FOOT,
  L_PER_US_DRY_QUART,
  L_PER_US_GALLON,
  L_PER_US_LIQUID_QUART,
  fahrenheitToCelsius,
} from "./factors";
import { readNumber } from "./number";

/**
 * The kinds of measure a person can type. `volume` is loose stuff (US dry quarts), `water` is liquid (US liquid
 * quarts).
 */
export type MeasureKind = "length" | "volume" | "water" | "mass" | "temperature" | "humidity";
export type UnitSystem = "metric" | "us";

type MeasureProblem =
  | { code: "measure.empty" }
  | { code: "measure.unreadable"; text: string }
  | { code: "measure.wrongUnit"; text: string; kind: MeasureKind };

export type ParsedMeasure = { ok: true; value: number } | { ok: false; problem: MeasureProblem };

type Unit = { names: readonly string[]; toBase: (value: number) => number };

const times = (factor: number) => (value: number) => value * factor;
const same = (value: number) => value;

const UNITS: Record<MeasureKind, readonly Unit[]> = {
  length: [
    { names: ["mm", "millimetre", "millimetres"], toBase: times(0.1) },
    { names: ["cm", "centimetre", "centimetres"], toBase: same },
    { names: ["m", "metre", "metres"], toBase: times(100) },
    { names: ["in", "inch", "inches", '"', "″", "”"], toBase: times(CM_PER_INCH) },
    { names: ["ft", "foot", "feet", "'", "′", "’"], toBase: times(CM_PER_FOOT) },
  ],
  volume: [
    { names: ["ml"], toBase: times(0.001) },
    { names: ["l", "litre", "litres", "liter", "liters"], toBase: same },
    { names: ["qt", "dry qt", "quart", "quarts"], toBase: times(L_PER_US_DRY_QUART) },
    { names: ["gal", "gallon", "gallons"], toBase: times(L_PER_US_GALLON) },
    { names: ["ft3", "ft³", "cu ft", "cubic foot", "cubic feet"], toBase: times(L_PER_CUBIC_FOOT) },
  ],
  water: [
    { names: ["ml"], toBase: times(0.001) },
    { names: ["l", "litre", "litres", "liter", "liters"], toBase: same },
    { names: ["qt", "quart", "quarts"], toBase: times(L_PER_US_LIQUID_QUART) },
    { names: ["gal", "gallon", "gallons"], toBase: times(L_PER_US_GALLON) },
  ],
  mass: [
    { names: ["g"], toBase: times(0.001) },
    { names: ["kg"], toBase: same },
    { names: ["lb", "lbs", "pound", "pounds"], toBase: times(KG_PER_POUND) },
    { names: ["oz", "ounce", "ounces"], toBase: times(KG_PER_OUNCE) },
  ],
  temperature: [
    { names: ["c", "°c", "° c"], toBase: same },
    { names: ["f", "°f", "° f"], toBase: fahrenheitToCelsius },
  ],
  humidity: [{ names: ["%", "% rh", "%rh", "rh"], toBase: same }],
};

const DEFAULT_UNIT: Record<UnitSystem, Record<MeasureKind, string>> = {
  metric: { length: "cm", volume: "l", water: "l", mass: "kg", temperature: "c", humidity: "%" },
  us: { length: "in", volume: "qt", water: "gal", mass: "lb", temperature: "f", humidity: "%" },
};

const findUnit = (kind: MeasureKind, name: string): Unit | undefined =>
  UNITS[kind].find((unit) => unit.names.includes(name));

const isUnitOfAnotherKind = (kind: MeasureKind, name: string): boolean =>
  (Object.keys(UNITS) as MeasureKind[]).some((other) => other !== kind && findUnit(other, name));

const NUMBER = "-?\\d[\\d.,]*(?:(?:\\s+|-)\\d+\\/\\d+|\\/\\d+|\\s*[¼½¾⅓⅔⅛⅜⅝⅞])?|[¼½¾⅓⅔⅛⅜⅝⅞]|-?[.,]\\d+";

/**
 * Reads one measure as people write it and returns it in base units (cm, L, kg, °C, % RH).
 * A bare number takes the unit of the chosen system. Lengths may be compound: `2 ft 6 in`.
 *
 * @param text what was typed
 * @param kind what is being measured
 * @param system which unit a bare number is in
 * @returns the value in base units, or a typed problem; never throws
 * @example parseMeasure("3 1/2 in", "length", "metric") // { ok: true, value: 8.89 }
 * @example parseMeasure("4 qt", "volume", "metric")     // { ok: true, value: 4.40488… } (US dry quarts)
 */
export function parseMeasure(text: string, kind: MeasureKind, system: UnitSystem): ParsedMeasure {
  const trimmed = text
    .trim()
    .toLowerCase()
    .replace(/\u2212/g, "-");
  if (trimmed === "") return { ok: false, problem: { code: "measure.empty" } };
  const pieces = [...trimmed.matchAll(new RegExp(`(${NUMBER})\\s*([^\\d¼½¾⅓⅔⅛⅜⅝⅞.,-]*)`, "gu"))];
  const covered = pieces.map((piece) => piece[0]).join("");
  if (pieces.length === 0 || covered !== trimmed || (pieces.length > 1 && kind !== "length")) {
    return { ok: false, problem: { code: "measure.unreadable", text } };
  }
  let total = 0;
  for (const piece of pieces) {
    const number = readNumber(piece[1] ?? "");
    if (number === undefined) return { ok: false, problem: { code: "measure.unreadable", text } };
    const named = (piece[2] ?? "").trim().replace(/\.$/, "");
    const unitName = named === "" && pieces.length === 1 ? DEFAULT_UNIT[system][kind] : named;
    const unit = findUnit(kind, unitName);
    if (!unit) {
      const code = isUnitOfAnotherKind(kind, unitName) ? "measure.wrongUnit" : "measure.unreadable";
      return { ok: false, problem: code === "measure.wrongUnit" ? { code, text, kind } : { code, text } };
    }
    total += unit.toBase(number);
  }
  return { ok: true, value: total };
}

type SizeProblem = MeasureProblem | { code: "size.notThree"; text: string };
export type Sized =
  { ok: true; size: [widthCm: number, depthCm: number, heightCm: number] } | { ok: false; problem: SizeProblem };

/**
 * Reads a box size, width × depth × height. A unit after the last figure holds for figures without one.
 *
 * @example parseSize("24 x 18 x 18 in", "metric") // { ok: true, size: [60.96, 45.72, 45.72] }
 * @example parseSize("60×45×45", "metric")        // { ok: true, size: [60, 45, 45] }
 */
export function parseSize(text: string, system: UnitSystem): Sized {
  const parts = text
    .trim()
    .split(/\s*[x×*]\s*(?=[-−.,\d¼½¾⅓⅔⅛⅜⅝⅞]|$)|\s+by\s+/i)
    .map((part) => part.trim());
  if (parts.length !== 3 || parts.some((part) => part === "")) {
    return { ok: false, problem: { code: "size.notThree", text } };
  }
  const lastUnit = /[^\d\s.,/¼½¾⅓⅔⅛⅜⅝⅞-]+\.?$/u.exec(parts[2] ?? "")?.[0] ?? "";
  const size: number[] = [];
  for (const part of parts) {
    const withUnit = /[^\d\s.,/¼½¾⅓⅔⅛⅜⅝⅞-]/u.test(part) ? part : `${part} ${lastUnit}`;
    const measured = parseMeasure(withUnit, "length", system);
    if (!measured.ok) return { ok: false, problem: measured.problem };
    size.push(measured.value);
  }
  return { ok: true, size: size as [number, number, number] };
}
