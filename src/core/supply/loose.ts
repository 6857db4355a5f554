import type { Library } from "../library";
import type { Amount, Bins, Buyable } from "./bins";
import type { Need } from "./needs";

/** Litres of each ingredient in the bins. @example litresInStock(bins).coir // 11 */
export function litresInStock(bins: Bins): Record<string, number> {
  const litres: Record<string, number> = {};
  for (const { shelf, itemId, amount } of bins.stock) {
    if (shelf === "ingredients" && amount.kind === "loose" && amount.looseL > 0)
      litres[itemId] = (litres[itemId] ?? 0) + amount.looseL;
  }
  return litres;
}

/** Price of a litre of each ingredient, by the pack that gives it cheapest. @example litrePrices(bins).peat // 0.24 */
export function litrePrices(bins: Bins): Record<string, number> {
  const prices: Record<string, number> = {};
  for (const { shelf, itemId, holds, price } of bins.packs) {
    if (shelf !== "ingredients" || holds.kind !== "loose" || holds.looseL <= 0 || price === null) continue;
    prices[itemId] = Math.min(prices[itemId] ?? Infinity, price / holds.looseL);
  }
  return prices;
}

/** Price of a litre of mix by the prices of its parts; undefined while one of them has none. */
export function mixPricePerL(
  parts: readonly { ingredientId: string; parts: number }[],
  bins: Bins,
  lostPct: number,
): number | undefined {
  const prices = litrePrices(bins);
  const total = parts.reduce((sum, part) => sum + part.parts, 0);
  if (total <= 0 || parts.some((part) => prices[part.ingredientId] === undefined)) return undefined;
  return (
    parts.reduce((sum, { ingredientId, parts: n }) => sum + (n / total) * (prices[ingredientId] ?? 0), 0) /
    (1 - lostPct / 100)
  );
}

/**
 * What a litre of loose stuff weighs as it is poured from the bag, kg; undefined for what is not sold loose.
 *
 * @example kgALitre("ingredients", "playSand", library) // 1.55
 */
export function kgALitre(shelf: Buyable, itemId: string, library: Library): number | undefined {
  const entry: object | undefined = library.find(shelf, itemId);
  if (!entry) return undefined;
  if ("pouredKgPerL" in entry) return entry.pouredKgPerL as number;
  return (shelf === "dressings" || shelf === "drainageMedia") && "kgPerL" in entry
    ? (entry.kgPerL as number)
    : undefined;
}

/** How much of a thing an amount is, in its own unit: litres, cm², cm, pieces. */
function sizeOf(amount: Amount): number {
  switch (amount.kind) {
    case "loose":
      return amount.looseL;
    case "sheet":
      return amount.widthCm * amount.depthCm;
    case "length":
      return amount.lengthCm;
    case "pieces":
      return amount.count;
  }
}

/**
 * What an amount of a thing costs at the cheapest pack's price a unit, whatever packs it comes in.
 *
 * @returns undefined where no pack of it has a price
 * @example unitPrice(need, bins) // 11.14 for 14.85 L of pebbles at 7.50 a bag of 10 L
 */
export function unitPrice({ shelf, id, amount }: Need, bins: Bins): number | undefined {
  const prices = bins.packs.flatMap((pack) =>
    pack.shelf === shelf && pack.itemId === id && pack.holds.kind === amount.kind && pack.price !== null
      ? [pack.price / sizeOf(pack.holds)]
      : [],
  );
  return prices.length === 0 ? undefined : Math.min(...prices) * sizeOf(amount);
}
