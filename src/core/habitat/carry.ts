import type { OwnEntry, OwnKind } from "../catalog";
import type { Library } from "../library";
import type { Command } from "./commands";

/**
 * The edits by which a habitat carries what it is about to use, where that is a builder's own: none for what Rincon
 * comes with.
 *
 * @example [...carriesFor(library, "plants", ["ownFern"]), { name: "addPlant", args }]
 */
export function carriesFor(library: Library, kind: OwnKind, ids: readonly string[]): Command[] {
  const own = ids.filter((id) => library.ownName(kind, id) !== undefined);
  if (own.length === 0) return [];
  const entries = own.map((id) => library.get(kind, id) as OwnEntry);
  return [{ name: "carryOwn", args: { [kind]: entries } }];
}
