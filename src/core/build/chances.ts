import { randomBeta } from "d3-random";
import { seeded } from "../random";
import { workingOrder } from "./network";

/** A wait that nobody knows beforehand, days: at the least, most likely, at the most. */
export type Wait = readonly [least: number, likely: number, most: number];

/** Mean of a wait by the program evaluation and review technique (Malcolm, Roseboom, Clark and Fazar 1959). */
export const meanDays = ([least, likely, most]: Wait): number => (least + 4 * likely + most) / 6;

/** Variance of a wait by the same: a sixth of its range, squared. */
export const varianceDays = ([least, , most]: Wait): number => ((most - least) / 6) ** 2;

/** An activity of an uncertain network: days by hand, then a wait. */
export type Uncertain = { id: string; handDays: number; wait: Wait; after: readonly string[] };

export type Chances = {
  /** Days by which half, and nine in ten, of the runs are over. */
  half: number;
  nine: number;
  meanDays: number;
  /** In what share of the runs an activity set the end. */
  governs: ReadonlyMap<string, number>;
};

/** A wait drawn by its beta distribution, the likely one four times as heavy as the ends. */
function drawer([least, likely, most]: Wait, random: () => number): () => number {
  if (most <= least) return () => likely;
  const reach = most - least;
  const beta = randomBeta.source(random)(1 + (4 * (likely - least)) / reach, 1 + (4 * (most - likely)) / reach);
  return () => least + reach * beta();
}

const share = (sorted: readonly number[], part: number): number =>
  sorted[Math.min(sorted.length - 1, Math.ceil(part * sorted.length) - 1)] ?? 0;

/**
 * When a network of uncertain waits is over, by many seeded runs.
 *
 * @param seed the same one always gives the same chances
 * @throws RangeError where activities wait for one another in a round
 * @example chances([{ id: "air", handDays: 0, wait: [14, 21, 28], after: [] }], 5000, 1).half // about 21
 */
export function chances(activities: readonly Uncertain[], runs: number, seed: number): Chances {
  const sorted = workingOrder(activities.map(({ id, after }) => ({ id, after, days: 0 })));
  if ("round" in sorted) throw new RangeError(`after: ${sorted.round.join(" → ")} wait for one another`);
  const random = seeded(seed);
  const byId = new Map(activities.map((activity) => [activity.id, activity]));
  const order = sorted.order.flatMap(({ id }) => byId.get(id) ?? []);
  const place = new Map(order.map(({ id }, at) => [id, at]));
  const before = order.map(({ after }) => after.flatMap((id) => place.get(id) ?? []));
  const draws = order.map(({ wait }) => drawer(wait, random));
  const ends: number[] = [];
  const governed = order.map(() => 0);
  const finish = new Float64Array(order.length);
  for (let run = 0; run < runs; run++) {
    for (const [at, { handDays }] of order.entries()) {
      const ready = Math.max(0, ...(before[at] ?? []).map((other) => finish[other] ?? 0));
      finish[at] = ready + handDays + (draws[at]?.() ?? 0);
    }
    ends.push(Math.max(0, ...finish));
    markGoverning(finish, before, governed);
  }
  ends.sort((a, b) => a - b);
  return {
    half: share(ends, 0.5),
    nine: share(ends, 0.9),
    meanDays: ends.reduce((sum, end) => sum + end, 0) / Math.max(1, runs),
    governs: new Map(order.map(({ id }, at) => [id, (governed[at] ?? 0) / Math.max(1, runs)])),
  };
}

/** Counts the activities on the path that set the end of a run: back from the last over, along the latest before each. */
function markGoverning(finish: Float64Array, before: readonly (readonly number[])[], governed: number[]): void {
  const latest = (some: readonly number[]): number | undefined =>
    some.reduce<number | undefined>(
      (so, one) => (so === undefined || (finish[one] ?? 0) > (finish[so] ?? 0) ? one : so),
      undefined,
    );
  let at = latest([...finish.keys()]);
  while (at !== undefined) {
    governed[at] = (governed[at] ?? 0) + 1;
    at = latest(before[at] ?? []);
  }
}
