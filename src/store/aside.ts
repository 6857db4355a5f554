"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { db, type AsideRow } from "./db";

/** Sets a copy aside that could not be kept in its place. Nothing is ever deleted unread. */
export async function setAside(copy: Omit<AsideRow, "id" | "at">, id: string = crypto.randomUUID()): Promise<void> {
  await db().aside.put({ ...copy, id, at: new Date().toISOString() });
}

export const forgetAside = (id: string): Promise<void> => db().aside.delete(id);

/** The copies that were set aside, the newest first. */
export const useAside = (): readonly AsideRow[] =>
  useLiveQuery(async () => (await db().aside.toArray()).toSorted((a, b) => b.at.localeCompare(a.at))) ?? [];
