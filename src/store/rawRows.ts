import { db, type DesignRow } from "./db";
import { blocksIn, eventsOf } from "./log";

/** A habitat as its rows lie in the database: what a backup and a raw file hold of one that does not open. */
export type UnreadRows = Pick<DesignRow, "id" | "updatedAt" | "document"> & {
  events: unknown[];
  samples: { series: string; at: number[]; value: number[] }[];
};

/** The rows of a habitat. @returns undefined when it is not here */
export async function unreadRows(habitatId: string): Promise<UnreadRows | undefined> {
  const row = await db().designs.get(habitatId);
  if (!row) return undefined;
  const { id, updatedAt, document } = row;
  const samples = (await blocksIn(id)).map(({ series, atMs, values }) => ({
    series,
    at: Array.from(atMs),
    value: Array.from(values),
  }));
  return { id, updatedAt, document, events: await eventsOf(id), samples };
}
