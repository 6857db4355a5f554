import type { Ingredient } from "../catalog";
import type { Model, Rule, Sum } from "../solve";
import { linearMeters } from "./linear";
import { isOf, measuredL, type Given, type MatchQuestion, type MatchRule } from "./question";

/** In how many scoops the whole is dealt; undefined for any shares. */
export type Total = number | undefined;

/**
 * How the model is asked: rules may give way, each by a slack of its own; answers already found may be barred, only one nearer than
 * `below` wanted, and nothing need be whole.
 */
export type Asked = {
  given: Given;
  total: Total;
  elastic?: boolean;
  relaxed?: boolean;
  unlike?: readonly (readonly string[])[];
  closeEnough?: number;
  below?: number;
};

/** How the model names the amount of an ingredient. */
export const of = (item: Ingredient) => `n_${item.id}`;
const used = (item: Ingredient) => `y_${item.id}`;
const bought = (item: Ingredient) => `b_${item.id}`;
export const slackOf = (at: number) => `slack_${at}`;
/** Litres bought of what has no price, when a budget gives way. */
export const UNPRICED = "unpriced";

const sumOver = (
  items: readonly Ingredient[],
  name: (item: Ingredient) => string,
  weight: (item: Ingredient) => number = () => 1,
): Sum => Object.fromEntries(items.map((item) => [name(item), weight(item)]));

/** A rule as the solver reads it; what it is asked for is in shares, litres, money or a count, and so is its slack. */
function rulesOf(
  rule: MatchRule,
  at: number,
  question: MatchQuestion,
  { given, total = 1, elastic }: Asked & { total: number },
): Rule[] {
  const { candidates, pricePerL } = question;
  const litresAPart = measuredL(question, given) / total;
  const give = (sign: 1 | -1, factor = 1): Sum => (elastic ? { [slackOf(at)]: sign * factor } : {});
  const atMost = (sum: Sum, to: number, factor = 1): Rule => ({
    name: `r${at}_most`,
    sum: { ...sum, ...give(-1, factor) },
    is: "<=",
    to,
  });
  const atLeast = (sum: Sum, to: number, factor = 1): Rule => ({
    name: `r${at}_least`,
    sum: { ...sum, ...give(1, factor) },
    is: ">=",
    to,
  });
  const onlyThose = (test: (item: Ingredient) => boolean): Sum => sumOver(candidates.filter(test), of);
  switch (rule.kind) {
    case "noPeat":
      return [
        atMost(
          onlyThose((item) => item.peat),
          0,
          total,
        ),
      ];
    case "without":
      return [
        atMost(
          onlyThose((item) => item.id === rule.ingredientId),
          0,
          total,
        ),
      ];
    case "group": {
      const sum = onlyThose((item) => isOf(rule.of, item.matter));
      return [atMost(sum, (rule.mostPct / 100) * total, total), atLeast(sum, (rule.leastPct / 100) * total, total)];
    }
    case "hold": {
      const sum = onlyThose((item) => item.id === rule.ingredientId);
      return [atMost(sum, (rule.pct / 100) * total, total), atLeast(sum, (rule.pct / 100) * total, total)];
    }
    case "use": {
      const sum = sumOver(
        candidates.filter((item) => item.id === rule.ingredientId),
        of,
        () => litresAPart,
      );
      return [atMost(sum, rule.litres), atLeast(sum, rule.litres)];
    }
    case "ownOnly":
      return [atMost(sumOver(candidates, bought), 0)];
    case "budget":
      return [
        atMost(
          sumOver(
            candidates.filter((item) => pricePerL[item.id] !== undefined),
            bought,
            (item) => pricePerL[item.id] ?? 0,
          ),
          rule.most,
        ),
      ];
    case "kinds":
      return [atMost(sumOver(candidates, used), rule.most)];
    case "scoops":
      return [];
  }
}

/** What a slack of 1 is worth: a full share, the whole volume, the whole budget or a handful of kinds weigh alike. */
function slackWeight(rule: MatchRule, { looseL }: MatchQuestion): number {
  if (rule.kind === "ownOnly" || rule.kind === "use") return 1 / looseL;
  if (rule.kind === "budget") return 1 / Math.max(rule.most, 1);
  return rule.kind === "kinds" ? 1 / 5 : 1;
}

