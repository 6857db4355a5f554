import { parseMeasure, parseSize, type MeasureKind, type UnitSystem } from "@/core/units";
import { figuresIn } from "@/words";
import type { StartFields } from "./startSchema";

const INCHES = /\d\s*("|″|''|in\b|inch|ft\b|feet|foot)/i;

/** Whether a size is written in inches or feet. @example writesInches("24 x 18 x 18 in") // true */
export const writesInches = (size: string): boolean => INCHES.test(size);

/** Boxes are sold in these, in inches: a size of nothing else, without a unit, is asked about. */
const SOLD_INCHES = [8, 10, 12, 16, 18, 20, 24, 30, 36, 48, 60, 72];

/**
 * Whether a size without a unit may well be meant in inches: three figures boxes are sold in.
 *
 * @example mayBeInches("18 18 24") // true
 */
export function mayBeInches(size: string): boolean {
  if (/[a-z"'″]/i.test(size.replace(/ (x|by) /gi, " ").replace(/x/gi, " "))) return false;
  const figures = size.match(/\d+(\.\d+)?/g)?.map(Number) ?? [];
  return figures.length === 3 && figures.every((figure) => SOLD_INCHES.includes(figure)) && Math.max(...figures) <= 48;
}

const MEASURES = [
  ["sill", "length"],
  ["temperature", "temperature"],
] as const satisfies readonly (readonly [keyof StartFields, MeasureKind])[];

/**
 * What is typed in the measures of one system, in those of another: so that nothing is left in the old ones. What does
 * not read stays as it is.
 *
 * @example inUnits({ sill: "17", … }, "metric", "us").sill // "6 11/16 in"
 */
export function inUnits(fields: StartFields, from: UnitSystem, to: UnitSystem): Partial<StartFields> {
  const { printed, shown } = figuresIn(to);
  const measures = MEASURES.flatMap(([name, kind]): [string, string][] => {
    const read = parseMeasure(fields[name], kind, from);
    return read.ok ? [[name, printed(read.value, kind)]] : [];
  });
  const size = parseSize(fields.size, from);
  if (!size.ok) return Object.fromEntries(measures);
  const sides = size.size.map((cm) => shown(cm, "length"));
  const unit = sides[0]?.unit ?? "";
  return Object.fromEntries([...measures, ["size", `${sides.map(({ figure }) => figure).join(" x ")} ${unit}`]]);
}
