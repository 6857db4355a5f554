import { printable, printableLines } from "../printable";
import ical, { ICalCalendarMethod, ICalEventTransparency } from "ical-generator";
import { daysAfter } from "../units";
import type { Scheduled } from "./schedule";

/** A step as it is told in a calendar. */
type Entry = { title: string; text: string };

type Asked = {
  steps: readonly Scheduled[];
  habitatId: string;
  /** What the calendar is called. */
  name: string;
  /** When it is written, ISO 8601; what was written later goes before what was written before. */
  at: string;
  told: (step: Scheduled) => Entry;
};

const MS_A_MINUTE = 60_000;
/** Minutes since then: what a calendar tells versions apart by. */
const SINCE = Date.UTC(2020, 0, 1);

/** When a calendar is written, and which version that makes: what was written later goes before what was written before. */
export function versionAt(at: string): { stamp: Date; sequence: number } {
  const stamp = new Date(at);
  return { stamp, sequence: Math.max(0, Math.floor((stamp.getTime() - SINCE) / MS_A_MINUTE)) };
}

/** A day, as a calendar tells whole days. */
export const dayOf = (day: string): Date => new Date(`${day}T00:00:00Z`);

/**
 * The steps of a plan that are not done as an iCalendar file (RFC 5545): whole days, so that no change of clocks moves
 * them, each under a name that stays, so that the file taken in again brings the dates up to date.
 *
 * @example calendarFile({ steps, habitatId: "a", name: "Fernwall", at: "2026-03-02T10:00:00Z", told }) // "BEGIN:VCALENDAR…"
 */
export function calendarFile({ steps, habitatId, name, at, told }: Asked): string {
  const { stamp, sequence } = versionAt(at);
  const calendar = ical({
    name: printable(name),
    prodId: { company: "Rincon", product: "Build" },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const step of steps) {
    if (step.state === "done") continue;
    const { title, text } = told(step);
    calendar.createEvent({
      id: `${habitatId}-${step.id.replace(":", "-")}@rincon`,
      sequence,
      stamp,
      allDay: true,
      start: dayOf(step.startOn),
      // The day after the last: the end of whole days is not part of them.
      end: dayOf(daysAfter(step.handsOn, 1)),
      timezone: "UTC",
      summary: printable(title),
      description: printableLines(text),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
  }
  return calendar.toString();
}
