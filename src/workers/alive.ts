import { expose } from "comlink";

type Locks = Pick<LockManager, "request">;
const locksHere = (): Locks | undefined => (typeof navigator === "undefined" ? undefined : navigator.locks);

/** What every worker offers beside its jobs. */
export type Alive = { holdWhileAlive: (lock: string) => Promise<void> };

/**
 * Offers jobs to the page. A worker that is ended by the browser, as when memory is short, says nothing: it holds a lock
 * of the name it is given for as long as it lives, so that its end is noticed.
 */
export const exposeJobs = (jobs: object): void =>
  expose({
    ...jobs,
    holdWhileAlive: (lock: string) =>
      new Promise<void>((held) => {
        const locks = locksHere();
        if (!locks) return held();
        void locks.request(lock, () => {
          held();
          return new Promise<never>(() => undefined);
        });
      }),
  } satisfies object);

/**
 * Tells when a worker is there no more, though nobody ended it.
 *
 * @returns a way to stop waiting for it
 */
export function whenItDies(worker: { holdWhileAlive: Alive["holdWhileAlive"] }, tell: () => void): () => void {
  const locks = locksHere();
  const stop = new AbortController();
  if (!locks) return () => undefined;
  const lock = `rincon.worker.${crypto.randomUUID()}`;
  void worker
    .holdWhileAlive(lock)
    .then(() => locks.request(lock, { signal: stop.signal }, () => tell()))
    .catch(() => undefined);
  return () => stop.abort();
}
