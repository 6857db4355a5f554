import { rule } from "../catalog";
import type { Model, Solution } from "../solve";
import { BUYABLE, type Amount, type Bins, type Buyable, type Pack } from "./bins";
import { standsIn } from "./interchange";
import type { Need } from "./needs";

export const AIMS = ["cheapest", "leastLeft"] as const;
/** The least money, or the least that is left over. */
export type Aim = (typeof AIMS)[number];

/** One thing wanted, in its own unit: litres, pieces, centimetres, or sheets cut to size. */
export type Want = { need: Need; shelf: Buyable; amount: number; accepts: readonly string[] };

export type Buy = { pack: Pack; count: number };
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

/** Strips a sheet is cut into when the roll is narrower than it, and how many of them one pack gives. */
function sheetsIn(holds: { widthCm: number; depthCm: number }, wanted: { widthCm: number; depthCm: number }): number {
  const [narrow, long] = [Math.min(holds.widthCm, holds.depthCm), Math.max(holds.widthCm, holds.depthCm)];
  const [across, along] = [Math.min(wanted.widthCm, wanted.depthCm), Math.max(wanted.widthCm, wanted.depthCm)];
  const overlap = rule("barrierOverlapCm");
  if (narrow < overlap * 2) return 0;
  const strips = across <= narrow ? 1 : Math.ceil((across - overlap) / (narrow - overlap));
  return Math.floor(long / along + 1e-9) / strips;
}

/** How much of a want one such amount covers, in the want's unit. */
function covers(amount: Amount, want: Amount): number {
  if (amount.kind === "sheet" && want.kind === "sheet") return sheetsIn(amount, want);
  if (amount.kind === "loose") return amount.looseL;
  if (amount.kind === "length") return amount.lengthCm;
  return amount.kind === "pieces" ? amount.count : 0;
}

const isBuyable = (shelf: string): shelf is Buyable => BUYABLE.some((known) => known === shelf);

/**
 * Needs as wants that the pack choice can be asked for.
 *
 * @param swaps whether what stands in for a thing may be taken for it
 */
export const wantsOf = (needs: readonly Need[], swaps: boolean): Want[] =>
  needs.flatMap((need): Want[] => {
    if (!isBuyable(need.shelf)) return [];
    const amount = need.amount.kind === "sheet" ? 1 : covers(need.amount, need.amount);
    return [{ need, shelf: need.shelf, amount, accepts: swaps ? standsIn(need.shelf, need.id) : [need.id] }];
  });

type Item = {
  key: string;
  shelf: Buyable;
  itemId: string;
  stock: number;
  packs: readonly { pack: Pack; gives: number }[];
};

function itemsFor(wants: readonly Want[], bins: Bins, aim: Aim): Item[] {
  const keys = [...new Set(wants.flatMap((want) => want.accepts.map((itemId) => `${want.shelf}/${itemId}`)))];
  return keys.map((key, at): Item => {
    const [shelf = "", itemId = ""] = key.split("/");
    const want = wants.find((other) => other.shelf === shelf && other.accepts.includes(itemId))!;
    const is = (other: { shelf: string; itemId: string }) => other.shelf === shelf && other.itemId === itemId;
    return {
      key: `i${at}`,
      shelf: want.shelf,
      itemId,
      stock: bins.stock.filter(is).reduce((sum, line) => sum + covers(line.amount, want.need.amount), 0),
      packs: bins.packs
        .filter((pack) => is(pack) && (aim !== "cheapest" || pack.price !== null))
        .map((pack) => ({ pack, gives: covers(pack.holds, want.need.amount) }))
        .filter(({ gives }) => gives > 0),
    };
  });
}

/** What the choice is solved from, kept to read the answer back. */
export type PackQuestion = { model: Model; wants: readonly Want[]; unmet: readonly Want[]; items: readonly Item[] };

/** Small enough never to outweigh the aim, large enough to decide between equals. */
const TIE = 1e-5;

/**
 * The choice of whole packs as a mixed-integer programme: x whole packs of each kind, y of each thing given to each want;
 * a want gets all it asks, and no more is given of a thing than is in stock and in the packs.
 *
 * @example packQuestion(wantsOf(needs(habitat), true), bins, "cheapest").model
 */
