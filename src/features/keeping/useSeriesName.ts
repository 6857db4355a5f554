"use client";

import { useCallback } from "react";
import type { SeriesId } from "@/core/log";
import { seriesSaid, useSay } from "@/words";

/** What a series is called: what is measured, and where. */
export function useSeriesName(): (series: SeriesId) => string {
  const say = useSay();
  return useCallback((series) => seriesSaid(series, say), [say]);
}
