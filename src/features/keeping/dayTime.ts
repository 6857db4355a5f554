import { format, getHours, getMinutes } from "date-fns";
import { clockOf } from "@/words";

/** An instant by the clock of this device, as words take it: its day under a name, and the time. */
export const dayTime = <K extends string>(atMs: number, dayKey: K): Record<K | "time", string> =>
  ({
    [dayKey]: format(atMs, "yyyy-MM-dd"),
    time: clockOf(getHours(atMs) * 60 + getMinutes(atMs)),
  }) as Record<K | "time", string>;
