import {
  CM2_PER_SQUARE_FOOT,
  M2_PER_SQUARE_FOOT,
  CM_PER_FOOT,
  CM_PER_INCH,
  KG_PER_L_PER_POUND_PER_CUBIC_FOOT,
  KG_PER_OUNCE,
  KG_PER_POUND,
  L_PER_CUBIC_FOOT,
  L_PER_CUBIC_INCH,
  L_PER_CUBIC_YARD,
  L_PER_US_CUP,
  L_PER_US_DRY_QUART,
  L_PER_US_FLUID_OUNCE,
  L_PER_US_GALLON,
  L_PER_US_LIQUID_QUART,
  L_PER_US_PINT,
  fahrenheitToCelsius,
} from "./factors";
import { readNumber } from "./number";

/**
 * The kinds of measure a person can type. `volume` is loose stuff (US dry quarts), `water` is liquid (US liquid
 * quarts), `smallMass` what is told in grams or ounces, `thin` a length told in millimetres, `density` kg a litre,
 * `onFloor` a number on 1000 cm² of floor; `arealMass` kg, `arealVolume` litres and `perArea` a number on a square
 * metre, `cover` the square metres a litre covers.
 */
export type MeasureKind =
  | "length"
  | "thin"
  | "volume"
  | "water"
  | "mass"
  | "smallMass"
  | "density"
  | "onFloor"
  | "arealMass"
  | "arealVolume"
  | "perArea"
  | "cover"
  | "temperature"
  | "humidity";
export type UnitSystem = "metric" | "us";

type MeasureProblem =
  | { code: "measure.empty" }
  | { code: "measure.unreadable"; text: string }
  | { code: "measure.wrongUnit"; text: string; kind: MeasureKind };

export type ParsedMeasure = { ok: true; value: number } | { ok: false; problem: MeasureProblem };

type Unit = { names: readonly string[]; toBase: (value: number) => number };

const times = (factor: number) => (value: number) => value * factor;
const same = (value: number) => value;

const LENGTHS: readonly Unit[] = [
  { names: ["mm", "millimetre", "millimetres"], toBase: times(0.1) },
  { names: ["cm", "centimetre", "centimetres"], toBase: same },
  { names: ["m", "metre", "metres"], toBase: times(100) },
  { names: ["in", "inch", "inches", '"', "″", "”"], toBase: times(CM_PER_INCH) },
  { names: ["ft", "foot", "feet", "'", "′", "’"], toBase: times(CM_PER_FOOT) },
];
const MASSES: readonly Unit[] = [
  { names: ["g", "gram", "grams"], toBase: times(0.001) },
  { names: ["kg", "kilo", "kilos", "kilogram", "kilograms"], toBase: same },
  { names: ["lb", "lbs", "pound", "pounds"], toBase: times(KG_PER_POUND) },
  { names: ["oz", "ounce", "ounces"], toBase: times(KG_PER_OUNCE) },
];
/** Cups, pints and fluid ounces are the same for dry stuff and for water in a kitchen. */
const OF_THE_KITCHEN: readonly Unit[] = [
  { names: ["ml", "cc", "millilitre", "millilitres", "milliliter", "milliliters"], toBase: times(0.001) },
  { names: ["fl oz", "floz", "fl. oz", "fluid ounce", "fluid ounces"], toBase: times(L_PER_US_FLUID_OUNCE) },
  { names: ["cup", "cups"], toBase: times(L_PER_US_CUP) },
  { names: ["pt", "pint", "pints"], toBase: times(L_PER_US_PINT) },
];