export function packQuestion(all: readonly Want[], bins: Bins, aim: Aim): PackQuestion {
  const offered = itemsFor(all, bins, aim);
  const canGive = (want: Want, limitless: boolean): Item[] =>
    offered.filter(
      (item) =>
        item.shelf === want.shelf &&
        want.accepts.includes(item.itemId) &&
        (item.packs.length > 0 || (!limitless && item.stock > 0)),
    );
  // Stock alone may not do: a want without any pack is only asked for when the stock it accepts covers it and all others that accept it.
  const scarce = all.filter((want) => canGive(want, true).length === 0);
  const unmet = scarce.filter((want) => {
    const stock = canGive(want, false).reduce((sum, item) => sum + item.stock, 0);
    const rivals = all
      .filter((other) => other.shelf === want.shelf && other.accepts.some((id) => want.accepts.includes(id)))
      .reduce((sum, other) => sum + other.amount, 0);
    return stock < rivals - 1e-9;
  });
  const wants = all.filter((want) => !unmet.includes(want) && want.amount > 0);
  const items = offered.filter((item) =>
    wants.some((want) => want.shelf === item.shelf && want.accepts.includes(item.itemId)),
  );
  const given = (at: number, item: Item) => `y_${at}_${item.key}`;
  const bought = (item: Item, n: number) => `x_${item.key}_${n}`;
  const accepting = (item: Item) =>
    wants.flatMap((want, at) =>
      want.shelf === item.shelf && want.accepts.includes(item.itemId) ? [given(at, item)] : [],
    );
  const scale = (item: Item) =>
    Math.max(
      1e-9,
      wants
        .filter((want) => want.shelf === item.shelf && want.accepts.includes(item.itemId))
        .reduce((sum, want) => sum + want.amount, 0),
    );
  const cost = items.flatMap((item) =>
    item.packs.map(({ pack, gives }, n): [string, number] => {
      const share = gives / scale(item);
      return [bought(item, n), aim === "cheapest" ? (pack.price ?? 0) + TIE * share : share + TIE * (pack.price ?? 0)];
    }),
  );
  // What the recipe names goes before what stands in for it, all else being equal.
  const swapped = wants.flatMap((want, at) =>
    items
      .filter((item) => item.shelf === want.shelf && want.accepts.slice(1).includes(item.itemId))
      .map((item): [string, number] => [given(at, item), TIE / 10 / Math.max(1e-9, want.amount)]),
  );
  return {
    wants,
    unmet,
    items,
    model: {
      minimise: Object.fromEntries([...cost, ...swapped]),
      rules: [
        ...wants.map((want, at) => ({
          name: `want_${at}`,
          is: ">=" as const,
          to: want.amount,
          sum: Object.fromEntries(
            items
              .filter((item) => item.shelf === want.shelf && want.accepts.includes(item.itemId))
              .map((item) => [given(at, item), 1]),
          ),
        })),
        ...items.map((item) => ({
          name: `have_${item.key}`,
          is: "<=" as const,
          to: item.stock,
          sum: {
            ...Object.fromEntries(accepting(item).map((name) => [name, 1])),
            ...Object.fromEntries(item.packs.map(({ gives }, n) => [bought(item, n), -gives])),
          },
        })),
      ],
      whole: items.flatMap((item) => item.packs.map((_, n) => bought(item, n))),
    },
  };
}

/** Reads the answer of a pack question back as what to buy. */
export function packChoice({ wants, unmet, items }: PackQuestion, solution: Solution): Choice {
  const value = (name: string) => solution.values[name] ?? 0;
  const buys = items
    .flatMap((item) => item.packs.map(({ pack }, n) => ({ pack, count: Math.round(value(`x_${item.key}_${n}`)) })))
    .filter(({ count }) => count > 0);
  const uses = wants
    .flatMap((want, at) => items.map((item) => ({ want, itemId: item.itemId, amount: value(`y_${at}_${item.key}`) })))
    .filter(({ amount }) => amount > 1e-6);
  const left = items.map((item) => {
    const had =
      item.stock + item.packs.reduce((sum, { gives }, n) => sum + gives * Math.round(value(`x_${item.key}_${n}`)), 0);
    const used = wants.reduce((sum, _, at) => sum + value(`y_${at}_${item.key}`), 0);
    return { shelf: item.shelf, itemId: item.itemId, amount: had - used };
  });
  return {
    status: solution.status,
    buys,
    uses,
    unmet,
    left: left.filter(({ amount }) => amount > 1e-6),
    cost: buys.some(({ pack }) => pack.price === null)
      ? undefined
      : buys.reduce((sum, { pack, count }) => sum + (pack.price ?? 0) * count, 0),
  };
}

/** What is in stock of a need, in its own unit, at most what is needed. @example inStock(need, bins) // 6.5 */
export function inStock(need: Need, bins: Bins): number {
  const stock = bins.stock
    .filter((line) => line.shelf === need.shelf && line.itemId === need.id)
    .reduce((sum, line) => sum + covers(line.amount, need.amount), 0);
  const wanted = need.amount.kind === "sheet" ? 1 : covers(need.amount, need.amount);
  return Math.min(stock, wanted);
}
