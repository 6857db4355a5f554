import type { Ingredient } from "../catalog";
import type { Parts } from "../mix";
import type { Solution } from "../solve";
import { linearMeters } from "./linear";
import { amountOf } from "./variables";
import type { Given, MatchQuestion } from "./question";

/** So many ingredients are searched in whole scoops; all that the straight-line answer uses are always among them. */
const FEW = 12;
const NO_COST = 1e-7;

/**
 * The ingredients worth searching in whole scoops: those of the mix sought, those the answer in any shares uses, then
 * by what taking some would cost at the least (their reduced cost), and among equals those that are themselves near the
 * aim.
 *
 * @param relaxed the answer in any shares, which need not be whole
 * @example promising(question, relaxed, given, recipe.parts).length // at most 12, unless more are used
 */
export function promising(
  { candidates, aims }: MatchQuestion,
  relaxed: Solution,
  given: Given,
  like: Parts = [],
): Ingredient[] {
  if (candidates.length <= FEW) return [...candidates];
  const meters = linearMeters(aims, given);
  const farOf = (item: Ingredient) =>
    meters.reduce(
      (sum, { bring, low, high, span }) => sum + Math.max(0, low - bring(item), bring(item) - high) / span,
      0,
    );
  const ranked = candidates.map((item) => {
    const used = (relaxed.values[amountOf(item)] ?? 0) > NO_COST;
    const sought = like.some((part) => part.ingredientId === item.id);
    return {
      item,
      used,
      first: used || sought ? 0 : 1,
      cost: Math.max(0, (relaxed.reducedCosts[amountOf(item)] ?? 0) - NO_COST),
      far: farOf(item),
    };
  });
  const ordered = ranked.toSorted((a, b) => a.first - b.first || a.cost - b.cost || a.far - b.far);
  return ordered.filter(({ used }, at) => used || at < FEW).map(({ item }) => item);
}
