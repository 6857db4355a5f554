import type { Relaxation } from "./clash";
import type { MatchRule } from "./question";

/** A hair more than was reckoned, so that rounding does not bring the clash back. */
const up = (value: number): number => Math.ceil(value - 1e-6);

/** A rule that gives way: moved where it has a limit to move, gone where it has none. */
function given({ rule, by, unit, below }: Relaxation): MatchRule[] {
  switch (rule.kind) {
    case "group":
      return [
        below
          ? { ...rule, leastPct: Math.max(0, rule.leastPct - up(by)) }
          : { ...rule, mostPct: Math.min(100, rule.mostPct + up(by)) },
      ];
    case "budget":
      return unit === "money" ? [{ ...rule, most: up(rule.most + by) }] : [];
    case "kinds":
      return [{ ...rule, most: Math.min(60, rule.most + up(by)) }];
    default:
      return [];
  }
}

/**
 * The rules as they stand once the cheapest way out of a clash is taken.
 *
 * @example relaxedRules([{ kind: "kinds", most: 2 }], [{ rule, by: 1, unit: "kinds", below: false }]) // [{ kind: "kinds", most: 3 }]
 */
export const relaxedRules = (rules: readonly MatchRule[], relaxed: readonly Relaxation[]): MatchRule[] =>
  rules.flatMap((rule) => {
    const giving = relaxed.find((one) => one.rule === rule);
    return giving ? given(giving) : [rule];
  });
