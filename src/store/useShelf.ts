"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { derive, type Derived } from "@/core/derive";
import { storedDesign } from "@/core/files";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import { NOTHING_LOGGED, type LogNow } from "@/core/log";
import type { TimeZone } from "@/core/units";
import { listDesigns, type OnDevice } from "./designs";
import { db } from "./db";
import { logOn } from "./log";
import { useDeviceLibrary } from "./own";
import { todayIn } from "./zone";

/** A habitat that opens, with its log and all that is worked out from both. */
export type Standing = { design: Design; log: LogNow; derived: Derived };

/** Logs read before: while its revision stands and the day is the same, a log is the same object. */
const logsBefore = new Map<string, { rev: number; day: string; log: LogNow }>();

/** What a habitat's log tells today by its keeper's clock. */
async function logNowOf(id: string, rev: number, zone: TimeZone): Promise<LogNow> {
  const before = logsBefore.get(id);
  const day = todayIn(zone);
  if (before?.rev === rev && before.day === day) return before.log;
  const { log } = await logOn(id, day);
  logsBefore.set(id, { rev, day, log });
  return log;
}

type Logs = ReadonlyMap<string, LogNow>;

async function readLogs(all: readonly OnDevice[]): Promise<Logs> {
  const revs = new Map((await db().logs.toArray()).map(({ habitatId, rev }) => [habitatId, rev]));
  const open = all.filter((one) => one.ok);
  const logs = await Promise.all(open.map(({ id, design }) => logNowOf(id, revs.get(id) ?? 0, design.timeZone)));
  return new Map(open.map(({ id }, at) => [id, logs[at] ?? NOTHING_LOGGED]));
}

/** A habitat worked out; one that Rincon cannot work out is told as one that does not open, and takes no other with it. */
function workedOut(one: Extract<OnDevice, { ok: true }>, log: LogNow, library: Library): OnShelf {
  const { id, design, updatedAt } = one;
  try {
    return { id, standing: { design, log, derived: derive(design, log, library) } };
  } catch {
    return {
      id,
      broken: { ok: false, id, updatedAt, problem: { code: "file.uncomputable" }, raw: storedDesign(design) },
    };
  }
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
  // Apart, so that a sample that comes in reads no design anew.
  const all = useLiveQuery(() => (day === "" ? Promise.resolve(undefined) : listDesigns()), [day]);
  const logs = useLiveQuery(() => all && readLogs(all), [all, day]);
  return useMemo(
    () =>
      logs &&
      all?.flatMap((one): OnShelf[] => {
        if (!one.ok) return [{ id: one.id, broken: one }];
        const log = logs.get(one.id);
        if (!log) return [];
        return [workedOut(one, log, library)];
      }),
    [all, logs, library],
  );
}

const NONE: readonly Design[] = [];

/** The designs on this device that open, as they are now; none while they are being read. */
export const useDesigns = (): readonly Design[] =>
  useLiveQuery(async () => (await listDesigns()).flatMap((one) => (one.ok ? [one.design] : []))) ?? NONE;
