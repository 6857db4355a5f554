import type { Sample } from "../log";
import { localTime, type TimeZone } from "../units";

/** The values of each calendar day, by the keeper's clock, of those samples that count. */
export function byDay(
  samples: readonly Sample[],
  zone: TimeZone,
  counts: (hour: number, value: number) => boolean = () => true,
): Map<string, number[]> {
  const days = new Map<string, number[]>();
  for (const { atMs, value } of samples) {
    const { on, hour } = localTime(atMs, zone);
    if (!counts(hour, value)) continue;
    const told = days.get(on);
    if (told) told.push(value);
    else days.set(on, [value]);
  }
  return days;
}
