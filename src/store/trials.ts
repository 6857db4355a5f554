"use client";

import { useLiveQuery } from "dexie-react-hooks";
import type { LogEvent, Sample, SeriesId } from "@/core/log";
import { NO_TRIALS, TrialsSchema, type Trials } from "@/core/trial";
import { dayStart, daysAfter, type TimeZone } from "@/core/units";
import { db } from "./db";
import { eventsOf } from "./log";
import { hourMeans } from "./ranges";
import { oneDocument } from "./oneDocument";

/** The trials on this device. */
export const { get: getTrials, put: putTrials } = oneDocument(() => db().trials, "trials", TrialsSchema, NO_TRIALS);

/** The trials as they are now; undefined while they are being read. */
export const useTrials = (): Trials | undefined => useLiveQuery(getTrials, []);

/** What was read and written of a habitat: hourly means by series, and its events. */
export type TrialRead = { hours: Partial<Record<SeriesId, Sample[]>>; events: readonly LogEvent[] };

/** What was read and written of two habitats between two days of a clock, both included; undefined while it is being read. */
export function useTrialRead(
  aId: string,
  bId: string,
  { fromOn, untilOn, zone }: { fromOn: string; untilOn: string; zone: TimeZone },
): readonly [TrialRead, TrialRead] | undefined {
  return useLiveQuery(async () => {
    const span = { fromMs: dayStart(fromOn, zone), toMs: dayStart(daysAfter(untilOn, 1), zone) - 1 };
    const read = async (id: string): Promise<TrialRead> => {
      const [hours, events] = await Promise.all([hourMeans(id, span), eventsOf(id)]);
      return { hours, events };
    };
    const [a, b] = await Promise.all([read(aId), read(bId)]);
    return [a, b] as const;
  }, [aId, bId, fromOn, untilOn, zone]);
}
