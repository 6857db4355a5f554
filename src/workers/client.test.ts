import { expose } from "comlink";
import { expect, it } from "vitest";
import { workerClient, type Progress, type WorkerLike } from "./client";

/** What the worker of these tests can do. */
const jobs = {
  double: async (n: number, onProgress: Progress) => {
    onProgress(0.5);
    return n * 2;
  },
  refuse: async (why: string): Promise<never> => {
    throw new Error(why);
  },
  never: async (_: null) => new Promise<number>(() => undefined),
};
type TestJobs = typeof jobs;

/**
 * A worker that runs in this thread behind a message channel, as a real one does behind its own, and that can be made
 * to break down.
 */
class FakeWorker extends EventTarget {
  static started: FakeWorker[] = [];
  private readonly channel = new MessageChannel();
  private readonly listeners = new Map<unknown, (event: Event) => void>();
  terminated = false;

  constructor() {
    super();
    FakeWorker.started.push(this);
    expose(jobs, this.channel.port2);
    this.channel.port1.onmessage = (event) =>
      this.dispatchEvent(new MessageEvent("message", { data: event.data as unknown, ports: [...event.ports] }));
  }
  postMessage(message: unknown, moved: Transferable[]): void {
    this.channel.port1.postMessage(message, moved);
  }
  terminate(): void {
    this.terminated = true;
    this.channel.port1.close();
    this.channel.port2.close();
  }
  breakDown(): void {
    this.dispatchEvent(Object.assign(new Event("error"), { message: "out of memory" }));
  }
  override addEventListener(type: string, listener: EventListenerOrEventListenerObject | null): void {
    this.listeners.set(listener, listener as (event: Event) => void);
    super.addEventListener(type, listener);
  }
  override removeEventListener(type: string, listener: EventListenerOrEventListenerObject | null): void {
    this.listeners.delete(listener);
    super.removeEventListener(type, listener);
  }
  get listening(): number {
    return this.listeners.size;
  }
}

function client() {
  FakeWorker.started = [];
  return workerClient<TestJobs>(() => new FakeWorker() as unknown as WorkerLike);
}
const last = () => FakeWorker.started.at(-1)!;

it("one worker does all the jobs, in order, tells how far it is, and passes on what a job throws", async () => {
  const worker = client();
  expect(FakeWorker.started).toHaveLength(0);
  const told: number[] = [];
  const doubles = [1, 2, 3].map((n) => worker.call("double", n, { onProgress: (share) => told.push(share) }));
  expect(await Promise.all(doubles)).toEqual([2, 4, 6]);
  await expect(worker.call("refuse", "no peat")).rejects.toThrow("no peat");
  expect(await worker.call("double", 9)).toBe(18);
  expect(FakeWorker.started).toHaveLength(1);
  expect(told.length).toBe(3);
});

it("stopping the job that runs rejects that one alone; those behind it go on in a new worker", async () => {
  const worker = client();
  const stop = new AbortController();
  const running = worker.call("never", null, { signal: stop.signal });
  const behind = [worker.call("double", 4), worker.call("double", 5)];
  stop.abort();
  await expect(running).rejects.toMatchObject({ name: "AbortError" });
  expect(await Promise.all(behind)).toEqual([8, 10]);
  expect(FakeWorker.started.map(({ terminated }) => terminated)).toEqual([true, false]);
});

it("stopping a job that waits takes it out of the queue and leaves the one that runs alone", async () => {
  const worker = client();
  const stop = new AbortController();
  const first = worker.call("double", 1);
  const waiting = worker.call("never", null, { signal: stop.signal });
  const after = worker.call("double", 3);
  stop.abort();
  await expect(waiting).rejects.toMatchObject({ name: "AbortError" });
  expect([await first, await after]).toEqual([2, 6]);
  expect(FakeWorker.started).toHaveLength(1);
});

it("a job already settled is not stopped any more, and its finish does not end another", async () => {
  const worker = client();
  const stop = new AbortController();
  await worker.call("double", 1, { signal: stop.signal });
  const other = worker.call("double", 2);
  stop.abort();
  expect(await other).toBe(4);
  expect(FakeWorker.started.map(({ terminated }) => terminated)).toEqual([false]);
  await expect(worker.call("double", 3, { signal: stop.signal })).rejects.toMatchObject({ name: "AbortError" });
});

it("a worker that breaks down rejects the job it had, lets go of its listeners, and the next job starts a new one", async () => {
  const worker = client();
  const lost = worker.call("never", null);
  const next = worker.call("double", 6);
  const broken = last();
  broken.breakDown();
  await expect(lost).rejects.toThrow("out of memory");
  expect(await next).toBe(12);
  expect(FakeWorker.started).toHaveLength(2);
  expect([broken.terminated, last().terminated]).toEqual([true, false]);
});

it("listeners do not pile up with the jobs", async () => {
  const worker = client();
  await worker.call("double", 1);
  const after1 = last().listening;
  for (let n = 0; n < 20; n += 1) await worker.call("double", n);
  expect(last().listening).toBe(after1);
});
