import { printable, printableLines } from "../printable";
import ical, { ICalCalendarMethod, ICalEventTransparency } from "ical-generator";
import { dayOf, versionAt } from "../build/calendarFile";
import { daysAfter } from "../units";
import type { Due } from "./due";

/** A duty of a habitat as it is told in a calendar. */
export type CalendarDuty = { habitatId: string; due: Due; title: string; text: string };

const HOURS_A_DAY = 24;
const SECONDS_AN_HOUR = 3600;

/** How a duty comes again, as RFC 5545 writes it; undefined where a reading calls for it. */
const ruleOf = ({ comes }: Due): string | undefined => {
  if (comes.by === "days") return `FREQ=DAILY;INTERVAL=${comes.days}`;
  return comes.by === "rule" ? comes.rule : undefined;
};

/**
 * The duties of a whole shelf as an iCalendar file (RFC 5545): whole days that come again, each under a name that stays,
 * so that the file put at an address can be subscribed to, and taken in again brings the dates up to date.
 *
 * @param at when it is written, ISO 8601
 * @param today calendar day: what is late stands there today
 * @example dutyCalendar({ duties, name: "Rincon", at, today }) // "BEGIN:VCALENDAR…"
 */
export function dutyCalendar({
  duties,
  name,
  at,
  today,
}: {
  duties: readonly CalendarDuty[];
  name: string;
  at: string;
  today: string;
}): string {
  const { stamp, sequence } = versionAt(at);
  const calendar = ical({
    name: printable(name),
    prodId: { company: "Rincon", product: "Keeping" },
    method: ICalCalendarMethod.PUBLISH,
    ttl: HOURS_A_DAY * SECONDS_AN_HOUR,
  });
  for (const { habitatId, due, title, text } of duties) {
    const on = due.dueOn < today ? today : due.dueOn;
    const rule = ruleOf(due);
    calendar.createEvent({
      id: `${habitatId}-${due.id}@rincon`,
      ...{ sequence, stamp, allDay: true, start: dayOf(on), end: dayOf(daysAfter(on, 1)), timezone: "UTC" },
      ...{
        summary: printable(title),
        description: printableLines(text),
        transparency: ICalEventTransparency.TRANSPARENT,
      },
      ...(rule === undefined ? {} : { repeating: rule }),
    });
  }
  return calendar.toString();
}
