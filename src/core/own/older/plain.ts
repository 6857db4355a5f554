import { under } from "../../under";

/** What the older shapes are read with: nothing about them is taken for granted. */
export type Plain = Record<string, unknown>;

export const plainOf = (value: unknown): Plain =>
  typeof value === "object" && value !== null && !Array.isArray(value) ? (value as Plain) : {};
export const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);
export const numberOr = (value: unknown, otherwise: number): number => (typeof value === "number" ? value : otherwise);

/** A figure as a range of one. */
export const twice = (value: unknown): unknown => (typeof value === "number" ? [value, value] : value);

/** An entry without some of its fields. */
export const without = (entry: Plain, ...names: readonly string[]): Plain =>
  Object.fromEntries(Object.entries(entry).filter(([name]) => !names.includes(name)));

const CAUTION_NAMES: Record<string, string> = { sting: "stings", escape: "escapes" };
export const cautionsNow = (value: unknown): unknown[] =>
  listOf(value).map((code) => under(CAUTION_NAMES, code) ?? code);

/** What an earlier shape did not know, taken over from its kind and marked as such. */
const FILLED = { kind: "memory", note: "the earlier entry did not tell it; filled in from its kind: look it up" };

/**
 * Provenance under the names of today. Figures that had no name stay with the entry's own; what was filled in is marked
 * as unsure, and says so.
 */
export function sourced(entry: Plain, renamed: Readonly<Record<string, string>>, filled: readonly string[]): Plain {
  const told = Object.entries(plainOf(entry.fieldFrom)).flatMap(([path, from]) => {
    const [name = "", ...rest] = path.split(".");
    const now = under(renamed, name) ?? name;
    return now === "" ? [] : [[[now, ...rest].join("."), from]];
  });
  return {
    unsure: [...filled],
    fieldFrom: { ...Object.fromEntries(filled.map((path) => [path, FILLED])), ...Object.fromEntries(told) },
  };
}
