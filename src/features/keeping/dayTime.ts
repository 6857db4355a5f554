import { localTime, type TimeZone } from "@/core/units";
import { clockOf } from "@/words";

/** An instant by the keeper's clock, as words take it: its day under a name, and the time. */
export function dayTime<K extends string>(atMs: number, zone: TimeZone, dayKey: K): Record<K | "time", string> {
  const { on, hour, minute } = localTime(atMs, zone);
  return { [dayKey]: on, time: clockOf(hour * 60 + minute) } as Record<K | "time", string>;
}
