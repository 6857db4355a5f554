import type { MatchRule } from "./question";
import type { Total } from "./variables";

/**
 * In how many scoops the whole may be dealt. Every proportion that so many or fewer can make can be made with more than
 * half of them: fewer are told double.
 */
export function totalsOf(rules: readonly MatchRule[]): Total[] {
  const scoops = rules.find((rule) => rule.kind === "scoops");
  if (!scoops) return [undefined];
  return Array.from({ length: scoops.upTo - Math.floor(scoops.upTo / 2) }, (_, at) => scoops.upTo - at);
}