const UNITS: Record<MeasureKind, readonly Unit[]> = {
  length: LENGTHS,
  thin: LENGTHS,
  volume: [
    ...OF_THE_KITCHEN,
    { names: ["l", "litre", "litres", "liter", "liters"], toBase: same },
    { names: ["qt", "dry qt", "quart", "quarts", "dry quart", "dry quarts"], toBase: times(L_PER_US_DRY_QUART) },
    { names: ["liq qt", "liquid quart", "liquid quarts"], toBase: times(L_PER_US_LIQUID_QUART) },
    { names: ["gal", "gallon", "gallons"], toBase: times(L_PER_US_GALLON) },
    { names: ["in3", "in³", "cu in", "cu. in", "cubic inch", "cubic inches"], toBase: times(L_PER_CUBIC_INCH) },
    { names: ["ft3", "ft³", "cu ft", "cu. ft", "cubic foot", "cubic feet"], toBase: times(L_PER_CUBIC_FOOT) },
    { names: ["yd3", "yd³", "cu yd", "cu. yd", "cubic yard", "cubic yards"], toBase: times(L_PER_CUBIC_YARD) },
    { names: ["m3", "m³", "cubic metre", "cubic metres"], toBase: times(1000) },
  ],
  water: [
    ...OF_THE_KITCHEN,
    { names: ["l", "litre", "litres", "liter", "liters"], toBase: same },
    { names: ["qt", "liq qt", "quart", "quarts", "liquid quart"], toBase: times(L_PER_US_LIQUID_QUART) },
    { names: ["gal", "gallon", "gallons"], toBase: times(L_PER_US_GALLON) },
  ],
  mass: MASSES,
  smallMass: MASSES,
  density: [
    { names: ["kg/l", "g/ml", "kg a litre"], toBase: same },
    { names: ["lb/ft3", "lb/ft³", "lb/cu ft"], toBase: times(KG_PER_L_PER_POUND_PER_CUBIC_FOOT) },
  ],
  onFloor: [
    { names: ["on 1000 cm²"], toBase: same },
    { names: ["a ft²"], toBase: times(1000 / CM2_PER_SQUARE_FOOT) },
  ],
  arealMass: [
    { names: ["kg/m²", "kg/m2"], toBase: same },
    { names: ["lb/ft²", "lb/ft2"], toBase: times(KG_PER_POUND / M2_PER_SQUARE_FOOT) },
  ],
  arealVolume: [
    { names: ["l/m²", "l/m2"], toBase: same },
    { names: ["qt/ft²", "qt/ft2"], toBase: times(L_PER_US_DRY_QUART / M2_PER_SQUARE_FOOT) },
  ],
  perArea: [
    { names: ["a m²", "a m2"], toBase: same },
    { names: ["a ft²", "a ft2"], toBase: times(1 / M2_PER_SQUARE_FOOT) },
  ],
  cover: [
    { names: ["m²/l", "m2/l"], toBase: same },
    { names: ["ft²/gal", "ft2/gal"], toBase: times(M2_PER_SQUARE_FOOT / L_PER_US_GALLON) },
  ],
  temperature: [
    { names: ["c", "°c", "° c"], toBase: same },
    { names: ["f", "°f", "° f"], toBase: fahrenheitToCelsius },
  ],
  humidity: [{ names: ["%", "% rh", "%rh", "rh"], toBase: same }],
};

const DEFAULT_UNIT: Record<UnitSystem, Record<MeasureKind, string>> = {
  metric: {
    length: "cm",
    thin: "mm",
    volume: "l",
    water: "l",
    mass: "kg",
    smallMass: "g",
    density: "kg/l",
    onFloor: "on 1000 cm²",
    arealMass: "kg/m²",
    arealVolume: "l/m²",
    perArea: "a m²",
    cover: "m²/l",
    temperature: "c",
    humidity: "%",
  },
  us: {
    length: "in",
    thin: "in",
    volume: "qt",
    water: "gal",
    mass: "lb",
    smallMass: "oz",
    density: "lb/ft3",
    onFloor: "a ft²",
    arealMass: "lb/ft²",
    arealVolume: "qt/ft²",
    perArea: "a ft²",
    cover: "ft²/gal",
    temperature: "f",
    humidity: "%",
  },
};

/** Told in two steps: `2 ft 6 in`, `3 lb 4 oz`. */
const COMPOUND: readonly MeasureKind[] = ["length", "mass", "smallMass"];

const findUnit = (kind: MeasureKind, name: string): Unit | undefined =>
  UNITS[kind].find((unit) => unit.names.includes(name));

const isUnitOfAnotherKind = (kind: MeasureKind, name: string): boolean =>
  (Object.keys(UNITS) as MeasureKind[]).some((other) => other !== kind && findUnit(other, name));

/** What follows a number, up to the next one; `ft3` and `fl. oz` are names too. */
const NAME = "(?:(?:lb\\s*\\/\\s*)?(?:in|ft|yd|m)3(?!\\d)|(?:fl|cu)\\. (?:oz|ft|in|yd)|[^\\d¼½¾⅓⅔⅛⅜⅝⅞.,-]*)";
const NUMBER = "-?\\d[\\d.,]*(?:(?:\\s+|-)\\d+\\/\\d+|\\/\\d+|\\s*[¼½¾⅓⅔⅛⅜⅝⅞])?|[¼½¾⅓⅔⅛⅜⅝⅞]|-?[.,]\\d+";

type Read = { value: number } | { problem: "measure.unreadable" | "measure.wrongUnit" };

/** One figure with its unit, in base units; loose stuff also by weight, where it is known what a litre weighs. */
function readPiece(number: number, unitName: string, kind: MeasureKind, kgPerL: number | undefined): Read {
  const unit = findUnit(kind, unitName);
  if (unit) return { value: unit.toBase(number) };
  const weighed = kind === "volume" && kgPerL !== undefined ? findUnit("mass", unitName) : undefined;
  if (weighed && kgPerL !== undefined) return { value: weighed.toBase(number) / kgPerL };
  return { problem: isUnitOfAnotherKind(kind, unitName) ? "measure.wrongUnit" : "measure.unreadable" };
}

