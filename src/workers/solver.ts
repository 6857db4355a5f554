import type { Model, Solution } from "@/core/solve";
import { workerClient } from "./client";
import type { SolverJobs } from "./solver.worker";

const SECONDS_AT_MOST = 60;

const solver = workerClient<SolverJobs>(
  () => new Worker(new URL("./solver.worker.ts", import.meta.url), { type: "module" }),
);

/**
 * Solves a model away from the page.
 *
 * @throws DOMException "AbortError" when stopped; Error when the solver itself could not be loaded
 */
export const solveModel = (model: Model, signal?: AbortSignal): Promise<Solution> =>
  solver.call("solve", { model, secondsAtMost: SECONDS_AT_MOST }, { signal });
