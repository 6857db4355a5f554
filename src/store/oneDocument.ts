import type { EntityTable } from "dexie";
import type { z } from "zod";

/** A row that holds the only document of its table. */
export type OnlyRow = { id: string; document: unknown };

/**
 * A table with one document in it: `empty` until it is put. A stored document that does not read any more is set aside under another
 * name, not overwritten.
 */
export function oneDocument<T>(
  table: () => EntityTable<OnlyRow, "id">,
  id: string,
  schema: z.ZodType<T, unknown>,
  empty: T,
): { get: () => Promise<T>; put: (document: T) => Promise<void> } {
  return {
    get: async () => {
      const row = await table().get(id);
      if (!row) return empty;
      const read = schema.safeParse(row.document);
      if (read.success) return read.data;
      await table().put({ id: `${id}-unread`, document: row.document });
      return empty;
    },
    put: async (document) => void (await table().put({ id, document: schema.parse(document) })),
  };
}
