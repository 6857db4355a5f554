import { measurableOf, placeOf, type Sample, type SeriesId } from "../log";
import type { Scene } from "../scene";
import { daysAfter, localTime } from "../units";
import { bandFor, sideOf } from "./bands";

/** Samples of a habitat, by their series. */
export type BySeries = Partial<Record<SeriesId, readonly Sample[]>>;

type Day = { read: boolean; inBand: boolean };

/** Each day that has a reading of the air, and whether all of its readings were in band at their hour. */
function daysOf(scene: Pick<Scene, "animal" | "ground" | "habitat">, samples: BySeries): ReadonlyMap<string, Day> {
  const days = new Map<string, Day>();
  for (const [id, list] of Object.entries(samples)) {
    const series = id as SeriesId;
    const what = measurableOf(series);
    if (what === "waterLineCm") continue;
    for (const { atMs, value } of list) {
      const { on, hour } = localTime(atMs, scene.habitat.timeZone);
      const band = bandFor(scene, what, placeOf(series), hour);
      const before = days.get(on) ?? { read: true, inBand: true };
      days.set(on, { read: true, inBand: before.inBand && (!band || sideOf(what, value, band) === "in") });
    }
  }
  return days;
}

/**
 * For how many days up to today, one after another, there were readings of the air and all of them in band. A day that
 * is not over yet breaks nothing while nothing was read in it.
 *
 * @param today calendar day, ISO 8601
 * @example settledDays(scene, samples, "2026-03-02") // 7
 */
export function settledDays(
  scene: Pick<Scene, "animal" | "ground" | "habitat">,
  samples: BySeries,
  today: string,
): number {
  const days = daysOf(scene, samples);
  let on = days.has(today) ? today : daysAfter(today, -1);
  let count = 0;
  while (days.get(on)?.inBand) {
    count += 1;
    on = daysAfter(on, -1);
  }
  return count;
}
