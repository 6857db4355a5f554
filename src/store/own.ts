"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { AnyShelfSchema, EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { teachNames } from "@/words";
import { db } from "./db";
import { oneDocument } from "./oneDocument";

const kept = oneDocument(() => db().own, "own", AnyShelfSchema, EMPTY_SHELF);

/** What the builder added to the catalogue on this device; from then on it is called by its name. */
export async function getOwn(): Promise<OwnShelf> {
  const shelf = await kept.get();
  teachNames([...shelf.ingredients, ...shelf.recipes, ...shelf.animals, ...shelf.plants, ...shelf.crew]);
  return shelf;
}

export const putOwn = kept.put;

/** The builder's own shelf as it is now; undefined while it is being read. */
export const useOwn = (): OwnShelf | undefined => useLiveQuery(getOwn, []);