/**
 * Reads one measure as people write it and returns it in base units (cm, L, kg, °C, % RH).
 * A bare number takes the unit of the chosen system. Lengths and masses may be compound: `2 ft 6 in`, `3 lb 4 oz`.
 *
 * @param text what was typed
 * @param kind what is being measured
 * @param system which unit a bare number is in
 * @param kgPerL of loose stuff: what a litre weighs, so that a weight can be told in its place
 * @returns the value in base units, or a typed problem; never throws
 * @example parseMeasure("3 1/2 in", "length", "metric") // { ok: true, value: 8.89 }
 * @example parseMeasure("4 qt", "volume", "metric")     // { ok: true, value: 4.40488… } (US dry quarts)
 * @example parseMeasure("50 lb", "volume", "us", 1.6)   // { ok: true, value: 14.17… }
 */
export function parseMeasure(text: string, kind: MeasureKind, system: UnitSystem, kgPerL?: number): ParsedMeasure {
  const trimmed = text
    .trim()
    .toLowerCase()
    .replace(/\u2212/g, "-");
  if (trimmed === "") return { ok: false, problem: { code: "measure.empty" } };
  const unreadable: ParsedMeasure = { ok: false, problem: { code: "measure.unreadable", text } };
  const pieces = [...trimmed.matchAll(new RegExp(`(${NUMBER})\\s*(${NAME})`, "gu"))];
  const covered = pieces.map((piece) => piece[0]).join("");
  if (pieces.length === 0 || covered !== trimmed) return unreadable;
  if (pieces.length > 1 && !COMPOUND.includes(kind)) return unreadable;
  let total = 0;
  for (const [, figure = "", name = ""] of pieces) {
    const number = readNumber(figure);
    if (number === undefined) return unreadable;
    const named = name.trim().replace(/\.$/, "");
    const unitName = named === "" && pieces.length === 1 ? DEFAULT_UNIT[system][kind] : named;
    const read = readPiece(number, unitName, kind, kgPerL);
    if ("problem" in read)
      return read.problem === "measure.wrongUnit"
        ? { ok: false, problem: { code: read.problem, text, kind } }
        : unreadable;
    total += read.value;
  }
  return { ok: true, value: total };
}

const BETWEEN = /\s*[x×*]\s*(?=[-−.,\d¼½¾⅓⅔⅛⅜⅝⅞]|$)|\s+by\s+/i;
/** Three plain figures with nothing but gaps between them: `36 18 12 in`, `60, 45, 45`, `60cm 45cm 45cm`. */
const FIGURE = "(\\d+(?:\\.\\d+)?\\s*(?:mm|cm|m|in|inch|inches|ft|feet|[\"″”'′’])?)";
const THREE_PLAIN = new RegExp(`^${FIGURE}[\\s,;/]+${FIGURE}[\\s,;/]+${FIGURE}$`, "iu");

function sizeParts(text: string): string[] {
  const plain = THREE_PLAIN.exec(text);
  return (plain ? plain.slice(1) : text.split(BETWEEN)).map((part) => part.trim());
}

type SizeProblem = MeasureProblem | { code: "size.notThree"; text: string };
export type Sized =
  { ok: true; size: [widthCm: number, depthCm: number, heightCm: number] } | { ok: false; problem: SizeProblem };

/**
 * Reads a box size, width × depth × height. A unit after one figure holds for figures without one.
 *
 * @example parseSize("24 x 18 x 18 in", "metric") // { ok: true, size: [60.96, 45.72, 45.72] }
 * @example parseSize("60×45×45", "metric")        // { ok: true, size: [60, 45, 45] }
 */
export function parseSize(text: string, system: UnitSystem): Sized {
  const parts = sizeParts(text.trim());
  if (parts.length !== 3 || parts.some((part) => part === "")) {
    return { ok: false, problem: { code: "size.notThree", text } };
  }
  const unitOf = (part: string | undefined): string => /[^\d\s.,/¼½¾⅓⅔⅛⅜⅝⅞-]+\.?$/u.exec(part ?? "")?.[0] ?? "";
  // One unit holds for all that have none, wherever it was written.
  const lastUnit = [2, 1, 0].map((at) => unitOf(parts[at])).find((unit) => unit !== "") ?? "";
  const size: number[] = [];
  for (const part of parts) {
    const withUnit = /[^\d\s.,/¼½¾⅓⅔⅛⅜⅝⅞-]/u.test(part) ? part : `${part} ${lastUnit}`;
    const measured = parseMeasure(withUnit, "length", system);
    if (!measured.ok) return { ok: false, problem: measured.problem };
    size.push(measured.value);
  }
  return { ok: true, size: size as [number, number, number] };
}
