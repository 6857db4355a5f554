/** An activity of a network: how long it takes, and which must be over before it begins. */
export type Node = { id: string; days: number; after: readonly string[] };

/** Earliest and latest days of an activity from the start of all, and how long it may slip before the end does. */
export type Span = { earlyStart: number; earlyFinish: number; lateStart: number; lateFinish: number; float: number };

/** Each activity with those that must be over before it, in an order that can be worked in; or those that go round. */
type Order = { order: readonly Node[] } | { round: readonly string[] };

/**
 * An order in which each comes after all it waits for, as given where that is open. What waits for an activity that is
 * not there waits for nothing.
 *
 * @returns the ids of those that wait for one another in a round, where there are any
 */
export function workingOrder(nodes: readonly Node[]): Order {
  const there = new Set(nodes.map(({ id }) => id));
  const order: Node[] = [];
  const done = new Set<string>();
  let waiting = [...nodes];
  while (waiting.length > 0) {
    const free = waiting.filter(({ after }) => after.every((id) => !there.has(id) || done.has(id)));
    if (free.length === 0) return { round: roundIn(waiting) };
    for (const node of free) {
      order.push(node);
      done.add(node.id);
    }
    waiting = waiting.filter(({ id }) => !done.has(id));
  }
  return { order };
}

/** One round among those that cannot begin: from any of them back along what it waits for, until one comes twice. */
function roundIn(stuck: readonly Node[]): string[] {
  const byId = new Map(stuck.map((node) => [node.id, node]));
  const path: string[] = [];
  let at = stuck[0];
  while (at && !path.includes(at.id)) {
    path.push(at.id);
    at = at.after.flatMap((id) => byId.get(id) ?? [])[0];
  }
  return at ? path.slice(path.indexOf(at.id)) : path;
}

const most = (days: readonly number[]): number => Math.max(0, ...days);

/**
 * The critical path method (Kelley and Walker 1959): a pass forward for the earliest days, one back for the latest; what
 * has no float between them sets the end.
 *
 * @throws RangeError naming the activities that wait for one another in a round
 * @example criticalPath([{ id: "a", days: 3, after: [] }, { id: "b", days: 2, after: ["a"] }]).days // 5
 */
export function criticalPath(nodes: readonly Node[]): { days: number; spans: ReadonlyMap<string, Span> } {
  const sorted = workingOrder(nodes);
  if ("round" in sorted) throw new RangeError(`after: ${sorted.round.join(" → ")} wait for one another`);
  const finish = new Map<string, number>();
  for (const { id, days, after } of sorted.order) {
    finish.set(id, most(after.map((before) => finish.get(before) ?? 0)) + days);
  }
  const days = most([...finish.values()]);
  const lateFinish = new Map(nodes.map(({ id }) => [id, days]));
  for (const node of sorted.order.toReversed()) {
    const lateStart = (lateFinish.get(node.id) ?? days) - node.days;
    for (const before of node.after) lateFinish.set(before, Math.min(lateFinish.get(before) ?? days, lateStart));
  }
  const spanOf = ({ id, days: long }: Node): Span => {
    const [early, late] = [finish.get(id) ?? 0, lateFinish.get(id) ?? days];
    return {
      earlyStart: early - long,
      earlyFinish: early,
      lateStart: late - long,
      lateFinish: late,
      float: late - early,
    };
  };
  return { days, spans: new Map(sorted.order.map((node) => [node.id, spanOf(node)])) };
}
