import { proxy, wrap, type Remote } from "comlink";
import { watched, type Alive } from "./alive";

/** How far a job is, 0 to 1. */
export type Progress = (share: number) => void;

/** What a worker offers: named jobs, each of which may tell its progress. */
type Jobs = Record<string, (args: never, onProgress: Progress) => Promise<unknown>>;
type ArgsOf<J extends Jobs, K extends keyof J> = Parameters<J[K]>[0];
type ResultOf<J extends Jobs, K extends keyof J> = Awaited<ReturnType<J[K]>>;

export type Options = { signal?: AbortSignal | undefined; onProgress?: Progress | undefined };

export type WorkerClient<J extends Jobs> = {
  /**
   * Runs a job in the worker. Jobs run one after the other.
   *
   * @throws DOMException "AbortError" when it is stopped; whatever the job throws; Error when the worker broke down
   */
  call: <K extends keyof J & string>(name: K, args: ArgsOf<J, K>, options?: Options) => Promise<ResultOf<J, K>>;
};

/** As much of a worker as is needed here, so that tests can bring one of their own. */
export type WorkerLike = Worker;

type Failed = { error: Error };
type Outcome = { value: unknown } | Failed;

type Job = {
  run: (api: Remote<Jobs>) => Promise<unknown>;
  signal: AbortSignal | undefined;
  settle: (outcome: Outcome) => void;
};

type Started = { worker: WorkerLike; api: Remote<Jobs>; lives: Promise<void>; stopWatching: () => void };

const stopped = () => new DOMException("stopped", "AbortError");

/**
 * One client for one kind of worker. The worker is started with the first job. Stopping a job rejects that job alone:
 * one that waits is taken out of the queue, one that runs ends the worker, as a solver cannot be asked to stop, and
 * those behind it go on in a new one. A worker that breaks down rejects the job it had, and a new one takes the next.
 */
export function workerClient<J extends Jobs>(start: () => WorkerLike): WorkerClient<J> {
  let started: Started | undefined;
  let running: Job | undefined;
  let waiting: Job[] = [];

  const onBreak = (event: ErrorEvent | MessageEvent): void =>
    endWorker({ error: new Error("message" in event ? event.message : "the worker broke down") });

  const startWorker = (): Started => {
    if (started) return started;
    const worker = start();
    worker.addEventListener("error", onBreak);
    worker.addEventListener("messageerror", onBreak);
    const { lives, stop: stopWatching } = watched(wrap<Alive>(worker), () => {
      if (worker === started?.worker) endWorker({ error: new Error("the worker was ended") });
    });
    started = { worker, api: wrap<Jobs>(worker), lives, stopWatching };
    return started;
  };

  /** Ends the worker and the job it had; the next one starts another. */
  const endWorker = (outcome: Failed): void => {
    started?.worker.removeEventListener("error", onBreak);
    started?.worker.removeEventListener("messageerror", onBreak);
    started?.stopWatching();
    started?.worker.terminate();
    started = undefined;
    finish(running, outcome);
  };

  const finish = (job: Job | undefined, outcome: Outcome): void => {
    if (job !== running) return;
    running = undefined;
    job?.settle(outcome);
    next();
  };

  const next = (): void => {
    if (running) return;
    const [job, ...rest] = waiting;
    if (!job) return;
    waiting = rest;
    running = job;
    const { api, lives } = startWorker();
    const done = lives.then(() => (job === running ? job.run(api) : undefined));
    done.then(
      (value) => finish(job, { value }),
      (error: unknown) => finish(job, { error: error instanceof Error ? error : new Error(String(error)) }),
    );
  };

  const stop = (job: Job): void => {
    if (job === running) return endWorker({ error: stopped() });
    if (!waiting.includes(job)) return;
    waiting = waiting.filter((other) => other !== job);
    job.settle({ error: stopped() });
  };

  return {
    call: (name, args, { signal, onProgress } = {}) =>
      new Promise((resolve, reject) => {
        if (signal?.aborted) return reject(stopped());
        const onAbort = () => stop(job);
        const job: Job = {
          run: (remote) => {
            const call = remote[name] as unknown as (args: unknown, onProgress: Progress) => Promise<unknown>;
            return call(args, proxy(onProgress ?? (() => undefined)));
          },
          signal,
          settle: (outcome) => {
            signal?.removeEventListener("abort", onAbort);
            if ("error" in outcome) reject(outcome.error);
            else resolve(outcome.value as never);
          },
        };
        signal?.addEventListener("abort", onAbort, { once: true });
        waiting = [...waiting, job];
        next();
      }),
  };
}
