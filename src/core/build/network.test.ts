import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chances, meanDays, varianceDays, type Uncertain, type Wait } from "./chances";
import { criticalPath, workingOrder, type Node } from "./network";

/**
 * A house of fourteen activities, with three estimates of each in weeks: Hillier and Lieberman, Introduction to
 * Operations Research, chapter on project management (recalled).
 */
const HOUSE: readonly [id: string, wait: Wait, after: string][] = [
  ["A", [1, 2, 3], ""],
  ["B", [2, 3.5, 8], "A"],
  ["C", [6, 9, 18], "B"],
  ["D", [4, 5.5, 10], "C"],
  ["E", [1, 4.5, 5], "C"],
  ["F", [4, 4, 10], "E"],
  ["G", [5, 6.5, 11], "D"],
  ["H", [5, 8, 17], "EG"],
  ["I", [3, 7.5, 9], "C"],
  ["J", [3, 9, 9], "FI"],
  ["K", [4, 4, 4], "J"],
  ["L", [1, 5.5, 7], "J"],
  ["M", [1, 2, 3], "H"],
  ["N", [5, 5.5, 9], "KL"],
];
const house: Node[] = HOUSE.map(([id, wait, after]) => ({ id, days: meanDays(wait), after: [...after] }));

/** Any network without rounds: each may wait for some of those before it. */
const anyNetwork = fc.integer({ min: 1, max: 12 }).chain((count) =>
  fc.tuple(
    ...Array.from({ length: count }, (_, at) =>
      fc
        .record({
          days: fc.integer({ min: 0, max: 30 }),
          picks: fc.array(fc.boolean(), { minLength: at, maxLength: at }),
        })
        .map(({ days, picks }): Node => ({
          id: `n${at}`,
          days,
          after: picks.flatMap((is, n) => (is ? [`n${n}`] : [])),
        })),
    ),
  ),
);

/** The longest way to the end of an activity, by walking every way there is. */
function longestTo(nodes: readonly Node[], id: string): number {
  const node = nodes.find((one) => one.id === id)!;
  return node.days + Math.max(0, ...node.after.map((before) => longestTo(nodes, before)));
}

describe("the critical path", () => {
  it("of the textbook's house is A B C E F J L N and takes 44 weeks", () => {
    const { days, spans } = criticalPath(house);
    expect(days).toBeCloseTo(44, 9);
    const critical = house.filter(({ id }) => spans.get(id)!.float < 1e-9).map(({ id }) => id);
    expect(critical.join("")).toBe("ABCEFJLN");
    // Float of D, G, H and M: 4 weeks; of I 2 and of K 1.
    expect(["D", "G", "H", "M", "I", "K"].map((id) => Math.round(spans.get(id)!.float * 1e6) / 1e6)).toEqual([
      4, 4, 4, 4, 2, 1,
    ]);
  });
  it("is the longest way through, whatever the network (300 random ones, against every way walked)", () => {
    fc.assert(
      fc.property(anyNetwork, (nodes) => {
        const { days, spans } = criticalPath(nodes);
        expect(days).toBe(Math.max(...nodes.map(({ id }) => longestTo(nodes, id))));
        for (const { id } of nodes) expect(spans.get(id)!.earlyFinish).toBe(longestTo(nodes, id));
      }),
      { numRuns: 300 },
    );
  });
  it("what has float can slip by it and the end stands; by a day more and the end slips a day", () => {
    fc.assert(
      fc.property(anyNetwork, fc.nat(), (nodes, pick) => {
        const { days, spans } = criticalPath(nodes);
        const slow = nodes[pick % nodes.length]!;
        const { float } = spans.get(slow.id)!;
        const slipped = (by: number) =>
          criticalPath(nodes.map((node) => (node === slow ? { ...node, days: node.days + by } : node))).days;
        expect(slipped(float)).toBe(days);
        expect(slipped(float + 1)).toBe(days + 1);
      }),
    );
  });
  it("names those that wait for one another in a round", () => {
    const round: Node[] = [
      { id: "a", days: 1, after: [] },
      { id: "b", days: 1, after: ["a", "d"] },
      { id: "c", days: 1, after: ["b"] },
      { id: "d", days: 1, after: ["c"] },
    ];
    expect(() => criticalPath(round)).toThrow(/b → d → c wait for one another/);
    expect(workingOrder(round)).toEqual({ round: ["b", "d", "c"] });
    expect(criticalPath([{ id: "a", days: 2, after: ["gone"] }]).days).toBe(2);
  });
});

describe("chances", () => {
  const uncertain = (list: readonly (readonly [string, Wait, string])[]): Uncertain[] =>
    list.map(([id, wait, after]) => ({ id, handDays: 0, wait, after: [...after] }));

  it("mean and variance of the house's path are 44 and 9 weeks (program evaluation and review technique)", () => {
    const path = HOUSE.filter(([id]) => "ABCEFJLN".includes(id)).map(([, wait]) => wait);
    expect(path.reduce((sum, wait) => sum + meanDays(wait), 0)).toBeCloseTo(44, 9);
    expect(path.reduce((sum, wait) => sum + varianceDays(wait), 0)).toBeCloseTo(9, 9);
  });
  it("of a chain the mean of the runs is the sum of the means, and nine in ten lie where a normal sum has them", () => {
    const chain = HOUSE.filter(([id]) => "ABCEFJLN".includes(id)).map(
      ([id, wait], at, all) => [id, wait, at === 0 ? "" : all[at - 1]![0]] as const,
    );
    const found = chances(uncertain(chain), 20_000, 7);
    expect(Math.abs(found.meanDays - 44)).toBeLessThan(0.1);
    // 44 + 1.2816 × 3, the beta's variance being a little over the review technique's.
    expect(Math.abs(found.nine - 47.8)).toBeLessThan(0.6);
    expect(found.governs.get("A")).toBe(1);
  });
  it("of the whole house more than one path can set the end, so the mean is over 44", () => {
    const found = chances(uncertain(HOUSE), 5_000, 7);
    expect(found.meanDays).toBeGreaterThan(44);
    expect(found.governs.get("E")! + found.governs.get("I")! + found.governs.get("D")!).toBeCloseTo(1, 1);
    expect(chances(uncertain(HOUSE), 5_000, 7)).toEqual(found);
  });
  it("lie between all at their least and all at their most, nine in ten never before half", () => {
    fc.assert(
      fc.property(anyNetwork, fc.integer({ min: 0, max: 9 }), (nodes, reach) => {
        const list = nodes.map(({ id, days, after }): Uncertain => ({
          ...{ id, after, handDays: 1 },
          wait: [days, days + reach / 2, days + reach],
        }));
        const at = (pick: 0 | 2) =>
          criticalPath(list.map(({ wait, ...one }) => ({ ...one, days: 1 + wait[pick] }))).days;
        const found = chances(list, 40, 3);
        expect(found.half).toBeGreaterThanOrEqual(at(0) - 1e-9);
        expect(found.nine).toBeLessThanOrEqual(at(2) + 1e-9);
        expect(found.nine).toBeGreaterThanOrEqual(found.half);
      }),
    );
  });
});
