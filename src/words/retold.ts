import { roughly, type MeasureKind } from "@/core/units";
import type { Figures } from "./figures";
import { ranged } from "./ranged";

const KINDS: Readonly<Record<string, MeasureKind>> = { "°C": "temperature", cm: "length", mm: "thin", kg: "mass" };
const CM_PER_MM = 0.1;
const FIGURE = /(\d+(?:\.\d+)?)(?:(?:[-–]| to )(\d+(?:\.\d+)?))?\s(°C|cm|mm|kg)(?![A-Za-z])(\s(?:warmer|cooler))?/g;

/** A difference of temperatures has no zero to start from. */
const difference = (degreesC: number, { printed }: Figures): string => {
  const [none = "", more = ""] = [0, degreesC].map((value) => printed(value, "temperature"));
  const [from, to] = [none, more].map((text) => Number(/-?[\d.]+/.exec(text)?.[0]));
  return more.replace(/-?[\d.]+/, String(Number(((to ?? 0) - (from ?? 0)).toFixed(1))));
};

/** A note tells lengths as one would by eye: whole inches, and quarters of a few. */
function endSaid(text: string, unit: string, { printed, system }: Figures): string {
  const value = Number(text);
  if (unit === "mm") return printed(value * CM_PER_MM, "thin");
  const asSaid = unit === "cm" && system === "us" ? roughly(value, system) : value;
  return printed(asSaid, KINDS[unit]!);
}

/**
 * A note with its temperatures, lengths and masses in the chosen units. Notes are written in °C, cm, mm and kg; what an
 * animal or a dose weighs stays in grams, as scales tell it.
 *
 * @example retold("a soil 7-12 cm deep", figuresIn("us")) // "a soil 2 3/4 – 4 3/4 in deep"
 */
export const retold = (note: string, figures: Figures): string =>
  note
    .replace(FIGURE, (_all, low: string, high: string | undefined, unit: string, compared: string | undefined) => {
      if (compared) return difference(Number(low), figures) + compared;
      const [first, last] = [low, high ?? low].map((end) => endSaid(end, unit, figures));
      return ranged(first!, last!);
    })
    .replaceAll(/(\d)-(?=\d)/g, "$1–");
