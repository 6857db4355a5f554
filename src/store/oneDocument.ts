import type { EntityTable } from "dexie";
import type * as z from "zod";
import { EditRefused, problemOf } from "@/core/habitat";
import { seedOf } from "@/core/random";
import { setAside } from "./aside";
import { db, type OnlyRow } from "./db";

/**
 * A table with one document in it: `empty` until it is put. A stored document that does not read any more is set aside
 * and offered as a file, not overwritten.
 *
 * @throws EditRefused from `put`, for a document that could not be read again: then nothing is written
 */
export function oneDocument<T>(
  table: () => EntityTable<OnlyRow, "id">,
  id: string,
  schema: z.ZodType<T, unknown>,
  empty: T & { formatVersion: number },
): { get: () => Promise<T>; put: (document: T) => Promise<void> } {
  /** Its id hangs on what it holds: set aside once however often it is read, and another one does not push it out. */
  const keep = (document: unknown): Promise<void> => {
    const version = (document as { formatVersion?: unknown } | null)?.formatVersion;
    const why = typeof version === "number" && version > empty.formatVersion ? "newer" : "damaged";
    const hash = (seedOf(JSON.stringify(document)) >>> 0).toString(16);
    return setAside({ habitatId: null, name: id, why, raw: document }, `${id}-unread-${hash}`);
  };

  return {
    get: async () => {
      const row = await table().get(id);
      if (!row) return empty;
      const read = schema.safeParse(row.document);
      if (read.success) return read.data;
      // Read by live queries too, which may not write: so it is offered a moment later.
      setTimeout(() => void keep(row.document).catch(() => undefined));
      return empty;
    },
    put: async (document) => {
      const checked = schema.safeParse(document);
      if (!checked.success) throw new EditRefused(problemOf(checked.error));
      const next = checked.data;
      await db().transaction("rw", table(), db().aside, async () => {
        const before = await table().get(id);
        if (before && !schema.safeParse(before.document).success) await keep(before.document);
        await table().put({ id, document: next });
      });
    },
  };
}
