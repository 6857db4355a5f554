import { daysAfter, daysBetween } from "../units";
import { chances, type Uncertain, type Wait } from "./chances";
import type { Scheduled } from "./schedule";

/** The day the animal may come: by half of the runs, and by nine in ten. */
export type Forecast = { halfOn: string; nineOn: string; governs: ReadonlyMap<string, number> };

const fixed = (days: number): Wait => [days, days, days];

/** What is left of a wait that began so many days ago. */
const leftOf = ([least, likely, most]: Wait, agoDays: number): Wait => [
  Math.max(0, least - agoDays),
  Math.max(0, likely - agoDays),
  Math.max(0, most - agoDays),
];

/** Days from when a step could begin to when its work is done: evenings that are taken, and how long it takes. */
function handDays(step: Scheduled, byId: ReadonlyMap<string, Scheduled>, today: string): number {
  const ready = step.after.flatMap((id) => byId.get(id)?.readyOn ?? []).concat(today);
  return Math.max(
    0,
    daysBetween(
      ready.reduce((a, b) => (a > b ? a : b)),
      step.handsOn,
    ),
  );
}

/** The steps of a plan as an uncertain network, days from today. What is done stands; what spoils waits for its time. */
function uncertainOf(steps: readonly Scheduled[], today: string): Uncertain[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  return steps.map((step): Uncertain => {
    const { id, after, wait, state, spoils } = step;
    if (state === "done")
      return { id, after: [], handDays: 0, wait: fixed(Math.max(0, daysBetween(today, step.readyOn))) };
    if (state === "waiting")
      return { id, after: [], handDays: 0, wait: leftOf(wait, daysBetween(step.startOn, today)) };
    return { id, after, handDays: spoils ? 0 : handDays(step, byId, today), wait };
  });
}

/**
 * When the animal may come, by many seeded runs over the waits.
 *
 * @param today calendar day, ISO 8601
 * @example forecast(plan.steps, "2026-01-05", 5000, 1).nineOn // "2026-03-09"
 */
export function forecast(steps: readonly Scheduled[], today: string, runs: number, seed: number): Forecast {
  const { half, nine, governs } = chances(uncertainOf(steps, today), runs, seed);
  return { halfOn: daysAfter(today, Math.ceil(half)), nineOn: daysAfter(today, Math.ceil(nine)), governs };
}
