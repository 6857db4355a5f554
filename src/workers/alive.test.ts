import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { SAYS_WITHIN_MS, watched } from "./alive";

/** Locks as a browser has them, for as much as is asked of them: one holder at a time, the next when it lets go. */
function fakeLocks() {
  const held = new Map<string, Promise<unknown>>();
  return {
    request: async (name: string, ...[first, second]: [unknown, unknown?]) => {
      const run = (second ?? first) as () => Promise<unknown>;
      await held.get(name);
      const holding = Promise.resolve(run());
      held.set(name, holding);
      return holding;
    },
  };
}

describe("a worker that is watched", () => {
  const locks = fakeLocks();
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("navigator", { locks });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  /** Holds the lock until it is ended. */
  function living() {
    let end: () => void = () => undefined;
    const ended = new Promise<void>((resolve) => {
      end = resolve;
    });
    const holdWhileAlive = (lock: string) =>
      new Promise<void>((held) => {
        void locks.request(lock, () => {
          held();
          return ended;
        });
      });
    return { holdWhileAlive, end };
  }

  it("is told dead when it is ended without a word, and not before, however long it lives", async () => {
    const tellDead = vi.fn();
    const worker = living();
    const { lives } = watched(worker, tellDead);
    await lives;
    await vi.advanceTimersByTimeAsync(10 * SAYS_WITHIN_MS);
    expect(tellDead).not.toHaveBeenCalled();
    worker.end();
    await vi.advanceTimersByTimeAsync(0);
    expect(tellDead).toHaveBeenCalledOnce();
  });

  it("is told dead when it was ended before it could say that it lives", async () => {
    const tellDead = vi.fn();
    watched({ holdWhileAlive: () => new Promise(() => undefined) }, tellDead);
    await vi.advanceTimersByTimeAsync(SAYS_WITHIN_MS - 1);
    expect(tellDead).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(1);
    expect(tellDead).toHaveBeenCalledOnce();
  });

  it("is let go of without a word", async () => {
    const tellDead = vi.fn();
    watched({ holdWhileAlive: () => new Promise(() => undefined) }, tellDead).stop();
    await vi.advanceTimersByTimeAsync(2 * SAYS_WITHIN_MS);
    expect(tellDead).not.toHaveBeenCalled();
  });
});
