import load from "highs";
import { readAnswer, solverOptions, toLp, type Model, type Solution } from "@/core/solve";
import { exposeJobs } from "./alive";

/** Loaded once, when the first question is asked. */
let loading: ReturnType<typeof load> | undefined;

const jobs = {
  async solve({ model, secondsAtMost }: { model: Model; secondsAtMost: number }): Promise<Solution> {
    loading ??= load({ locateFile: (file: string) => `/${file}` });
    const highs = await loading.catch((error: unknown) => {
      // Asked again, it is loaded again.
      loading = undefined;
      throw error;
    });
    return readAnswer(highs.solve(toLp(model), solverOptions(model, secondsAtMost)));
  },
};
export type SolverJobs = typeof jobs;

exposeJobs(jobs);
