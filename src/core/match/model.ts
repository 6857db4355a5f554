import type { Ingredient } from "../catalog";
import { atMost, boundsOf, exactly, sumOver, type Constraint, type Model, type Sum } from "../solve";
import { buying, counting, keeping, meterDistances, nothingUnpriced, unlikeThose, type Terms } from "./constraints";
import { linearMeters, type LinearMeter } from "./linear";
import { measuredL, type Given, type MatchQuestion, type MatchRule } from "./question";
import { amountOf, distanceOf, slackOf, UNPRICED, usedOf, type Total } from "./variables";

/**
 * How the model is asked: rules may give way, each by a slack of its own; answers already found may be barred, only one
 * nearer than `below` wanted, and nothing need be whole.
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

/** Slack counts before distance, which only chooses among equals. */
const FAR_BEHIND = 1e-3;
const SOMETHING = 1e-6;
/** A handful of kinds weighs as much as the whole mix. */
const HANDFUL = 5;

/** What a slack of 1 is worth: a full share, the whole volume, the whole budget or a handful of kinds weigh alike. */
function slackWeight(rule: MatchRule, { looseL }: MatchQuestion): number {
  if (rule.kind === "ownOnly" || rule.kind === "use") return 1 / looseL;
  if (rule.kind === "budget") return 1 / Math.max(rule.most, 1);
  return rule.kind === "kinds" ? 1 / HANDFUL : 1;
}

/** The mean distance of the meters from where they should stand. */
const meanDistance = (meters: readonly LinearMeter[], weight: number): Sum =>
  sumOver(
    meters,
    ({ id }) => distanceOf(id),
    () => weight / meters.length,
  );

/** What it costs that rules give way. */
function slackCosts(question: MatchQuestion): Sum {
  const slacks = question.rules.flatMap((rule, at): [string, number][] =>
    rule.kind === "scoops" ? [] : [[slackOf(at), slackWeight(rule, question)]],
  );
  const buysUnpriced = hasRule(question, "budget") && question.candidates.some(({ id }) => !isPriced(question, id));
  return { ...Object.fromEntries(slacks), ...(buysUnpriced ? { [UNPRICED]: 1 / question.looseL } : {}) };
}

const isPriced = ({ pricePerL }: MatchQuestion, id: string): boolean => pricePerL[id] !== undefined;
const hasRule = ({ rules }: MatchQuestion, ...kinds: MatchRule["kind"][]): boolean =>
  rules.some((rule) => kinds.includes(rule.kind));

/** What must be counted: all of it when kinds are limited, else only what answers found before were made of. */
const countedIn = (question: MatchQuestion, unlike: readonly (readonly string[])[]): readonly Ingredient[] =>
  hasRule(question, "kinds")
    ? question.candidates
    : question.candidates.filter(({ id }) => unlike.some((ids) => ids.includes(id)));

/**
 * The match as a mixed-integer programme. Without elasticity it makes the mean distance of the meters small; with it,
 * the slack of the rules first and the distance far behind.
 *
 * @example toLp(matchModel(question, { given, total: 12 }))
 */
export function matchModel(question: MatchQuestion, asked: Asked): Model {
  const { candidates, rules } = question;
  const { given, elastic = false, relaxed = false, unlike = [], below, closeEnough } = asked;
  const total = asked.total ?? 1;
  const terms: Terms = { question, total, litresAPart: measuredL(question, given) / total, elastic };
  const meters = linearMeters(question.aims, given);
  const distance = meanDistance(meters, elastic ? FAR_BEHIND : 1);
  const counted = countedIn(question, unlike);

  const constraints: Constraint[] = [
    exactly("whole", sumOver(candidates, amountOf), total),
    ...meterDistances(meters, terms),
    ...(hasRule(question, "ownOnly", "budget") ? buying(terms) : []),
    ...counting(counted, total),
    ...unlikeThose(candidates, unlike),
    ...(below === undefined ? [] : [atMost("better", distance, below)]),
    ...(hasRule(question, "budget") ? nothingUnpriced(terms) : []),
    ...rules.flatMap((rule, at) => keeping(rule, at, terms)),
  ];
  const whole = [...(asked.total === undefined ? [] : candidates.map(amountOf)), ...counted.map(usedOf)];
  return {
    minimise: elastic ? { ...distance, ...slackCosts(question) } : distance,
    constraints,
    bounds: { ...boundsOf(candidates.map(amountOf), 0, total), ...boundsOf(counted.map(usedOf), 0, 1) },
    whole: relaxed ? [] : whole,
    ...(closeEnough === undefined ? {} : { closeEnough }),
  };
}

/** The parts a solution names. @example partsOf(question, solution) // [{ ingredientId: "coir", parts: 4 }] */
export function partsOf(
  { candidates }: MatchQuestion,
  values: Readonly<Record<string, number>>,
  total: Total,
): { ingredientId: string; parts: number }[] {
  return candidates.flatMap((item) => {
    const n = values[amountOf(item)] ?? 0;
    const parts = total === undefined ? Math.round(n * 10_000) / 100 : Math.round(n);
    return n > SOMETHING && parts > 0 ? [{ ingredientId: item.id, parts }] : [];
  });
}
