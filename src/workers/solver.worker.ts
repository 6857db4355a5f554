import { expose } from "comlink";
import load from "highs";
import { readAnswer, solverOptions, toLp, type Model, type Solution } from "@/core/solve";

/** Loaded once, when the first question is asked. */
let loading: ReturnType<typeof load> | undefined;

const jobs = {
  async solve({ model, secondsAtMost }: { model: Model; secondsAtMost: number }): Promise<Solution> {
    loading ??= load({ locateFile: (file: string) => `/${file}` });
    const highs = await loading;
    return readAnswer(highs.solve(toLp(model), solverOptions(model, secondsAtMost)));
  },
};
export type SolverJobs = typeof jobs;

expose(jobs);
