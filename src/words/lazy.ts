"use client";

import { useEffect, useState } from "react";
import type { CatalogKind } from "@/core/catalog";

/** What entries are also called, by id: trade names, nick-names, common misspellings. */
export type OtherNames = Readonly<Record<string, readonly string[]>>;

/** What is said of an entry besides its figures; for animals also of young, prey, law, and two schools' answers. */
type EntryNotes = {
  readonly note?: string;
  readonly young?: string;
  readonly prey?: string;
  readonly law?: string;
  readonly schools?: Readonly<Record<string, readonly string[]>>;
};

type Loads<T> = Partial<Record<CatalogKind, () => Promise<{ default: Readonly<Record<string, T>> }>>>;

const NAMES: Loads<readonly string[]> = {
  animals: () => import("./names/en/animals.json"),
  plants: () => import("./names/en/plants.json"),
  crew: () => import("./names/en/crew.json"),
  ingredients: () => import("./names/en/ingredients.json"),
  drainageMedia: () => import("./names/en/drainageMedia.json"),
  barriers: () => import("./names/en/barriers.json"),
  dressings: () => import("./names/en/dressings.json"),
  recipes: () => import("./names/en/recipes.json"),
  gear: () => import("./names/en/gear.json"),
};

const NOTES: Loads<EntryNotes> = {
  animals: () => import("./notes/en/animals.json"),
  plants: () => import("./notes/en/plants.json"),
  crew: () => import("./notes/en/crew.json"),
  ingredients: () => import("./notes/en/ingredients.json"),
  drainageMedia: () => import("./notes/en/drainageMedia.json"),
  barriers: () => import("./notes/en/barriers.json"),
  dressings: () => import("./notes/en/dressings.json"),
  recipes: () => import("./notes/en/recipes.json"),
  gear: () => import("./notes/en/gear.json"),
};

const NOTHING = {};

/** A table of words that is read when it is asked for; empty until it is there, and where there is none. */
function useTable<T>(loads: Loads<T>, kind: CatalogKind): Readonly<Record<string, T>> {
  const [read, setRead] = useState<{ kind: CatalogKind; table: Readonly<Record<string, T>> } | undefined>(undefined);
  useEffect(() => {
    let asked = true;
    // Names found by fewer words are still names: a table that does not come is left out.
    void loads[kind]?.().then(
      ({ default: table }) => asked && setRead({ kind, table }),
      () => undefined,
    );
    return () => {
      asked = false;
    };
  }, [loads, kind]);
  return read?.kind === kind ? read.table : NOTHING;
}

/** What entries of a kind are also called. @example useOtherNames("animals").beardedDragon // ["beardie", …] */
export const useOtherNames = (kind: CatalogKind): OtherNames => useTable(NAMES, kind);

/** What is said of the entries of a kind. @example useNotes("animals").beardedDragon?.note */
export const useNotes = (kind: CatalogKind): Readonly<Record<string, EntryNotes>> => useTable(NOTES, kind);
