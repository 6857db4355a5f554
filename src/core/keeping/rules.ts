import { RRule } from "rrule";
import type { NextByRule } from "./due";

/** A calendar day as rrule counts it: the first instant of that day in UTC, so that no zone and no summer time moves it. */
const instantOf = (on: string): Date => new Date(`${on}T00:00:00Z`);
const dayOf = (instant: Date): string => instant.toISOString().slice(0, 10);

/** A rule of recurrence that begins on a day. @throws Error for one that RFC 5545 does not allow */
const ruleFrom = (rule: string, startOn: string): RRule =>
  new RRule({ ...RRule.parseString(rule), dtstart: instantOf(startOn) });

/**
 * The next day of a rule after a day.
 *
 * @returns undefined where the rule is over, or none
 * @example nextByRule("FREQ=WEEKLY;BYDAY=MO,TH", "2026-03-02", "2026-03-03") // "2026-03-05"
 */
export const nextByRule: NextByRule = (rule, startOn, afterOn) => {
  try {
    const next = ruleFrom(rule, startOn).after(instantOf(afterOn), false);
    return next ? dayOf(next) : undefined;
  } catch {
    return undefined;
  }
};

/** Days of a rule from one day through another. @example daysOf("FREQ=DAILY", "2026-03-01", "2026-03-01", "2026-03-03").length // 3 */
export const daysOf = (rule: string, startOn: string, fromOn: string, untilOn: string): string[] =>
  ruleFrom(rule, startOn).between(instantOf(fromOn), instantOf(untilOn), true).map(dayOf);
