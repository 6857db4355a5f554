"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { derive, type Derived } from "@/core/derive";
import type { Design } from "@/core/habitat";
import type { LogNow } from "@/core/log";
import { listDesigns, type OnDevice } from "./designs";
import { logOn } from "./log";
import { useDeviceLibrary } from "./own";

/** A habitat that opens, with its log and all that is worked out from both. */
export type Standing = { design: Design; log: LogNow; derived: Derived };

type WithLog = { one: OnDevice; log: LogNow | undefined };

/** Logs read before: while its revision stands and the day is the same, a log is the same object. */
const logsBefore = new Map<string, { logRev: number; day: string; log: LogNow }>();

async function logNowOf(one: Extract<OnDevice, { ok: true }>, day: string): Promise<LogNow> {
  const before = logsBefore.get(one.id);
  if (before?.logRev === one.logRev && before.day === day) return before.log;
  const { log } = await logOn(one.id, day);
  logsBefore.set(one.id, { logRev: one.logRev, day, log });
  return log;
}

async function readAll(day: string): Promise<WithLog[]> {
  const all = await listDesigns();
  return Promise.all(all.map(async (one) => ({ one, log: one.ok ? await logNowOf(one, day) : undefined })));
}

/** A habitat on the shelf: standing, or not opening. */
export type OnShelf = { id: string; standing: Standing } | { id: string; broken: Extract<OnDevice, { ok: false }> };

/**
 * Every habitat on this device, as it is now; undefined while they are being read. What was worked out of one is kept
 * while its design and its log stand at the same revision.
 *
 * @param day calendar day; empty while it is not known, as on the server
 */
export function useShelf(day: string): readonly OnShelf[] | undefined {
  const library = useDeviceLibrary();
  const all = useLiveQuery(() => (day === "" ? Promise.resolve(undefined) : readAll(day)), [day]);
  return useMemo(
    () =>
      all?.flatMap(({ one, log }): OnShelf[] => {
        if (!one.ok) return [{ id: one.id, broken: one }];
        if (!log) return [];
        return [{ id: one.id, standing: { design: one.design, log, derived: derive(one.design, log, library) } }];
      }),
    [all, library],
  );
}

const NONE: readonly Design[] = [];

/** The designs on this device that open, as they are now; none while they are being read. */
export const useDesigns = (): readonly Design[] =>
  useLiveQuery(async () => (await listDesigns()).flatMap((one) => (one.ok ? [one.design] : []))) ?? NONE;
