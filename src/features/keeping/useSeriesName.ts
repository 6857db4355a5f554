"use client";

import { useCallback } from "react";
import { measurableOf, placeOf, type SeriesId } from "@/core/log";
import { useSay } from "@/words";

/** What a series is called: what is measured, and where. */
export function useSeriesName(): (series: SeriesId) => string {
  const say = useSay();
  return useCallback(
    (series) =>
      say("journal:change.seriesName", {
        what: say(`journal:charts.${measurableOf(series)}`),
        where: say(`journal:places.${placeOf(series)}`),
      }),
    [say],
  );
}
