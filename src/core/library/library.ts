import { weakMapMemoize } from "reselect";
import type { CatalogEntry, CatalogKind, OwnEntries } from "../catalog";
import { allStocked, findStocked } from "./stocked";

/**
 * The only way to an entry: what Rincon comes with, what a builder added on this device, what a habitat carries itself.
 */
export type Library = {
  /** @example library.find("animals", "rosyBoa")?.adultLengthCm // 85 */
  find: <K extends CatalogKind>(kind: K, id: string) => CatalogEntry<K> | undefined;
  /**
   * An entry that must be there.
   *
   * @throws RangeError naming the kind and the id
   * @example library.get("drainageMedia", "clayPebbles").voidPct // 45
   */
  get: <K extends CatalogKind>(kind: K, id: string) => CatalogEntry<K>;
  /** Every entry of a kind: those Rincon comes with in their order, then a builder's own. */
  all: <K extends CatalogKind>(kind: K) => readonly CatalogEntry<K>[];
  /** What its builder calls an entry of their own; undefined for what Rincon comes with, whose names are words. */
  ownName: (kind: CatalogKind, id: string) => string | undefined;
  /** The kind a builder's own entry of this id belongs to. */
  ownKind: (id: string) => CatalogKind | undefined;
};

/** Entries of a builder's own, by kind, and the recipes they kept, of which only the name is asked here. */
export type Added = Partial<OwnEntries> & { recipes?: readonly { id: string; name: string }[] };

type Named = { id: string; name: string };

const indexById = <T extends { id: string }>(entries: readonly T[]): ReadonlyMap<string, T> =>
  new Map(entries.map((entry) => [entry.id, entry]));

function stocked(): Library {
  const find: Library["find"] = findStocked;
  return { find, get: mustFind(find), all: allStocked, ownName: () => undefined, ownKind: () => undefined };
}

const mustFind =
  (find: Library["find"]): Library["get"] =>
  (kind, id) => {
    const found = find(kind, id);
    if (!found) throw new RangeError(`${kind}: no entry "${id}"`);
    return found;
  };

function extended(base: Library, added: Added): Library {
  const lists = Object.entries(added).filter(([, list]) => Array.isArray(list) && list.length > 0);
  if (lists.length === 0) return base;
  const named = new Map(lists.map(([kind, list]) => [kind as CatalogKind, indexById(list as readonly Named[])]));
  // Of an own recipe only the name is asked here: it has no figures.
  const entries = <K extends CatalogKind>(kind: K) =>
    (kind === "recipes" ? undefined : named.get(kind)) as ReadonlyMap<string, CatalogEntry<K>> | undefined;
  const find: Library["find"] = (kind, id) => entries(kind)?.get(id) ?? base.find(kind, id);
  const all = weakMapMemoize((kind: CatalogKind): readonly { id: string }[] => {
    const own = entries(kind);
    return own ? [...base.all(kind).filter(({ id }) => !own.has(id)), ...own.values()] : base.all(kind);
  });
  return {
    find,
    get: mustFind(find),
    all: all as unknown as Library["all"],
    ownName: (kind, id) => named.get(kind)?.get(id)?.name ?? base.ownName(kind, id),
    ownKind: (id) => [...named.keys()].find((kind) => named.get(kind)?.has(id)) ?? base.ownKind(id),
  };
}

/**
 * What Rincon comes with, and nothing else. The large kinds come in chunks: what a page did not read before it asks for it
 * is refused by name.
 */
export const STOCK: Library = stocked();

/**
 * A library with entries added, which go before what it had. The same library and the same entries give the same
 * library again.
 *
 * @example withOwn(STOCK, design.own).get("plants", "ownFern").rootDepthCm
 */
export const withOwn: (library: Library, added: Added) => Library = weakMapMemoize(extended);

/** What Rincon comes with and what a builder added on this device. @example libraryOf(shelf).all("plants") */
export const libraryOf = (shelf: Added): Library => withOwn(STOCK, shelf);
