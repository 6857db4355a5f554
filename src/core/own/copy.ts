import type { OwnEntry, OwnKind } from "../catalog";
import type { Library } from "../library";
import { keepEntry, sameName, type OwnShelf } from "./shelf";

/** A name no other entry has: the base, or with a number behind it. */
function freeName(base: string, taken: readonly string[]): string {
  const numbered = taken.map((_, at) => `${base} ${at + 2}`);
  return [base, ...numbered].find((name) => !taken.some((other) => sameName(other, name))) ?? base;
}

/** What a copy is called, the id it gets, and the names its kind has already. */
export type CopyAs = { id: string; name: string; namesTaken: readonly string[] };

/**
 * Puts a copy of an entry onto a shelf under another name: all its figures, to be changed.
 *
 * @returns the shelf, or undefined when the copy could not be kept
 * @throws RangeError when there is no such entry
 * @example copiedEntry(shelf, "animals", "crestedGecko", library, { id: "ownA", name: "Line-bred gecko", namesTaken })
 */
export function copiedEntry(
  shelf: OwnShelf,
  kind: OwnKind,
  fromId: string,
  library: Library,
  { id, name, namesTaken }: CopyAs,
): OwnShelf | undefined {
  const from = library.get(kind, fromId);
  const mine: readonly OwnEntry[] = shelf[kind];
  const based = "basedOn" in from && typeof from.basedOn === "string" ? from.basedOn : fromId;
  const free = freeName(name, [...namesTaken, ...mine.map((entry) => entry.name)]);
  const copy = { ...from, id, name: free, basedOn: based } as unknown as OwnEntry;
  const kept = keepEntry(shelf, kind, copy, namesTaken);
  return kept.ok ? kept.shelf : undefined;
}
