import { wrap, type Remote } from "comlink";
import type { Model, Solution } from "@/core/solve";
import type { SolverApi } from "./solver.worker";

const SECONDS_AT_MOST = 60;

type Running = { worker: Worker; api: Remote<SolverApi> };
let running: Running | undefined;

function start(): Running {
  const worker = new Worker(new URL("./solver.worker.ts", import.meta.url), { type: "module" });
  return { worker, api: wrap<SolverApi>(worker) };
}

/**
 * Solves a model away from the page. Stopping it ends the worker at once; the next question starts a new one.
 *
 * @throws DOMException "AbortError" when stopped; Error when the solver itself could not be loaded
 */
export async function solveModel(model: Model, signal?: AbortSignal): Promise<Solution> {
  running ??= start();
  const { worker, api } = running;
  const ended = new Promise<never>((_, reject) => {
    const give = (error: unknown) => {
      worker.terminate();
      running = undefined;
      reject(error);
    };
    signal?.addEventListener("abort", () => give(new DOMException("stopped", "AbortError")), { once: true });
    worker.addEventListener("error", (event) => give(new Error(event.message)), { once: true });
  });
  return Promise.race([api.solve(model, SECONDS_AT_MOST), ended]);
}
