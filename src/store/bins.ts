"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { BinsSchema, EMPTY_BINS, type Bins } from "@/core/supply";
import { db } from "./db";
import { oneDocument } from "./oneDocument";

/** What is in the bins on this device. */
export const { get: getBins, put: putBins } = oneDocument(() => db().bins, "bins", BinsSchema, EMPTY_BINS);

/** The bins as they are now; undefined while they are being read. */
export const useBins = (): Bins | undefined => useLiveQuery(getBins, []);
