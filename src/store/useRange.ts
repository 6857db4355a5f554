"use client";

import { useLiveQuery } from "dexie-react-hooks";
import {
  seriesOf,
  WHERE,
  type Measurable,
  type Sample,
  type SamplePlace,
  type SeriesId,
  type SeriesSample,
} from "@/core/log";
import { lastSamples, range, samplesSince, type Range, type Span } from "./ranges";
import { useSession } from "./session";

const MOST_POINTS = 1200;

/**
 * What was measured at each place, thinned for drawing; undefined while it is being read. What was read for another
 * part of the time stays until the part asked for is there.
 */
export function useRanges(habitatId: string, what: Measurable, span?: Span): PlaceRanges | undefined {
  // A reading is on the screen before it is in the database: the newest samples say when to look again.
  const newest = useSession((session) => session.log.newest);
  return useLiveQuery(async () => {
    const ranges = await Promise.all(
      WHERE[what].map(
        async (place) => [place, await range(habitatId, seriesOf(place, what), MOST_POINTS, span)] as const,
      ),
    );
    return Object.fromEntries(ranges);
  }, [habitatId, what, span?.fromMs, span?.toMs, newest]);
}

type PlaceRanges = Partial<Record<SamplePlace, Range>>;

/** The last readings of one thing up to an instant, at whatever place, the newest first; undefined while it is read. */
export function useLastSamples(
  habitatId: string,
  what: Measurable,
  toMs: number,
  most: number,
): SeriesSample[] | undefined {
  const newest = useSession((session) => session.log.newest);
  return useLiveQuery(
    () =>
      lastSamples(
        habitatId,
        WHERE[what].map((place) => seriesOf(place, what)),
        toMs,
        most,
      ),
    [habitatId, what, toMs, most, newest],
  );
}

const DAY_MS = 86_400_000;

/** What was measured in the last days, every sample of it; undefined while it is being read. */
export function useLately(habitatId: string, days: number): Partial<Record<SeriesId, Sample[]>> | undefined {
  const newest = useSession((session) => session.log.newest);
  return useLiveQuery(() => samplesSince(habitatId, Date.now() - days * DAY_MS), [habitatId, days, newest]);
}
