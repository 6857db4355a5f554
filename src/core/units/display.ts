import {
  CM_PER_INCH,
  KG_PER_POUND,
  L_PER_CUBIC_FOOT,
  L_PER_US_DRY_QUART,
  L_PER_US_GALLON,
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

const litres = plain("L", 1, (value) => (value < 1 ? 2 : decimalsFor(value)));
const cubicFeet = plain("ft³", L_PER_CUBIC_FOOT, fixed(2));
const dryQuarts = plain("qt", L_PER_US_DRY_QUART, fixed(1));
const percent = plain("%", 1, fixed(0));
const celsius = plain("°C", 1, (value) => (Number.isInteger(Math.round(value * 10) / 10) ? 0 : 1));
const fahrenheit: Printer = (value, locale) => ({ figure: decimal(celsiusToFahrenheit(value), 0, locale), unit: "°F" });
const tapeInches: Printer = (value) => ({ figure: inchesOnTape(value / CM_PER_INCH), unit: "in" });

const PRINTERS: Record<MeasureKind, Record<UnitSystem, Printer>> = {
  length: { metric: plain("cm", 1), us: tapeInches },
  volume: {
    metric: litres,
    us: (value, locale) => (value >= L_PER_CUBIC_FOOT ? cubicFeet(value, locale) : dryQuarts(value, locale)),
  },
  water: { metric: litres, us: plain("gal", L_PER_US_GALLON, fixed(2)) },
  mass: { metric: plain("kg", 1), us: plain("lb", KG_PER_POUND) },
  temperature: { metric: celsius, us: fahrenheit },
  humidity: { metric: percent, us: percent },
};

/**
 * Prints a quantity held in base units in the chosen system and locale.
 * Lengths in US units are tape inches; loose volumes are dry quarts (cubic feet from one up); water is gallons.
 *
 * @param value in base units: cm, L, kg, °C, % RH
 * @example show(6.5, "length", "us", "en")      // { figure: "2 9/16", unit: "in" }
 * @example show(13.5, "volume", "metric", "en") // { figure: "13.5", unit: "L" }
 */
export const show = (value: number, kind: MeasureKind, system: UnitSystem, locale: string): Shown =>
  PRINTERS[kind][system](value, locale);

/** Prints a plain count or share. @example showNumber(27.27, 1, "en") // "27.3" */
export const showNumber = (value: number, digits: number, locale: string): string => decimal(value, digits, locale);
