import type { Forecast, Scheduled } from "@/core/build";
import { workerClient } from "./client";
import type { PlannerJobs } from "./planner.worker";

const RUNS = 5000;
/** The same plan always has the same chances. */
const SEED = 1;

const planner = workerClient<PlannerJobs>(
  () => new Worker(new URL("./planner.worker.ts", import.meta.url), { type: "module" }),
);

/**
 * When the animal may come, by many runs over the waits, away from the page.
 *
 * @throws DOMException "AbortError" when stopped
 */
export const forecastPlan = (steps: readonly Scheduled[], today: string, signal?: AbortSignal): Promise<Forecast> =>
  planner.call("forecast", { steps, today, runs: RUNS, seed: SEED }, { signal });
