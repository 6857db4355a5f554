"use client";

import { SERIES } from "@/core/log";
import { useSeriesName } from "./useSeriesName";

/** Every series there can be, as options of a choice. */
export function SeriesOptions() {
  const nameOf = useSeriesName();
  return SERIES.map((series) => (
    <option key={series} value={series}>
      {nameOf(series)}
    </option>
  ));
}
