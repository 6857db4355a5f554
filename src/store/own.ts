"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { EMPTY_SHELF, OwnShelfSchema, type OwnShelf } from "@/core/own";
import { teachNames } from "@/words";
import { db } from "./db";
import { oneDocument } from "./oneDocument";

const kept = oneDocument(() => db().own, "own", OwnShelfSchema, EMPTY_SHELF);

/** What the builder added to the catalogue on this device; from then on it is called by its name. */
export async function getOwn(): Promise<OwnShelf> {
  const shelf = await kept.get();
  teachNames([...shelf.ingredients, ...shelf.recipes]);
  return shelf;
}

export const putOwn = kept.put;

/** The builder's own shelf as it is now; undefined while it is being read. */
export const useOwn = (): OwnShelf | undefined => useLiveQuery(getOwn, []);
