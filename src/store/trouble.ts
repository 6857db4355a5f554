"use client";

import { create } from "zustand";

/**
 * What keeps this device from keeping: its storage is full; it keeps nothing at all, as in a private window; another tab
 * runs a newer Rincon and this one has let go of the data; or an older one holds on to it.
 */
export type Trouble = "full" | "keepsNothing" | "newerTab" | "olderTab";

export const useTrouble = create<{ trouble: Trouble | undefined }>(() => ({ trouble: undefined }));

/** Tells of trouble; undefined once it is over. */
export const tellTrouble = (trouble: Trouble | undefined): void => useTrouble.setState({ trouble });

const NAMES: Readonly<Record<string, Trouble>> = {
  QuotaExceededError: "full",
  // Browsers name it so where they keep no database: private windows, storage forbidden.
  MissingAPIError: "keepsNothing",
  InvalidStateError: "keepsNothing",
  SecurityError: "keepsNothing",
};

/**
 * What trouble an error of the database means, wherever it is wrapped.
 *
 * @example troubleOf(new DOMException("", "QuotaExceededError")) // "full"
 */
export function troubleOf(error: unknown): Trouble | undefined {
  if (typeof error !== "object" || error === null) return undefined;
  const { name, inner } = error as { name?: unknown; inner?: unknown };
  return (typeof name === "string" ? NAMES[name] : undefined) ?? troubleOf(inner);
}

/** Tells of the trouble an error means, if it means any. */
export function reportTrouble(error: unknown): void {
  const trouble = troubleOf(error);
  if (trouble) tellTrouble(trouble);
}

// A browser that has no database at all is never asked to open one, so nothing else would tell.
if (typeof window !== "undefined" && !window.indexedDB) setTimeout(() => tellTrouble("keepsNothing"));
