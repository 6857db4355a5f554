import { parseMeasure, parseSize, type MeasureKind, type UnitSystem } from "@/core/units";
import { figuresIn } from "@/words";
import type { StartFields } from "./startSchema";

const INCHES = /\d\s*("|″|''|in\b|inch|ft\b|feet|foot)/i;

/** Whether a size is written in inches or feet. @example writesInches("24 x 18 x 18 in") // true */
export const writesInches = (size: string): boolean => INCHES.test(size);

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
