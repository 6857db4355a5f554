"use client";

import { useCallback, useEffect, useState } from "react";
import type { CatalogKind } from "@/core/catalog";

/** What is said of an entry besides its figures; for animals also of young, prey, law, and two schools' answers. */
type EntryNotes = {
  readonly note?: string;
  readonly young?: string;
  readonly prey?: string;
  readonly law?: string;
  readonly schools?: Readonly<Record<string, readonly string[]>>;
};

type Loads<T> = Partial<Record<CatalogKind, () => Promise<{ default: Readonly<Record<string, T>> }>>>;

/** What entries are also called, by id: trade names, nick-names, common misspellings. */
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
  pieceKinds: () => import("./names/en/pieceKinds.json"),
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

type Table<T> = Readonly<Record<string, T>>;
const NOTHING: Table<never> = {};

/** Tables of words that are read when they are asked for; empty until they are there, and where there is none. */
function useTables<T>(loads: Loads<T>, kinds: readonly CatalogKind[]): (kind: CatalogKind) => Table<T> {
  const [read, setRead] = useState<ReadonlyMap<CatalogKind, Table<T>>>(new Map());
  const asked = kinds.join(" ");
  useEffect(() => {
    let wanted = true;
    for (const kind of asked.split(" ") as CatalogKind[]) {
      // Names found by fewer words are still names: a table that does not come is left out.
      void loads[kind]?.().then(
        ({ default: table }) => wanted && setRead((before) => new Map([...before, [kind, table]])),
        () => undefined,
      );
    }
    return () => {
      wanted = false;
    };
  }, [loads, asked]);
  return useCallback((kind) => read.get(kind) ?? NOTHING, [read]);
}

/** What entries of some kinds are also called. @example useOtherNames(["animals"])("animals", "beardedDragon") */
export function useOtherNames(kinds: readonly CatalogKind[]): (kind: CatalogKind, id: string) => readonly string[] {
  const tableOf = useTables(NAMES, kinds);
  return useCallback((kind, id) => tableOf(kind)[id] ?? [], [tableOf]);
}

/** What is said of the entries of a kind. @example useNotes("animals").beardedDragon?.note */
export const useNotes = (kind: CatalogKind): Table<EntryNotes> => useTables(NOTES, [kind])(kind);
