import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { made, scene, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import {
  EMPTY_BINS,
  litresAtHand,
  looseSources,
  needs,
  pouredL,
  reservedBy,
  stairOf,
  usualStarter,
  withListed,
  withoutThing,
  type Bins,
  type Need,
} from "./index";

const has = (id: string, looseL: number, holdsL?: number, price: number | null = null): Bins => ({
  ...EMPTY_BINS,
  stock: [{ id: "s", shelf: "drainageMedia", itemId: id, amount: { kind: "loose", looseL } }],
  packs: holdsL
    ? [{ id: "p", shelf: "drainageMedia", itemId: id, form: "bag", holds: { kind: "loose", looseL: holdsL }, price }]
    : [],
});
const needOf = (list: readonly Need[], id: string): Need => list.find((need) => need.id === id)!;

describe("why so much is bought", () => {
  it("in any habitat the steps of every poured thing add up to what is needed, and it goes where it is needed", () => {
    fc.assert(
      fc.property(anyHabitat, fc.double({ min: 0, max: 50, noNaN: true }), ({ design }, stockL) => {
        const set = scene(design);
        const sources = looseSources(set);
        for (const need of needs(set)) {
          const bins: Bins = {
            ...EMPTY_BINS,
            stock: [
              {
                id: "s",
                shelf: need.shelf as "ingredients",
                itemId: need.id,
                amount: { kind: "loose", looseL: stockL },
              },
            ],
          };
          const stair = stairOf(need, sources, bins);
          if (!stair) continue;
          const up = stair.steps.filter(({ code }) => code !== "stock");
          expect(up.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(stair.needL, 5);
          expect(stair.steps.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(stair.shortL, 5);
          expect(up.every(({ litres }) => litres > 0)).toBe(true);
          expect(stair.sources.reduce((sum, source) => sum + pouredL(source), 0)).toBeLessThanOrEqual(
            stair.needL + 1e-6,
          );
        }
      }),
      { numRuns: 40 },
    );
  });
  it("pebbles 6 cm deep over 60 x 45: 16.2 L lie, 5 % of what is poured settles, 10 L are there, a bag of 5 L twice", () => {
    const set = scene(started());
    const need = needOf(needs(set), "clayPebbles");
    const stair = stairOf(need, looseSources(set), has("clayPebbles", 10, 5, 4))!;
    const step = (code: string) => stair.steps.find((one) => one.code === code)?.litres;
    expect(step("lies")).toBeCloseTo(16.2, 9);
    expect(step("settles")).toBeCloseTo(16.2 / 0.95 - 16.2, 9);
    expect([step("lost"), step("stock")]).toEqual([undefined, -10]);
    expect(stair.packs).toMatchObject({ count: 2, leftL: expect.closeTo(10 - (16.2 / 0.95 - 10), 9) });
  });
  it("of packs of several kinds those are told that cost least", () => {
    const set = scene(started());
    const need = needOf(needs(set), "clayPebbles");
    const bins = has("clayPebbles", 0, 5, 4);
    const large = { ...bins.packs[0]!, id: "large", holds: { kind: "loose" as const, looseL: 20 }, price: 11 };
    expect(stairOf(need, looseSources(set), { ...bins, packs: [...bins.packs, large] })?.packs?.pack.id).toBe("large");
    const dear = { ...large, price: 40 };
    expect(stairOf(need, looseSources(set), { ...bins, packs: [...bins.packs, dear] })?.packs?.count).toBe(4);
  });
  it("charcoal spread under the soil is bought as charcoal, together with that in the mix", () => {
    const layer = { id: "char", kind: "dressing", materialId: "charcoalLayer", depthCm: 1 } as const;
    const before = scene(started());
    const after = scene(made(started(), { name: "addLayer", args: { layer } }));
    const litres = (set: typeof before) => {
      const amount = needs(set).find(({ id }) => id === "charcoal")?.amount;
      return amount?.kind === "loose" ? amount.looseL : 0;
    };
    expect(litres(after) - litres(before)).toBeCloseTo(2.7 * 1.09, 6);
    expect(after.habitat.strata.layers.map(({ kind }) => kind).slice(0, 4)).toEqual([
      "drainage",
      "barrier",
      "dressing",
      "soil",
    ]);
    expect(needs(after).some(({ id }) => id === "charcoalLayer")).toBe(false);
  });
  it("charcoal in the bins is what there is of that layer", () => {
    const layer = { id: "char", kind: "dressing", materialId: "charcoalLayer", depthCm: 1 } as const;
    const set = scene(made(started(), { name: "addLayer", args: { layer } }));
    const stock: Bins["stock"] = [
      { id: "s", shelf: "ingredients", itemId: "charcoal", amount: { kind: "loose", looseL: 3 } },
    ];
    expect(litresAtHand(set, "char", { ...EMPTY_BINS, stock })).toBe(3);
  });
  it("a piece moulded of clay is bought as the clay it holds, not as a thing", () => {
    const args = { id: "face", kindId: "clayFace", xCm: 30, yCm: 40, turnDeg: 0, fillMixId: null } as const;
    const size = { widthCm: 30, depthCm: 4, heightCm: 25, rest: { on: "wall", upCm: 20 } } as const;
    const list = needs(scene(made(started(), { name: "addPiece", args: { ...args, ...size } })));
    // 3 L of room, of which 85 % are there.
    expect(needOf(list, "sculptingClay").amount).toEqual({ kind: "loose", looseL: expect.closeTo(3 * 0.85, 9) });
    expect(list.some(({ id }) => id === "clayFace")).toBe(false);
  });
  it.each([
    ["litres", 1, 2700, 0.25],
    ["litres", 0.2, 100, 0.05],
    ["pieces", 4, 2700, 1],
    ["pieces", 4, 12_000, 5],
  ] as const)(
    "a starter in %s, %f a square metre, comes to its share of %i cm², and to some at the least",
    (unit, startsPerM2, cm2, amount) => {
      expect(usualStarter({ unit, startsPerM2 }, cm2)).toBeCloseTo(amount, 9);
    },
  );
  it("a fern tied to wood wants a pad of moss, a rosette sits on the bare wood", () => {
    const tied = (plantId: string) =>
      made(started(), { name: "addPlant", args: { id: "p", plantId, xCm: 20, yCm: 20, spot: "wood" } });
    const pads = (plantId: string) => looseSources(scene(tied(plantId))).filter(({ where }) => where.on === "mounts");
    expect(pads("rabbitFootFern").map((source) => [source.id, pouredL(source)])).toEqual([["sphagnum", 0.1]]);
    expect(pads("cupBromeliad")).toEqual([]);
  });
});

it("what other habitats want of a thing is told by habitat", () => {
  const own = needs(scene(started()));
  const other = needs(scene(started({ shell: { widthCm: 120, depthCm: 45, heightCm: 60, sillCm: 20, top: "mesh" } })));
  const [wanted] = reservedBy(needOf(own, "clayPebbles"), [
    { name: "Long", needs: other },
    { name: "None", needs: [] },
  ]);
  expect(wanted).toEqual({ name: "Long", amount: expect.closeTo((2 * 16.2) / 0.95, 6) });
});

it("a thing is listed without any of it, once, and goes with all it had", () => {
  const thing = { shelf: "drainageMedia", itemId: "clayPebbles" } as const;
  const listed = withListed(withListed(EMPTY_BINS, thing), thing);
  expect(listed.listed).toEqual([thing]);
  const gone = withoutThing(withListed(has("clayPebbles", 4, 5), thing), thing);
  expect([gone.stock, gone.packs, gone.listed]).toEqual([[], [], []]);
});
