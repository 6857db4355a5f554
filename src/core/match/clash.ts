import type { Parts } from "../mix";
import { matchModel, partsOf } from "./model";
import { isOf, type Given, type MatchQuestion, type MatchRule, type Solve } from "./question";
import { totalsOf } from "./totals";
import { amountOf, slackOf, UNPRICED } from "./variables";

/**
 * By how much a rule would have to give way: per cent of the mix, litres, money, or a number of kinds; and whether it
 * is too little that is there.
 */
export type Relaxation = { rule: MatchRule; by: number; unit: "pct" | "litres" | "money" | "kinds"; below: boolean };

/**
 * Rules that cannot all be kept: those that stand in one another's way, what the least giving way would be, and the mix
 * it gives.
 */
export type Clash = { rules: MatchRule[]; relaxed: Relaxation[]; parts: Parts };

const SOMETHING = 1e-4;

async function possible(question: MatchQuestion, solve: Solve, given: Given): Promise<boolean> {
  for (const total of totalsOf(question.rules)) {
    if ((await solve(matchModel({ ...question, aims: {} }, { given, total }))).status === "solved") return true;
  }
  return false;
}

/**
 * Why nothing keeps all the rules. One after another a rule is left out: where nothing keeps the others either, it had
 * no part in it; what remains is a set of which every single one is needed for the clash (deletion filter, Chinneck &
 * Dravnieks 1991, ORSA Journal on Computing 3). Then all rules may give way at a price, and the cheapest way is told
 * (elastic programming, Brown & Graves 1975).
 */
export async function clashOf(question: MatchQuestion, solve: Solve, given: Given): Promise<Clash> {
  let rules = [...question.rules];
  for (const rule of question.rules) {
    const others = rules.filter((other) => other !== rule);
    if (!(await possible({ ...question, rules: others }, solve, given))) rules = others;
  }
  return { rules, ...(await leastRelaxed(question, solve, given)) };
}

async function leastRelaxed(
  question: MatchQuestion,
  solve: Solve,
  given: Given,
): Promise<Pick<Clash, "relaxed" | "parts">> {
  let best: { objective: number; relaxed: Relaxation[]; parts: Parts } | undefined;
  for (const total of totalsOf(question.rules)) {
    const { objective, status, values } = await solve(matchModel(question, { given, total, elastic: true }));
    if (status !== "solved" || (best && objective >= best.objective)) continue;
    const noPrice = values[UNPRICED] ?? 0;
    const relaxed = question.rules.flatMap((rule, at): Relaxation[] => {
      if (rule.kind === "budget" && noPrice > SOMETHING) return [{ rule, by: noPrice, unit: "litres", below: false }];
      const slack = values[slackOf(at)] ?? 0;
      return slack > SOMETHING ? [relaxationOf(rule, slack, shareOf(rule, question, values, total ?? 1))] : [];
    });
    best = { objective, relaxed, parts: partsOf(question, values, total) };
  }
  return best ?? { relaxed: [], parts: [] };
}

/** What a rule about shares is about, per cent of the mix. */
function shareOf(
  rule: MatchRule,
  { candidates }: MatchQuestion,
  values: Readonly<Record<string, number>>,
  total: number,
): number {
  const meant = candidates.filter((item) =>
    rule.kind === "group" ? isOf(rule.of, item.matter) : "ingredientId" in rule && item.id === rule.ingredientId,
  );
  return (meant.reduce((sum, item) => sum + (values[amountOf(item)] ?? 0), 0) / total) * 100;
}

function relaxationOf(rule: MatchRule, slack: number, sharePct: number): Relaxation {
  switch (rule.kind) {
    case "ownOnly":
    case "use":
      return { rule, by: slack, unit: "litres", below: false };
    case "budget":
      return { rule, by: slack, unit: "money", below: false };
    case "kinds":
      return { rule, by: Math.ceil(slack - SOMETHING), unit: "kinds", below: false };
    case "group":
      return { rule, by: slack * 100, unit: "pct", below: sharePct < rule.leastPct };
    case "hold":
      return { rule, by: slack * 100, unit: "pct", below: sharePct < rule.pct };
    default:
      return { rule, by: slack * 100, unit: "pct", below: false };
  }
}
