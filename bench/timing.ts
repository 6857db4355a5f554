/** The middle one of some times. @example median([3, 1, 2]) // 2 */
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Milliseconds that something takes, run after run. */
export async function timesOf(runs: number, job: (run: number) => unknown): Promise<number[]> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const from = performance.now();
    await job(run);
    times.push(performance.now() - from);
  }
  return times;
}

export const line = (name: string, ms: number, quickest: number): string =>
  `${name.padEnd(44)} ${ms.toFixed(3).padStart(10)} ms   × ${(ms / quickest).toFixed(2)}`;
