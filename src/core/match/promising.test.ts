import { STOCK } from "../library";
import { expect, it } from "vitest";
import { aimsAt, blend, readMeters } from "../mix";
import type { Solution } from "../solve";
import { promising } from "./promising";
import { pantryOf } from "../mix";

const PANTRY = pantryOf(STOCK);

const given = { lost: 0.12, sunk: 0.22, bufferMmolPerL: 8, surface: 0.4, depthCm: 10 };
const aims = aimsAt(readMeters(blend(STOCK.all("recipes")[0]!.parts, PANTRY)!, { footCm: 0, depthCm: 10 }));
const question = {
  candidates: STOCK.all("ingredients"),
  aims,
  rules: [],
  looseL: 20,
  depthCm: 10,
  stockL: {},
  pricePerL: {},
};
const answer = (values: Record<string, number>, reducedCosts: Record<string, number>): Solution => ({
  status: "solved",
  values,
  reducedCosts,
  objective: 0,
});

it("always holds what the answer in any shares uses and what the mix sought is made of, then the cheapest to take", () => {
  const used = STOCK.all("ingredients")
    .slice(-9)
    .map(({ id }) => id);
  const costs = Object.fromEntries(
    STOCK.all("ingredients").map(({ id }, at) => [`n_${id}`, used.includes(id) ? 0 : 1 + at]),
  );
  const few = promising(question, answer(Object.fromEntries(used.map((id) => [`n_${id}`, 0.1])), costs), given, [
    { ingredientId: "peat", parts: 1 },
  ]).map(({ id }) => id);
  expect(few).toEqual(expect.arrayContaining([...used, "peat"]));
  expect(few).toHaveLength(12);
  const [cheapest] = STOCK.all("ingredients").filter(({ id }) => !used.includes(id) && id !== "peat");
  expect(few).toContain(cheapest!.id);
});
it("leaves a short list alone, and never drops what is used, however much it is", () => {
  const short = { ...question, candidates: STOCK.all("ingredients").slice(0, 5) };
  expect(promising(short, answer({}, {}), given)).toEqual(short.candidates);
  const all = answer(Object.fromEntries(STOCK.all("ingredients").map(({ id }) => [`n_${id}`, 0.01])), {});
  expect(promising(question, all, given)).toHaveLength(STOCK.all("ingredients").length);
});
