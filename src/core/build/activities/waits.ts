import { rule, type Crew } from "../../catalog";
import type { Waiting } from "../../habitat";
import type { Wait } from "../chances";

const DAYS_A_WEEK = 7;
const around = (likely: number, least: number, most: number): Wait => [
  Math.min(likely, Math.round(least)),
  likely,
  Math.max(likely, Math.round(most)),
];

/** Overnight; another night where a seam has to be sealed anew. From memory. */
export const leakWait = (): Wait => [rule("leakTestDays"), rule("leakTestDays"), rule("leakTestDays") * 2];

/** Foam sets in half a day to a day, silicone and paint in one to two: common practice. */
export const setWait = (days: number): Wait => (days === 0 ? [0, 0, 0] : around(days, days / 2, days * 2));

/** What smells for weeks airs for two to four (common practice); what smells for days, for half or twice as long. */
const LONG_AIRING_DAYS = 14;
export function airingWait(days: number, { airingWeeks }: Pick<Waiting, "airingWeeks">): Wait {
  if (days < LONG_AIRING_DAYS) return around(days, days / 2, days * 2);
  const likely = airingWeeks === null ? days : airingWeeks * DAYS_A_WEEK;
  return around(likely, 2 * DAYS_A_WEEK, 4 * DAYS_A_WEEK);
}

/** A week at the least, a month where pests show. From memory. */
export const plantQuarantineWait = (): Wait => around(rule("plantQuarantineDays"), DAYS_A_WEEK, 30);

/** Beetles breed in ninety to a hundred and twenty days, the rest of a crew in two to six weeks: common practice. */
const BEETLES: Wait = [90, 105, 120];
export function crewWait({ group }: Pick<Crew, "group">, { crewWeeks }: Pick<Waiting, "crewWeeks">): Wait {
  if (group === "beetle" && crewWeeks === null) return BEETLES;
  const likely = crewWeeks === null ? rule("crewSeedDays") : crewWeeks * DAYS_A_WEEK;
  return around(likely, 2 * DAYS_A_WEEK, 6 * DAYS_A_WEEK);
}

/** Schools: a week, three weeks, one to three months; without one, what the animal's plants want. */
export function growInWait(animalDays: number, { growInWeeks }: Pick<Waiting, "growInWeeks">): Wait {
  const likely = growInWeeks === null ? animalDays : growInWeeks * DAYS_A_WEEK;
  return around(likely, likely * 0.7, likely * 1.6);
}

/** Readings in band for a week; another where something had to be set anew. From memory. */
export const logWait = (): Wait => around(rule("gearLogDays"), rule("gearLogDays"), rule("gearLogDays") * 2);

/** As long as it is kept apart, and half as long again where a test comes back bad. From memory. */
export const quarantineWait = (days: number): Wait => around(days, days, days * 1.5);
