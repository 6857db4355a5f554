import type { MeasureKind } from "@/core/units";
import type { Figures } from "./figures";

const KINDS: Readonly<Record<string, MeasureKind>> = { "°C": "temperature", cm: "length", mm: "thin", kg: "mass" };
const CM_PER_MM = 0.1;
const RANGE = /(\d+(?:\.\d+)?)(?:[-–](\d+(?:\.\d+)?))?\s(°C|cm|mm|kg)(?![A-Za-z])(\s(?:warmer|cooler))?/g;

/** A difference of temperatures has no zero to start from. */
const difference = (degreesC: number, { printed }: Figures): string => {
  const [none = "", more = ""] = [0, degreesC].map((value) => printed(value, "temperature"));
  const [from, to] = [none, more].map((text) => Number(/-?[\d.]+/.exec(text)?.[0]));
  return more.replace(/-?[\d.]+/, String(Number(((to ?? 0) - (from ?? 0)).toFixed(1))));
};

/**
 * A note with its temperatures, lengths and masses in the chosen units. Notes are written in °C, cm, mm and kg.
 *
 * @example retold("a soil 7-12 cm deep", figuresIn("us")) // "a soil 2 3/4 – 4 3/4 in deep"
 */
export const retold = (note: string, figures: Figures): string =>
  note
    .replace(RANGE, (_all, low: string, high: string | undefined, unit: string, compared: string | undefined) => {
      const kind = KINDS[unit]!;
      const scale = unit === "mm" ? CM_PER_MM : 1;
      if (compared) return difference(Number(low), figures) + compared;
      const [first, last] = [low, high].map((end) => (end ? figures.printed(Number(end) * scale, kind) : undefined));
      return last === undefined ? first! : `${first!.split("\u00a0")[0]} – ${last}`;
    })
    .replaceAll(/(\d)-(?=\d)/g, "$1–");
