"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { BinsSchema, EMPTY_BINS, type Bins } from "@/core/supply";
import { db } from "./db";

const ONLY = "bins";

/** What is in the bins. A stored document that does not read any more is set aside under another name, not overwritten. */
export async function getBins(): Promise<Bins> {
  const row = await db().bins.get(ONLY);
  if (!row) return EMPTY_BINS;
  const read = BinsSchema.safeParse(row.document);
  if (read.success) return read.data;
  await db().bins.put({ id: `${ONLY}-unread`, document: row.document });
  return EMPTY_BINS;
}

export async function putBins(bins: Bins): Promise<void> {
  await db().bins.put({ id: ONLY, document: BinsSchema.parse(bins) });
}

/** The bins as they are now; undefined while they are being read. */
export const useBins = (): Bins | undefined => useLiveQuery(getBins, []);
