import { daysBetween } from "@/core/units";

/** A backup older than that is worth a word, where anything was written since. From memory. */
const OLD_DAYS = 30;
/** Until the first one, habitats may stand that long. From memory. */
const FIRST_DAYS = 7;

/** What a reminder of the backup would say: there is none, or it is so many days old; undefined while none is due. */
export type BackupDue = { kind: "none" } | { kind: "old"; days: number };

/**
 * Whether a backup is worth a word.
 *
 * @param lastOn the day of the last one
 * @param firstOn the day the oldest habitat was started
 * @param changed whether anything was written since the last one
 */
export function backupDue(
  lastOn: string | undefined,
  firstOn: string | undefined,
  changed: boolean,
  today: string,
): BackupDue | undefined {
  if (firstOn === undefined) return undefined;
  if (lastOn === undefined) return daysBetween(firstOn, today) >= FIRST_DAYS ? { kind: "none" } : undefined;
  const days = daysBetween(lastOn, today);
  return changed && days >= OLD_DAYS ? { kind: "old", days } : undefined;
}
