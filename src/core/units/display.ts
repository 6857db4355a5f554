import {
  CM2_PER_SQUARE_FOOT,
  M2_PER_SQUARE_FOOT,
  CM_PER_INCH,
  KG_PER_L_PER_POUND_PER_CUBIC_FOOT,
  KG_PER_OUNCE,
  KG_PER_POUND,
  L_PER_CUBIC_FOOT,
  L_PER_US_CUP,
  L_PER_US_DRY_QUART,
  L_PER_US_FLUID_OUNCE,
  L_PER_US_GALLON,
  L_PER_US_LIQUID_QUART,
  celsiusToFahrenheit,
} from "./factors";
import type { MeasureKind, UnitSystem } from "./parse";

/** A quantity ready to print: the figure as text, and the unit's symbol. */
export type Shown = { figure: string; unit: string };

const STEPS_PER_INCH = 16;
const HAIR = 1e-7;

/** Number formats are slow to make and the section shows dozens of figures a frame. */
const formats = new Map<string, Intl.NumberFormat>();
const decimal = (value: number, digits: number, locale: string): string => {
  const key = `${locale}/${digits}`;
  const format =
    formats.get(key) ?? new Intl.NumberFormat(locale, { minimumFractionDigits: digits, maximumFractionDigits: digits });
  formats.set(key, format);
  // Halves go up even when a sum of parts has come out a hair below them: 14.85 L is told as 14.9.
  const scale = 10 ** digits;
  const rounded = (Math.sign(value) * Math.round(Math.abs(value) * scale + HAIR)) / scale;
  return format.format(rounded === 0 ? 0 : rounded);
};

/**
 * Inches as a builder reads them off a tape: whole and sixteenths, reduced.
 *
 * @example inchesOnTape(2.5625) // "2 9/16"
 */
export function inchesOnTape(inches: number): string {
  const sixteenths = Math.round(Math.abs(inches) * STEPS_PER_INCH);
  const sign = inches < 0 && sixteenths > 0 ? "-" : "";
  const whole = Math.floor(sixteenths / STEPS_PER_INCH);
  let over = sixteenths % STEPS_PER_INCH;
  let under = STEPS_PER_INCH;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  if (over === 0) return `${sign}${whole}`;
  return `${sign}${whole === 0 ? "" : `${whole} `}${over}/${under}`;
}

const decimalsFor = (value: number): number => (Math.abs(value) >= 99.95 ? 0 : 1);

type Printer = (value: number, locale: string) => Shown;
/** A figure in one unit, with so many decimals as its size asks for, or as many as are told. */
const plain =
  (unit: string, perUnit: number, digits: (value: number) => number = decimalsFor): Printer =>
  (value, locale) => ({ figure: decimal(value / perUnit, digits(value), locale), unit });
const fixed = (digits: number) => () => digits;

/** The first printer whose least is reached; what is nothing is told in the largest. */
type Step = { least: number; print: Printer };
const bySize =
  (...steps: readonly [Step, ...Step[]]): Printer =>
  (value, locale) => {
    const size = Math.abs(value);
    const step = size === 0 ? steps[0] : (steps.find(({ least }) => size >= least - HAIR) ?? steps.at(-1) ?? steps[0]);
    return step.print(value, locale);
  };
const from = (least: number, print: Printer): Step => ({ least, print });

const litres = plain("L", 1, (value) => (value < 1 ? 2 : decimalsFor(value)));
const millilitres = plain("mL", 0.001, fixed(0));
const cubicFeet = plain("ft³", L_PER_CUBIC_FOOT, fixed(2));
const dryQuarts = plain("dry qt", L_PER_US_DRY_QUART, fixed(1));
const gallons = plain("gal", L_PER_US_GALLON, fixed(2));
const liquidQuarts = plain("qt", L_PER_US_LIQUID_QUART, fixed(1));
const cups = plain("cups", L_PER_US_CUP, fixed(1));
const fluidOunces = plain("fl oz", L_PER_US_FLUID_OUNCE, fixed(1));
const kilograms = plain("kg", 1);
const grams = plain("g", 0.001, fixed(0));
const pounds = plain("lb", KG_PER_POUND);
const ounces = plain("oz", KG_PER_OUNCE, fixed(1));
/** What weighs next to nothing keeps its digits: a frog's brood, a pinch of culture. */
const byDigits = (perUnit: number) => (value: number) => (Math.abs(value / perUnit) >= 10 ? 0 : 1);
const MOST_DIGITS = 4;
/** As many digits as it takes to tell something from nothing. */
const telling =
  (perUnit: number, digits: (value: number) => number) =>
  (value: number): number => {
    const units = Math.abs(value / perUnit);
    const first = units === 0 ? 0 : -Math.floor(Math.log10(units) + HAIR);
    return Math.min(MOST_DIGITS, units < 0.5 * 10 ** -digits(value) ? first : digits(value));
  };
