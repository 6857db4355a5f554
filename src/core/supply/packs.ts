import type { Solution } from "../solve";
import type { Buyable, Pack } from "./bins";
import { boughtOf, givenOf, type PackQuestion } from "./packModel";
import type { Want } from "./wants";

type Buy = { pack: Pack; count: number };
export type Choice = {
  status: Solution["status"];
  buys: readonly Buy[];
  /** Sum of the prices; undefined when one that is bought has none. */
  cost: number | undefined;
  /** What was wanted and which thing it is taken from. */
  uses: readonly { want: Want; itemId: string; amount: number }[];
  /** Bought or in stock and not used, in the thing's own unit. */
  left: readonly { shelf: Buyable; itemId: string; amount: number }[];
  /** Wanted, and neither in stock nor in any pack. */
  unmet: readonly Want[];
};

/** Less than this is a solver's rounding. */
const SOMETHING = 1e-6;

function costOf(buys: readonly Buy[]): number | undefined {
  if (buys.some(({ pack }) => pack.price === null)) return undefined;
  return buys.reduce((sum, { pack, count }) => sum + (pack.price ?? 0) * count, 0);
}

/** Reads the answer of a pack question back as what to buy. */
export function packChoice({ wants, unmet, offers }: PackQuestion, { status, values }: Solution): Choice {
  const value = (name: string): number => values[name] ?? 0;
  const buys = offers
    .flatMap((offer) => offer.packs.map(({ pack }, n) => ({ pack, count: Math.round(value(boughtOf(offer, n))) })))
    .filter(({ count }) => count > 0);
  const uses = wants
    .flatMap((want, at) => offers.map((offer) => ({ want, itemId: offer.itemId, amount: value(givenOf(at, offer)) })))
    .filter(({ amount }) => amount > SOMETHING);
  const left = offers.map((offer) => {
    const bought = offer.packs.reduce((sum, { gives }, n) => sum + gives * Math.round(value(boughtOf(offer, n))), 0);
    const used = wants.reduce((sum, _, at) => sum + value(givenOf(at, offer)), 0);
    return { shelf: offer.shelf, itemId: offer.itemId, amount: offer.stock + bought - used };
  });
  return { status, buys, uses, unmet, left: left.filter(({ amount }) => amount > SOMETHING), cost: costOf(buys) };
}
