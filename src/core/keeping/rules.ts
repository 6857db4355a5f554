import { RRule } from "rrule";
import { daysAfter } from "../units";
import type { NextByRule } from "./due";

/** A calendar day as rrule counts it: the first instant of that day in UTC, so that no zone and no summer time moves it. */
const instantOf = (on: string): Date => new Date(`${on}T00:00:00Z`);
const dayOf = (instant: Date): string => instant.toISOString().slice(0, 10);

const listOf = (item: string): RegExp => new RegExp(`^${item}(,${item}){0,60}$`);
/** The parts of a rule that speak of days, and what each may say: RFC 5545, section 3.3.10. */
const PARTS: ReadonlyMap<string, RegExp> = new Map([
  ["FREQ", /^(DAILY|WEEKLY|MONTHLY|YEARLY)$/],
  ["INTERVAL", /^[1-9]\d{0,2}$/],
  ["COUNT", /^[1-9]\d{0,3}$/],
  ["UNTIL", /^(19|20|21)\d\d(0[1-9]|1[0-2])(0[1-9]|[12]\d|3[01])(T\d{6}Z?)?$/],
  ["WKST", /^(MO|TU|WE|TH|FR|SA|SU)$/],
  ["BYDAY", listOf("([+-]?([1-9]|[1-4]\\d|5[0-3]))?(MO|TU|WE|TH|FR|SA|SU)")],
  ["BYMONTH", listOf("([1-9]|1[0-2])")],
  ["BYMONTHDAY", listOf("[+-]?([1-9]|[12]\\d|3[01])")],
  ["BYSETPOS", listOf("[+-]?([1-9]\\d?|[12]\\d\\d|3[0-5]\\d|36[0-6])")],
]);

/**
 * Whether a rule says only what a rule of days can, each part once. What does not is never evaluated: some of it has no
 * end.
 *
 * @example isRuleOfDays("FREQ=YEARLY;BYMONTH=13") // false
 */
function isRuleOfDays(rule: string): boolean {
  const parts = rule.split(";").map((part) => part.split("="));
  const names = parts.map(([name = ""]) => name);
  const isKnown = parts.every(([name = "", value = ""]) => PARTS.get(name)?.test(value) ?? false);
  return isKnown && new Set(names).size === names.length && names.includes("FREQ");
}

/** No duty is looked for further ahead than that; a rule of leap days comes within. */
const AHEAD_DAYS = 12 * 366;

/** A rule of recurrence that begins on a day and is looked at up to another. @returns undefined for none of days */
function ruleFrom(rule: string, startOn: string, untilOn: string): RRule | undefined {
  if (!isRuleOfDays(rule)) return undefined;
  const told = RRule.parseString(rule);
  const end = instantOf(untilOn);
  const until = told.until && told.until < end ? told.until : end;
  return new RRule({ ...told, dtstart: instantOf(startOn), until });
}

/**
 * The next day of a rule after a day.
 *
 * @returns undefined where the rule is over, does not come within twelve years, or is none
 * @example nextByRule("FREQ=WEEKLY;BYDAY=MO,TH", "2026-03-02", "2026-03-03") // "2026-03-05"
 */
export const nextByRule: NextByRule = (rule, startOn, afterOn) => {
  try {
    const next = ruleFrom(rule, startOn, daysAfter(afterOn, AHEAD_DAYS))?.after(instantOf(afterOn), false);
    return next ? dayOf(next) : undefined;
  } catch {
    return undefined;
  }
};

/** Days of a rule from one day through another. @example daysOf("FREQ=DAILY", "2026-03-01", "2026-03-01", "2026-03-03").length // 3 */
export const daysOf = (rule: string, startOn: string, fromOn: string, untilOn: string): string[] =>
  ruleFrom(rule, startOn, untilOn)?.between(instantOf(fromOn), instantOf(untilOn), true).map(dayOf) ?? [];
