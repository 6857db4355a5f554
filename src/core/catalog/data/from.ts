import { memory, practised, type Provenance } from "../provenance";

/** Where the figures of drainage media, barriers, dressings and recipes come from. */
export const weighed = { ...memory, note: "recalled; weigh a litre of your own" };
export const usual: Record<string, Provenance> = {
  settlesPct: practised("loose media bed down; buy 10 to 25 % more than the geometry says"),
};
export const sharesRecalled = { ...memory, note: "a common kind of mix; these shares are one reading of it, recalled" };
