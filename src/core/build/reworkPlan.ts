import type { Scene } from "../scene";
import { daysBetween } from "../units";
import { rework, type Dug } from "./activities/rework";
import { planOfSteps, type Scheduled } from "./schedule";

/** The plan of a running box opened again: its steps by their days, what comes out, and how long the animals wait. */
export type ReworkPlan = { steps: readonly Scheduled[]; dug: readonly Dug[]; newL: number; waitDays: number };

const NOTHING_DONE = { doneOn: {}, begunOn: {} };

/**
 * Plans a rework from a day on.
 *
 * @param startOn calendar day, ISO 8601
 * @example reworkPlan(now, deeper, "2026-03-02").waitDays // 9
 */
export function reworkPlan(before: Scene, after: Scene, startOn: string): ReworkPlan {
  const { steps: made, dug, newL } = rework(before, after);
  const begun = { ...after, habitat: { ...after.habitat, build: { ...after.habitat.build, startOn, changes: [] } } };
  const { steps } = planOfSteps({ steps: made, problems: [] }, begun, NOTHING_DONE, startOn);
  const on = (job: Scheduled["job"]) => steps.find((step) => step.job === job)?.startOn ?? startOn;
  return { steps, dug, newL, waitDays: daysBetween(on("moveOut"), on("moveBack")) };
}
