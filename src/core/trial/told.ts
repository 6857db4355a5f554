import { standing, type LogEvent } from "../log";
import { daysBetween } from "../units";
import { theilSen } from "../keeping/trend";

/** What the log of one habitat tells of a stretch of time. */
export type TrialLog = {
  /** Grams a week, over all weighings of its animals; undefined for fewer than two days of them. */
  massGAWeek: number | undefined;
  /** The same in heights of its plants, cm a month. */
  plantCmAMonth: number | undefined;
  /** Animals that died, and plants. */
  died: number;
  plantsDied: number;
  meals: number;
  refused: number;
  /** The last count of each crew. */
  crew: ReadonlyMap<string, number>;
  spent: number;
  /** Minutes of care that were written down. */
  minutes: number;
  photoIds: readonly string[];
};

const DAYS_A_WEEK = 7;
const DAYS_A_MONTH = 30;

type OfKind<K extends LogEvent["kind"]> = Extract<LogEvent, { kind: K }>;
const ofKind = <K extends LogEvent["kind"]>(events: readonly LogEvent[], kind: K): OfKind<K>[] =>
  events.filter((event): event is OfKind<K> => event.kind === kind);

/** The middle slope of several courses, each by itself: an animal or a plant of its own. */
function slopeADay(points: readonly { id: string; on: string; value: number }[], fromOn: string): number | undefined {
  const ids = [...new Set(points.map(({ id }) => id))];
  const slopes = ids.flatMap((id) => {
    const own = points.filter((point) => point.id === id);
    return theilSen(own.map(({ on, value }) => ({ day: daysBetween(fromOn, on), value }))) ?? [];
  });
  return slopes.length === 0 ? undefined : slopes.reduce((sum, slope) => sum + slope, 0) / slopes.length;
}

const times = (value: number | undefined, by: number): number | undefined => (value === undefined ? value : value * by);

/**
 * What a habitat's log tells of a stretch of days: growth, meals, losses, crew, money, minutes, photographs.
 *
 * @param untilOn the last day that counts
 * @example trialLog(events, "2026-01-01", "2026-03-02").massGAWeek // 1.4
 */
export function trialLog(events: readonly LogEvent[], fromOn: string, untilOn: string): TrialLog {
  const within = standing(events).filter(({ on }) => on >= fromOn && on <= untilOn);
  const weighed = ofKind(within, "weighed").map(({ individualId = "", on, massG }) => ({
    ...{ id: individualId, on, value: massG },
  }));
  const grew = ofKind(within, "grew").map(({ standId, on, heightCm }) => ({ id: standId, on, value: heightCm }));
  const fed = ofKind(within, "fed");
  return {
    massGAWeek: times(slopeADay(weighed, fromOn), DAYS_A_WEEK),
    plantCmAMonth: times(slopeADay(grew, fromOn), DAYS_A_MONTH),
    died: ofKind(within, "left")
      .filter(({ how }) => how === "died")
      .reduce((sum, { count }) => sum + count, 0),
    plantsDied: ofKind(within, "lost").filter(({ how }) => how === "died").length,
    meals: fed.filter(({ taken }) => taken !== "refused").length,
    refused: fed.filter(({ taken }) => taken === "refused").length,
    crew: new Map(
      ofKind(within, "counted")
        .toSorted((a, b) => a.on.localeCompare(b.on))
        .map(({ crewId, count }) => [crewId, count]),
    ),
    spent: ofKind(within, "spent").reduce((sum, { amount }) => sum + amount, 0),
    minutes: ofKind(within, "tick").reduce((sum, { minutes = 0 }) => sum + minutes, 0),
    photoIds: ofKind(within, "noted").flatMap(({ photoIds }) => photoIds),
  };
}
