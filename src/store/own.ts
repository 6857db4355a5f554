"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { libraryOf, type Library } from "@/core/library";
import { AnyShelfSchema, EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { db } from "./db";
import { oneDocument } from "./oneDocument";

/** What the builder added to the library on this device. */
const kept = oneDocument(() => db().own, "own", AnyShelfSchema, EMPTY_SHELF);
export const putOwn = kept.put;

/** The builder's own shelf as it is now; undefined while it is being read. */
export const useOwn = (): OwnShelf | undefined => useLiveQuery(kept.get, []);

/** What Rincon comes with and what the builder added on this device. */
export function useDeviceLibrary(): Library {
  const shelf = useOwn() ?? EMPTY_SHELF;
  return useMemo(() => libraryOf(shelf), [shelf]);
}
