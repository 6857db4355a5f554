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

/** A worker that has not said in so long that it lives was ended while it was read, or cannot be read at all. */
export const SAYS_WITHIN_MS = 60_000;

/** A worker that is watched. */
type Watched = {
  /** Settles once it lives: what it is asked before then keeps it from saying so. */
  lives: Promise<void>;
  /** Stops waiting for its end. */
  stop: () => void;
};

/** Tells when a worker is there no more, or never came to be, though nobody ended it. */
export function watched(worker: { holdWhileAlive: Alive["holdWhileAlive"] }, tellDead: () => void): Watched {
  const locks = locksHere();
  if (!locks) return { lives: Promise.resolve(), stop: () => undefined };
  const waiting = new AbortController();
  const silent = setTimeout(tellDead, SAYS_WITHIN_MS);
  const lock = `rincon.worker.${crypto.randomUUID()}`;
  const lives = worker.holdWhileAlive(lock).then(() => clearTimeout(silent));
  lives.then(() => locks.request(lock, { signal: waiting.signal }, () => tellDead())).catch(() => undefined);
  return {
    lives,
    stop: () => {
      clearTimeout(silent);
      waiting.abort();
    },
  };
}
