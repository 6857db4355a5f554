import { expect, it } from "vitest";
import { STOCK } from "../library";
import { EMPTY_BINS, litrePrices, litresInStock, mixPricePerL, withPack, withStock, type Bins } from "./index";

const loose = (looseL: number) => ({ kind: "loose" as const, looseL });
const bins: Bins = [
  (b: Bins) => withStock(b, { id: "a", shelf: "ingredients", itemId: "coir", amount: loose(6) }, STOCK),
  (b: Bins) => withStock(b, { id: "b", shelf: "ingredients", itemId: "coir", amount: loose(5) }, STOCK),
  (b: Bins) => withStock(b, { id: "c", shelf: "ingredients", itemId: "peat", amount: loose(0) }, STOCK),
  (b: Bins) =>
    withPack(b, { id: "d", shelf: "ingredients", itemId: "coir", form: "brick", holds: loose(8), price: 4 }, STOCK),
  (b: Bins) =>
    withPack(b, { id: "e", shelf: "ingredients", itemId: "coir", form: "bale", holds: loose(60), price: 18 }, STOCK),
  (b: Bins) =>
    withPack(b, { id: "f", shelf: "ingredients", itemId: "fineBark", form: "bag", holds: loose(10), price: 8 }, STOCK),
  (b: Bins) =>
    withPack(b, { id: "g", shelf: "ingredients", itemId: "peat", form: "bale", holds: loose(20), price: null }, STOCK),
].reduce((made, step) => step(made), EMPTY_BINS);

it("counts a thing's lines together, and leaves out what is used up", () =>
  expect(litresInStock(bins)).toEqual({ coir: 11 }));
it("takes the pack that gives a litre cheapest, and none without a price", () =>
  expect(litrePrices(bins)).toEqual({ coir: 0.3, fineBark: 0.8 }));
it("a litre of mix costs its parts' litres and what mixing loses of them; one part without a price leaves it untold", () => {
  const half = [
    { ingredientId: "coir", parts: 1 },
    { ingredientId: "fineBark", parts: 1 },
  ];
  expect(mixPricePerL(half, bins, 0)).toBeCloseTo(0.55, 12);
  expect(mixPricePerL(half, bins, 20)).toBeCloseTo(0.55 / 0.8, 12);
  expect(mixPricePerL([...half, { ingredientId: "peat", parts: 1 }], bins, 0)).toBeUndefined();
  expect(mixPricePerL([], bins, 0)).toBeUndefined();
});
