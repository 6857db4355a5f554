"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { create } from "zustand";
import { libraryOf, STOCK, type Library } from "@/core/library";
import type { OwnKind } from "@/core/catalog";
import { AnyShelfSchema, copiedEntry, EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { db } from "./db";
import { oneDocument } from "./oneDocument";

/** What the builder added to the library on this device. */
const kept = oneDocument(() => db().own, "own", AnyShelfSchema, EMPTY_SHELF);
export const { get: getOwn, put: putOwn } = kept;

/** The builder's own shelf as it is now; undefined while it is being read. */
export const useOwn = (): OwnShelf | undefined => useLiveQuery(getOwn, []);

/** What Rincon comes with and what the builder added on this device. */
export function useDeviceLibrary(): Library {
  const shelf = useOwn() ?? EMPTY_SHELF;
  return useMemo(() => libraryOf(shelf), [shelf]);
}

export const newOwnId = (): string => `own${crypto.randomUUID().replaceAll("-", "")}`;

/** An entry just started from another: what it is called, where it is found, and a library that knows it. */
export type StartedOwn = { kind: OwnKind; id: string; name: string; library: Library };

/** The entry of one's own that was started last, for as long as it is to be told of. */
export const useStartedOwn = create<{ started: StartedOwn | undefined }>(() => ({ started: undefined }));

/**
 * Starts an entry of the builder's own from another, on this device.
 *
 * @param namesTaken names Rincon's own entries of that kind have, as they are shown
 * @returns undefined when it could not be kept
 */
export async function startOwn(
  kind: OwnKind,
  fromId: string,
  name: string,
  library: Library,
  namesTaken: readonly string[],
): Promise<StartedOwn | undefined> {
  const id = newOwnId();
  const shelf = copiedEntry(await getOwn(), kind, fromId, library, { id, name, namesTaken });
  if (!shelf) return undefined;
  const isKept = await putOwn(shelf).then(
    () => true,
    () => false,
  );
  if (!isKept) return undefined;
  const now = libraryOf(shelf);
  const started = { kind, id, name: now.ownName(kind, id) ?? name, library: now };
  useStartedOwn.setState({ started });
  return started;
}

/** The names Rincon's own entries of a kind have. */
export const stockNames = (kind: OwnKind | "recipes", nameOf: (kind: OwnKind | "recipes", id: string) => string) =>
  STOCK.all(kind).map(({ id }) => nameOf(kind, id));
