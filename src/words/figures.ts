import { show, showNumber, type MeasureKind, type Shown, type UnitSystem } from "@/core/units";
import { printed } from "./quantities";
import { words } from "./say";

/** Figures in the chosen units and the language at hand. */
export type Figures = {
  /** A quantity in two parts, for columns and key figures. */
  shown: (value: number, kind: MeasureKind) => Shown;
  /** A quantity as one text, for sentences. */
  printed: (value: number, kind: MeasureKind) => string;
  /** A plain number; without digits a whole one stands whole and any other has two decimals. */
  number: (value: number, digits?: number) => string;
};

/** @example figuresIn("us").printed(6.5, "length") // "2 9/16 in" */
export const figuresIn = (system: UnitSystem): Figures => ({
  shown: (value, kind) => show(value, kind, system, words.language),
  printed: (value, kind) => printed(value, kind, system, words.language),
  number: (value, digits = Number.isInteger(value) ? 0 : 2) => showNumber(value, digits, words.language),
});
