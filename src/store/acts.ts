import { checkedEvents, standing, type EventsChecked, type LogEvent, type SeriesSample, type Told } from "@/core/log";
import type { TimeZone } from "@/core/units";
import { todayIn } from "./zone";

/** Something a person wrote into the log at one go, and can take back as one. */
export type Act = {
  events: readonly LogEvent[];
  samples: readonly SeriesSample[];
  /** The step of undo of the edit that belongs to it, when there is one. */
  step: object | undefined;
};

/**
 * Events as they are written down: now, for today by the keeper's clock unless they tell a day.
 *
 * @returns which field is to blame, where a file could not hold them
 */
export function writtenNow(told: readonly Told[], zone: TimeZone): EventsChecked {
  const [at, today] = [new Date().toISOString(), todayIn(zone)];
  return checkedEvents(told.map((event) => ({ ...event, id: crypto.randomUUID(), at, on: event.on || today })));
}

/** What was written last and still stands, as far as the log itself tells: the events of one instant. */
export function lastActOf(events: readonly LogEvent[]): Act | undefined {
  const left = standing(events);
  const at = left.reduce((last, event) => (event.at > last ? event.at : last), "");
  const together = left.filter((event) => event.at === at);
  return together.length === 0 ? undefined : { events: together, samples: [], step: undefined };
}

/** What is told to strike an act's own events. */
export const strikes = (events: readonly LogEvent[]): Told[] =>
  events.map(({ id }): Told => ({ kind: "struck", on: "", eventId: id }));
