"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { storedDesign } from "@/core/files";
import type { Design } from "@/core/habitat";
import { db, type AsideRow } from "./db";
import { eventsIn, type Pending } from "./pending";

/** Sets a copy aside that could not be kept in its place. Nothing is ever deleted unread. */
export async function setAside(copy: Omit<AsideRow, "id" | "at">, id: string = crypto.randomUUID()): Promise<void> {
  await db().aside.put({ ...copy, id, at: new Date().toISOString() });
}

/** Sets work on a habitat aside, as a document that can be taken in again. */
export const setAsideDocument = (
  design: Design,
  work: Pick<Pending, "acts">,
  { why, id }: { why: AsideRow["why"]; id?: string },
): Promise<void> =>
  setAside(
    {
      habitatId: design.id,
      name: design.name,
      why,
      raw: { ...storedDesign(design), events: eventsIn(work), samples: [] },
    },
    id,
  );

export const forgetAside = (id: string): Promise<void> => db().aside.delete(id);

/** The copies that were set aside, the newest first. */
export const useAside = (): readonly AsideRow[] =>
  useLiveQuery(async () => (await db().aside.toArray()).toSorted((a, b) => String(b.at).localeCompare(String(a.at)))) ??
  [];