const percent = plain("%", 1, fixed(0));
const celsius = plain("°C", 1, (value) => (Number.isInteger(Math.round(value * 10) / 10) ? 0 : 1));
const fahrenheit: Printer = (value, locale) => ({ figure: decimal(celsiusToFahrenheit(value), 0, locale), unit: "°F" });
const tapeInches: Printer = (value) => ({ figure: inchesOnTape(value / CM_PER_INCH), unit: "in" });
const LEAST_ON_TAPE_CM = CM_PER_INCH / 8;
const HUNDREDTHS_FROM_IN = 0.02;
const thinDigits = telling(CM_PER_INCH, (value) => (value / CM_PER_INCH < HUNDREDTHS_FROM_IN ? 3 : 2));
/** Thinner than a tape tells, inches are told in hundredths or thousandths. */
const thinInches: Printer = (value, locale) =>
  value !== 0 && Math.abs(value) < LEAST_ON_TAPE_CM
    ? { figure: decimal(value / CM_PER_INCH, thinDigits(value), locale), unit: "in" }
    : tapeInches(value, locale);
const millimetres = plain(
  "mm",
  0.1,
  telling(0.1, (value) => (value >= 0.01 && Number.isInteger(Math.round(value * 100) / 10) ? 0 : 1)),
);

type Printers = Record<MeasureKind, Record<UnitSystem, Printer>>;
/** Each kind in the one unit a bare number is read in: what a field shows. */
const IN_FIELDS: Printers = {
  length: { metric: plain("cm", 1), us: tapeInches },
  thin: { metric: millimetres, us: thinInches },
  volume: { metric: litres, us: dryQuarts },
  water: { metric: litres, us: gallons },
  mass: { metric: kilograms, us: pounds },
  smallMass: {
    metric: plain("g", 0.001, telling(0.001, byDigits(0.001))),
    us: plain("oz", KG_PER_OUNCE, telling(KG_PER_OUNCE, fixed(2))),
  },
  density: {
    metric: plain("kg/L", 1, fixed(2)),
    us: plain("lb/ft³", KG_PER_L_PER_POUND_PER_CUBIC_FOOT, fixed(1)),
  },
  onFloor: {
    metric: plain("on 1000 cm²", 1, byDigits(1)),
    us: plain("a ft²", 1000 / CM2_PER_SQUARE_FOOT, byDigits(1)),
  },
  arealMass: {
    metric: plain("kg/m²", 1, byDigits(1)),
    us: plain("lb/ft²", KG_PER_POUND / M2_PER_SQUARE_FOOT, fixed(2)),
  },
  arealVolume: {
    metric: plain("L/m²", 1, byDigits(1)),
    us: plain("qt/ft²", L_PER_US_DRY_QUART / M2_PER_SQUARE_FOOT, fixed(2)),
  },
  perArea: { metric: plain("a m²", 1, byDigits(1)), us: plain("a ft²", 1 / M2_PER_SQUARE_FOOT, fixed(2)) },
  cover: {
    metric: plain("m²/L", 1, byDigits(1)),
    us: plain("ft²/gal", M2_PER_SQUARE_FOOT / L_PER_US_GALLON, fixed(0)),
  },
  temperature: { metric: celsius, us: fahrenheit },
  humidity: { metric: percent, us: percent },
};

/** Each kind in the unit that fits its size: what is said. */
const SAID: Printers = {
  ...IN_FIELDS,
  volume: {
    metric: bySize(from(1, litres), from(0, millilitres)),
    us: bySize(from(L_PER_CUBIC_FOOT, cubicFeet), from(L_PER_US_DRY_QUART, dryQuarts), from(0, cups)),
  },
  water: {
    metric: bySize(from(1, litres), from(0, millilitres)),
    us: bySize(
      from(L_PER_US_GALLON, gallons),
      from(L_PER_US_LIQUID_QUART, liquidQuarts),
      from(L_PER_US_CUP, cups),
      from(0, fluidOunces),
    ),
  },
  mass: {
    metric: bySize(from(1, kilograms), from(0, grams)),
    us: bySize(from(KG_PER_POUND, pounds), from(0, ounces)),
  },
};

/**
 * Prints a quantity held in base units in the chosen system and locale.
 * Lengths in US units are tape inches; loose volumes are cubic feet, dry quarts or cups, water gallons, quarts, cups or
 * fluid ounces, masses pounds or ounces, by their size.
 *
 * @param value in base units: cm, L, kg, °C, % RH
 * @example show(6.5, "length", "us", "en")      // { figure: "2 9/16", unit: "in" }
 * @example show(13.5, "volume", "metric", "en") // { figure: "13.5", unit: "L" }
 */
export const show = (value: number, kind: MeasureKind, system: UnitSystem, locale: string): Shown =>
  SAID[kind][system](value, locale);

/**
 * As {@link show}, but always in the unit a bare number is read in: for fields one types in.
 *
 * @example showTyped(0.25, "volume", "metric", "en") // { figure: "0.25", unit: "L" }
 */
export function showTyped(value: number, kind: MeasureKind, system: UnitSystem, locale: string): Shown {
  const { figure, unit } = IN_FIELDS[kind][system](value, locale);
  return { figure: figure.replaceAll(groupMark(locale), ""), unit };
}

/** What parts thousands: in a field it would be read as a decimal mark, or not at all. */
const groupMark = (locale: string): string =>
  new Intl.NumberFormat(locale).formatToParts(1000).find(({ type }) => type === "group")?.value ?? "";

/** Prints a plain count or share. @example showNumber(27.27, 1, "en") // "27.3" */
export const showNumber = (value: number, digits: number, locale: string): string => decimal(value, digits, locale);
