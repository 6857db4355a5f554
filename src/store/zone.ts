import { localDay, localTime, type Local, type TimeZone } from "@/core/units";
import type { Design } from "@/core/habitat";

/** The zone of this device's clock, by its name. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";

/** A design that tells whose clock it goes by: one that never told goes by the clock of the device it stands on. */
export const zoned = (design: Design): Design =>
  design.timeZone === null ? { ...design, timeZone: zoneHere() } : design;

/** The zone in a stored document, as it lies. */
export function zoneIn(document: unknown): TimeZone {
  const { design } = (document ?? {}) as { design?: { timeZone?: unknown } | null };
  return typeof design?.timeZone === "string" ? design.timeZone : zoneHere();
}

/** The calendar day it is in a zone. */
export const todayIn = (zone: TimeZone): string => localDay(Date.now(), zone);

/** What clocks of a zone show now. */
export const nowIn = (zone: TimeZone): Local => localTime(Date.now(), zone);
