import { forecast, type Forecast, type Scheduled } from "@/core/build";
import { exposeJobs } from "./alive";

type Asked = { steps: readonly Scheduled[]; today: string; runs: number; seed: number };

const jobs = {
  async forecast({ steps, today, runs, seed }: Asked): Promise<Forecast> {
    return Promise.resolve(forecast(steps, today, runs, seed));
  },
};
export type PlannerJobs = typeof jobs;

exposeJobs(jobs);
