import type { Ingredient } from "../catalog";
import { atLeast, atMost, sumOver, type Constraint, type Sum } from "../solve";
import type { LinearMeter } from "./linear";
import { isOf, type MatchQuestion, type MatchRule } from "./question";
import { amountOf, boughtOf, distanceOf, slackOf, UNPRICED, usedOf } from "./variables";

/** What a rule is put to the solver with. */
export type Terms = {
  question: MatchQuestion;
  /** What all the amounts come to: scoops, or 1. */
  total: number;
  /** Litres to measure out for an amount of 1. */
  litresAPart: number;
  /** Whether rules may give way, each by a slack of its own. */
  elastic: boolean;
};

/** A sum that a rule limits, and in what unit its slack is told for a slack of 1. */
type Limited = { sum: Sum; slackFactor?: number };

/** The two sides of one rule, each with its slack where rules may give way. */
function limiter(at: number, { elastic }: Terms) {
  const withSlack = ({ sum, slackFactor = 1 }: Limited, sign: 1 | -1): Sum =>
    elastic ? { ...sum, [slackOf(at)]: sign * slackFactor } : sum;
  return {
    most: (limited: Limited, to: number) => atMost(`r${at}_most`, withSlack(limited, -1), to),
    least: (limited: Limited, to: number) => atLeast(`r${at}_least`, withSlack(limited, 1), to),
  };
}
type Limiter = ReturnType<typeof limiter>;

type Of<K extends MatchRule["kind"]> = Extract<MatchRule, { kind: K }>;
type Keeping = { [K in MatchRule["kind"]]: (rule: Of<K>, terms: Terms, limit: Limiter) => Constraint[] };

/** Amounts of what a rule speaks of; its slack is a share of the mix. */
const amounts = ({ question, total }: Terms, meant: (item: Ingredient) => boolean): Limited => ({
  sum: sumOver(question.candidates.filter(meant), amountOf),
  slackFactor: total,
});

/** Each kind of rule as constraints. What it limits is in shares, litres, money or a count, and so is its slack. */
const KEEPING: Keeping = {
  noPeat: (_rule, terms, limit) => [
    limit.most(
      amounts(terms, (item) => item.peat !== "no"),
      0,
    ),
  ],
  without: (rule, terms, limit) => [
    limit.most(
      amounts(terms, ({ id }) => id === rule.ingredientId),
      0,
    ),
  ],
  group: (rule, terms, limit) => {
    const group = amounts(terms, ({ matter }) => isOf(rule.of, matter));
    const toAmount = (pct: number) => (pct / 100) * terms.total;
    return [limit.most(group, toAmount(rule.mostPct)), limit.least(group, toAmount(rule.leastPct))];
  },
  hold: (rule, terms, limit) => {
    const held = amounts(terms, ({ id }) => id === rule.ingredientId);
    const wanted = (rule.pct / 100) * terms.total;
    return [limit.most(held, wanted), limit.least(held, wanted)];
  },
  use: (rule, { question, litresAPart }, limit) => {
    const meant = question.candidates.filter(({ id }) => id === rule.ingredientId);
    const litres = { sum: sumOver(meant, amountOf, () => litresAPart) };
    return [limit.most(litres, rule.litres), limit.least(litres, rule.litres)];
  },
  ownOnly: (_rule, { question }, limit) => [limit.most({ sum: sumOver(question.candidates, boughtOf) }, 0)],
  budget: (rule, { question }, limit) => {
    const priced = question.candidates.filter(({ id }) => question.pricePerL[id] !== undefined);
    return [limit.most({ sum: sumOver(priced, boughtOf, ({ id }) => question.pricePerL[id] ?? 0) }, rule.most)];
  },
  kinds: (rule, { question }, limit) => [limit.most({ sum: sumOver(question.candidates, usedOf) }, rule.most)],
  // Kept by dealing the whole in so many scoops.
  scoops: () => [],
};

/** A rule as the solver reads it. */
export const keeping = <K extends MatchRule["kind"]>(rule: Of<K>, at: number, terms: Terms): Constraint[] =>
  KEEPING[rule.kind](rule, terms, limiter(at, terms));

/** How far each meter stands from its range is told by a variable of its own. */
export const meterDistances = (meters: readonly LinearMeter[], { question, total }: Terms): Constraint[] =>
  meters.flatMap(({ id, bring, low, high, span }) => {
    const value = sumOver(question.candidates, amountOf, (item) => bring(item) / (span * total));
    return [
      atMost(`m_${id}_most`, { ...value, [distanceOf(id)]: -1 }, high / span),
      atLeast(`m_${id}_least`, { ...value, [distanceOf(id)]: 1 }, low / span),
    ];
  });

/** What is not in the bins is bought. */
export const buying = ({ question, litresAPart }: Terms): Constraint[] =>
  question.candidates.map((item) =>
    atMost(`buy_${item.id}`, { [amountOf(item)]: litresAPart, [boughtOf(item)]: -1 }, question.stockL[item.id] ?? 0),
  );

/** What is used counts as used. */
export const counting = (items: readonly Ingredient[], total: number): Constraint[] =>
  items.map((item) => atMost(`use_${item.id}`, { [amountOf(item)]: 1, [usedOf(item)]: -total }, 0));

/** Another set than those found before. */
export const unlikeThose = (items: readonly Ingredient[], found: readonly (readonly string[])[]): Constraint[] =>
  found.map((ids, at) => {
    const same = items.filter(({ id }) => ids.includes(id));
    return atMost(`unlike_${at}`, sumOver(same, usedOf), ids.length - 1);
  });

/** Under a budget nothing is bought that has no price. */
export function nothingUnpriced({ question, elastic }: Terms): Constraint[] {
  const unpriced = question.candidates.filter(({ id }) => question.pricePerL[id] === undefined);
  if (unpriced.length === 0) return [];
  const bought = sumOver(unpriced, boughtOf);
  return [atMost("no_price", elastic ? { ...bought, [UNPRICED]: -1 } : bought, 0)];
}
