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

/**
 * Prints a quantity held in base units in the chosen system and locale.
 * Lengths in US units are tape inches; loose volumes are dry quarts (cubic feet from one up); water is gallons.
 *
 * @param value in base units: cm, L, kg, °C, % RH
 * @example show(6.5, "length", "us", "en")      // { figure: "2 9/16", unit: "in" }
 * @example show(13.5, "volume", "metric", "en") // { figure: "13.5", unit: "L" }
 */
export function show(value: number, kind: MeasureKind, system: UnitSystem, locale: string): Shown {
  const us = system === "us";
  switch (kind) {
    case "length":
      return us
        ? { figure: inchesOnTape(value / CM_PER_INCH), unit: "in" }
        : { figure: decimal(value, decimalsFor(value), locale), unit: "cm" };
    case "volume": {
      if (!us) return { figure: decimal(value, value < 1 ? 2 : decimalsFor(value), locale), unit: "L" };
      const cubicFeet = value / L_PER_CUBIC_FOOT;
      return cubicFeet >= 1
        ? { figure: decimal(cubicFeet, 2, locale), unit: "ft³" }
        : { figure: decimal(value / L_PER_US_DRY_QUART, 1, locale), unit: "qt" };
    }
    case "water":
      return us
        ? { figure: decimal(value / L_PER_US_GALLON, 2, locale), unit: "gal" }
        : { figure: decimal(value, value < 1 ? 2 : decimalsFor(value), locale), unit: "L" };
    case "mass":
      return us
        ? { figure: decimal(value / KG_PER_POUND, decimalsFor(value), locale), unit: "lb" }
        : { figure: decimal(value, decimalsFor(value), locale), unit: "kg" };
    case "temperature":
      return us
        ? { figure: decimal(celsiusToFahrenheit(value), 0, locale), unit: "°F" }
        : { figure: decimal(value, Number.isInteger(Math.round(value * 10) / 10) ? 0 : 1, locale), unit: "°C" };
    case "humidity":
      return { figure: decimal(value, 0, locale), unit: "%" };
  }
}

/** Prints a plain count or share. @example showNumber(27.27, 1, "en") // "27.3" */
export const showNumber = (value: number, digits: number, locale: string): string => decimal(value, digits, locale);
