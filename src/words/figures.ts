import { show, showNumber, type MeasureKind, type Shown, type UnitSystem } from "@/core/units";
import type { Range } from "@/core/catalog";
import { printed } from "./quantities";
import { ranged } from "./ranged";
import { words } from "./say";

/** Figures in the chosen units and the language at hand. */
export type Figures = {
  system: UnitSystem;
  /** A quantity in two parts, for columns and key figures. */
  shown: (value: number, kind: MeasureKind) => Shown;
  /** A quantity as one text, for sentences. */
  printed: (value: number, kind: MeasureKind) => string;
  /** A plain number; without digits a whole one stands whole and any other has two decimals. */
  number: (value: number, digits?: number) => string;
  /** Two ends of a quantity as one text. */
  range: (range: Range, kind: MeasureKind) => string;
  /** Two plain numbers as one text. */
  numbers: (range: Range, digits?: number) => string;
};

/** @example figuresIn("us").range([6.5, 8], "length") // "2 9/16 – 3 1/8 in" */
export function figuresIn(system: UnitSystem): Figures {
  const print = (value: number, kind: MeasureKind) => printed(value, kind, system, words.language);
  const number = (value: number, digits = Number.isInteger(value) ? 0 : 2) => showNumber(value, digits, words.language);
  return {
    system,
    shown: (value, kind) => show(value, kind, system, words.language),
    printed: print,
    number,
    range: ([low, high], kind) => ranged(print(low, kind), print(high, kind)),
    numbers: ([low, high], digits) => ranged(number(low, digits), number(high, digits)),
  };
}
