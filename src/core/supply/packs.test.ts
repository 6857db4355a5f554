import { STOCK } from "../library";
import fc from "fast-check";
import load from "highs";
import { describe, expect, it } from "vitest";
import { readAnswer, toLp } from "../solve";
import {
  EMPTY_BINS,
  inStock,
  packChoice,
  packQuestion,
  standsIn,
  withPack,
  withStock,
  wantsOf,
  type Aim,
  type Bins,
  type Need,
  type Pack,
} from "./index";

const highs = await load();
const choose = (needs: readonly Need[], bins: Bins, aim: Aim, swaps = false) => {
  const question = packQuestion(wantsOf(needs, swaps), bins, aim);
  return packChoice(question, readAnswer(highs.solve(toLp(question.model))));
};
const loose = (id: string, looseL: number): Need => ({ shelf: "ingredients", id, amount: { kind: "loose", looseL } });
const bag = (id: string, itemId: string, looseL: number, price: number | null): Pack => ({
  id,
  shelf: "ingredients",
  itemId,
  form: "bag",
  holds: { kind: "loose", looseL },
  price,
});
const bins = (...packs: Pack[]): Bins => ({ ...EMPTY_BINS, packs });

describe("the choice of whole packs", () => {
  it("is the same as trying every choice, for two wants, stock, and packs that stand in for one another (200 random cases)", () => {
    const whole = (min: number, max: number) => fc.integer({ min, max });
    const anyPack = fc.record({
      itemId: fc.constantFrom("playSand", "redSand"),
      looseL: whole(2, 12),
      price: whole(1, 20),
    });
    fc.assert(
      fc.property(
        whole(1, 20),
        whole(1, 20),
        fc.array(anyPack, { minLength: 1, maxLength: 3 }),
        whole(0, 8),
        fc.boolean(),
        (a, b, offered, stockL, swaps) => {
          const packs = offered.map((pack, at) => bag(`p${at}`, pack.itemId, pack.looseL, pack.price));
          const shelf = withStock(
            bins(...packs),
            {
              id: "s",
              shelf: "ingredients",
              itemId: "playSand",
              amount: { kind: "loose", looseL: stockL },
            },
            STOCK,
          );
          const wants = [loose("playSand", a), loose("redSand", b)];
          const of = (itemId: string, counts: readonly number[]) =>
            packs.reduce(
              (sum, pack, at) =>
                sum +
                (pack.itemId === itemId && pack.holds.kind === "loose" ? pack.holds.looseL * (counts[at] ?? 0) : 0),
              0,
            );
          // Hall's condition: every group of wants must find enough among all they accept.
          const enough = (counts: readonly number[]) => {
            const [sand, red] = [of("playSand", counts) + stockL, of("redSand", counts)];
            return swaps ? sand + red >= a + b : sand >= a && red >= b;
          };
          let best = Infinity;
          const most = packs.map((pack) => Math.ceil((a + b) / (pack.holds.kind === "loose" ? pack.holds.looseL : 1)));
          const tried = [...packs.keys()].reduce<number[][]>(
            (all, at) => all.flatMap((counts) => Array.from({ length: (most[at] ?? 0) + 1 }, (_, n) => [...counts, n])),
            [[]],
          );
          for (const counts of tried)
            if (enough(counts))
              best = Math.min(
                best,
                packs.reduce((sum, pack, at) => sum + (pack.price ?? 0) * (counts[at] ?? 0), 0),
              );
          const made = choose(wants, shelf, "cheapest", swaps);
          expect(made.unmet.length > 0).toBe(best === Infinity);
          if (best < Infinity) expect(made.cost).toBeCloseTo(best, 6);
        },
      ),
      { numRuns: 200 },
    );
  });
  it("takes the dearer pack when less is to be left, and the cheaper one when money counts", () => {
    const shelf = bins(bag("big", "coir", 20, 5), bag("small", "coir", 6, 4));
    expect(choose([loose("coir", 10)], shelf, "cheapest").buys.map(({ pack, count }) => [pack.id, count])).toEqual([
      ["big", 1],
    ]);
    expect(choose([loose("coir", 10)], shelf, "leastLeft").buys.map(({ pack, count }) => [pack.id, count])).toEqual([
      ["small", 2],
    ]);
  });
  it("counts bricks, cans, rolls and pieces each in their own unit", () => {
    const shelf: Bins = bins(
      {
        id: "brick",
        shelf: "ingredients",
        itemId: "coir",
        form: "brick",
        holds: { kind: "loose", looseL: 8 },
        price: 4,
      },
      {
        id: "roll",
        shelf: "barriers",
        itemId: "insectScreen",
        form: "roll",
        holds: { kind: "sheet", widthCm: 60, depthCm: 250 },
        price: 9,
      },
      {
        id: "pipe",
        shelf: "supplies",
        itemId: "legPipe",
        form: "piece",
        holds: { kind: "length", lengthCm: 100 },
        price: 2,
      },
      { id: "can", shelf: "supplies", itemId: "foamCan", form: "can", holds: { kind: "pieces", count: 1 }, price: 8 },
    );
    const made = choose(
      [
        loose("coir", 17),
        { shelf: "barriers", id: "insectScreen", amount: { kind: "sheet", widthCm: 65, depthCm: 75 } },
        { shelf: "supplies", id: "legPipe", amount: { kind: "length", lengthCm: 130 } },
        { shelf: "supplies", id: "foamCan", amount: { kind: "pieces", count: 2 } },
      ],
      shelf,
      "cheapest",
    );
    // Three bricks; two strips of 65 cm wide sheet out of 250 cm of roll; two metres of pipe; two cans.
    expect(Object.fromEntries(made.buys.map(({ pack, count }) => [pack.id, count]))).toEqual({
      brick: 3,
      roll: 1,
      pipe: 2,
      can: 2,
    });
    expect(made.cost).toBe(3 * 4 + 9 + 2 * 2 + 2 * 8);
  });
  it("says what nobody sells, what has no price, and buys nothing that is in stock", () => {
    const stocked = withStock(
      bins(bag("b", "coir", 5, null)),
      {
        id: "s",
        shelf: "ingredients",
        itemId: "peat",
        amount: { kind: "loose", looseL: 12 },
      },
      STOCK,
    );
    const made = choose([loose("coir", 4), loose("peat", 12), loose("charcoal", 1)], stocked, "cheapest");
    expect(made.unmet.map((want) => want.need.id)).toEqual(["coir", "charcoal"]);
    expect(made.buys).toEqual([]);
    expect(choose([loose("coir", 4)], stocked, "leastLeft")).toMatchObject({ cost: undefined, buys: [{ count: 1 }] });
    expect(inStock(loose("peat", 30), stocked)).toBe(12);
  });
  it("prefers what the recipe names when all else is equal", () => {
    const made = choose(
      [loose("playSand", 5)],
      bins(bag("red", "redSand", 5, 3), bag("play", "playSand", 5, 3)),
      "cheapest",
      true,
    );
    expect(made.uses.map((use) => use.itemId)).toEqual(["playSand"]);
    expect(standsIn("ingredients", "coir")).toEqual(["coir"]);
  });
});

describe("the bins", () => {
  it("refuse what is not in the library, another unit, and what is no number, by name", () => {
    expect(() => withPack(EMPTY_BINS, bag("p", "gold", 5, 1), STOCK)).toThrow(/^itemId: /);
    expect(() =>
      withPack(EMPTY_BINS, { ...bag("p", "coir", 5, 1), holds: { kind: "pieces", count: 2 } }, STOCK),
    ).toThrow(/^holds: /);
    expect(() => withPack(EMPTY_BINS, bag("p", "coir", Number.NaN, 1), STOCK)).toThrow(/looseL/);
  });
});

it("a model prints only names and figures a solver can read", () => {
  expect(() => toLp({ minimise: { "x y": 1 }, constraints: [] })).toThrow(/^name: /);
  expect(() => toLp({ minimise: { x: Number.NaN }, constraints: [] })).toThrow(/^x: /);
  expect(
    readAnswer(
      highs.solve(
        toLp({
          minimise: { x: 1 },
          constraints: [{ name: "r", sum: { x: 1 }, is: ">=", to: 5 }],
          bounds: { x: [0, 3] },
        }),
      ),
    ).status,
  ).toBe("impossible");
});