/**
 * The match as a mixed-integer programme. Without elasticity it makes the mean distance of the meters small; with it, the slack of
 * the rules first and the distance far behind.
 *
 * @example toLp(matchModel(question, { given, total: 12 }))
 */
export function matchModel(question: MatchQuestion, asked: Asked): Model {
  const { candidates, rules, stockL } = question;
  const { given, elastic = false, unlike = [] } = asked;
  const total = asked.total ?? 1;
  const litresAPart = measuredL(question, given) / total;
  const buys = rules.some((rule) => rule.kind === "ownOnly" || rule.kind === "budget");
  const unpriced = rules.some((rule) => rule.kind === "budget")
    ? candidates.filter((item) => question.pricePerL[item.id] === undefined)
    : [];
  const counted = rules.some((rule) => rule.kind === "kinds")
    ? candidates
    : candidates.filter((item) => unlike.some((ids) => ids.includes(item.id)));
  const meters = linearMeters(question.aims, given);
  const byMeter = meters.flatMap(({ id, bring, low, high, span }): Rule[] => {
    const value = sumOver(candidates, of, (item) => bring(item) / (span * total));
    return [
      { name: `m_${id}_most`, sum: { ...value, [`d_${id}`]: -1 }, is: "<=", to: high / span },
      { name: `m_${id}_least`, sum: { ...value, [`d_${id}`]: 1 }, is: ">=", to: low / span },
    ];
  });
  const distance: Sum = Object.fromEntries(
    meters.map(({ id }) => [`d_${id}`, (elastic ? FAR_BEHIND : 1) / meters.length]),
  );
  const given_ = { ...asked, total };
  return {
    minimise: {
      ...distance,
      ...(elastic && unpriced.length > 0 ? { [UNPRICED]: 1 / question.looseL } : {}),
      ...(elastic
        ? Object.fromEntries(
            rules.flatMap((rule, at) => (rule.kind === "scoops" ? [] : [[slackOf(at), slackWeight(rule, question)]])),
          )
        : {}),
    },
    rules: [
      { name: "whole", sum: sumOver(candidates, of), is: "=", to: total },
      ...byMeter,
      ...(buys
        ? candidates.map((item): Rule => ({
            name: `buy_${item.id}`,
            sum: { [of(item)]: litresAPart, [bought(item)]: -1 },
            is: "<=",
            to: stockL[item.id] ?? 0,
          }))
        : []),
      ...counted.map((item): Rule => ({
        name: `use_${item.id}`,
        sum: { [of(item)]: 1, [used(item)]: -total },
        is: "<=",
        to: 0,
      })),
      ...unlike.map((ids, at): Rule => ({
        name: `unlike_${at}`,
        sum: sumOver(
          candidates.filter((item) => ids.includes(item.id)),
          used,
        ),
        is: "<=",
        to: ids.length - 1,
      })),
      ...(asked.below === undefined ? [] : [{ name: "better", sum: distance, is: "<=" as const, to: asked.below }]),
      ...(unpriced.length > 0
        ? [
            {
              name: "no_price",
              sum: { ...sumOver(unpriced, bought), ...(elastic ? { [UNPRICED]: -1 } : {}) },
              is: "<=" as const,
              to: 0,
            },
          ]
        : []),
      ...rules.flatMap((rule, at) => rulesOf(rule, at, question, given_)),
    ],
    bounds: {
      ...Object.fromEntries(candidates.map((item) => [of(item), [0, total] as const])),
      ...Object.fromEntries(counted.map((item) => [used(item), [0, 1] as const])),
    },
    whole: asked.relaxed ? [] : [...(asked.total === undefined ? [] : candidates.map(of)), ...counted.map(used)],
    ...(asked.closeEnough === undefined ? {} : { closeEnough: asked.closeEnough }),
  };
}

/** Slack counts before distance, which only chooses among equals. */
const FAR_BEHIND = 1e-3;
const SOMETHING = 1e-6;

/** The parts a solution names. @example partsOf(question, solution) // [{ ingredientId: "coir", parts: 4 }] */
export function partsOf(
  { candidates }: MatchQuestion,
  values: Readonly<Record<string, number>>,
  total: Total,
): { ingredientId: string; parts: number }[] {
  return candidates.flatMap((item) => {
    const n = values[of(item)] ?? 0;
    const parts = total === undefined ? Math.round(n * 10_000) / 100 : Math.round(n);
    return n > SOMETHING && parts > 0 ? [{ ingredientId: item.id, parts }] : [];
  });
}
