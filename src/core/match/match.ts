import type { Ingredient } from "../catalog";
import {
  blend,
  distance,
  readMeters,
  surfaceOf,
  toldTotal,
  type Blend,
  type Distance,
  type Pantry,
  type Parts,
  type Readings,
} from "../mix";
import { clashOf, type Clash } from "./clash";
import { matchModel, partsOf, type Asked } from "./model";
import { promising } from "./promising";
import type { Given, MatchQuestion, Solve } from "./question";
import { totalsOf } from "./totals";
import type { Total } from "./variables";

/** A mix that keeps the rules, and how far it really is: by the full blend, not by the solver's straight lines. */
export type Matched = { parts: Parts; blend: Blend; readings: Readings; off: Distance };

export type MatchAnswer =
  /** The nearest first; the others each do without something the ones before use. */
  | { kind: "found"; best: Matched; others: Matched[] }
  | { kind: "clash"; clash: Clash }
  /** Nothing to choose from. */
  | { kind: "nothing" };

const OTHERS = 2;
/** Within a hundredth of all scales two mixes are the same to the hand: no longer search is worth less than that. */
const CLOSE_ENOUGH = 0.01;
/** A usual container mix: what it loses, holds and drains by. Only where the first look starts. */
const USUAL = { lost: 0.1, sunk: 0.2, bufferMmolPerL: 8, surface: 0.4 };

function givenBy({ lostPct, settlesPct }: Blend, parts: Parts, pantry: Pantry, depthCm: number): Given {
  const lost = lostPct / 100;
  return {
    lost,
    sunk: 1 - (1 - lost) * (1 - settlesPct / 100),
    bufferMmolPerL: meanOf(parts, pantry, (item) => item.bufferMmolPerL) || USUAL.bufferMmolPerL,
    surface: meanOf(parts, pantry, surfaceOf) || USUAL.surface,
    depthCm,
  };
}

function meanOf(parts: Parts, pantry: Pantry, pick: (item: Ingredient) => number): number {
  const total = toldTotal(parts);
  return parts.reduce((sum, { ingredientId, parts: n }) => sum + (n / total) * pick(pantry(ingredientId)), 0);
}

type Sought = Omit<Asked, "total"> & { like?: Parts | undefined };

/**
 * The nearest over all numbers of scoops. First in any shares, whole or not: nothing can come nearer than that, so the
 * search ends once it is that near. Then in whole scoops of what looks promising, each number of scoops having to beat
 * the ones before; of everything there is only when that gives nothing.
 *
 * @param orElse numbers of scoops to be content with, when one has an answer: another way of doing it need not be the
 * very best
 */
async function nearest(
  question: MatchQuestion,
  solve: Solve,
  { like, ...asked }: Sought,
  orElse?: readonly Total[],
): Promise<Dealt | undefined> {
  const ask = async (candidates: MatchQuestion["candidates"], more: Pick<Asked, "total" | "below" | "relaxed">) => {
    const solution = await solve(
      matchModel({ ...question, candidates }, { ...asked, closeEnough: CLOSE_ENOUGH, ...more }),
    );
    if (solution.status === "stopped") throw new Error("the solver gave up before it had an answer");
    return solution.status === "solved" ? solution : undefined;
  };
  const anyShares = await ask(question.candidates, { total: undefined, relaxed: true });
  if (!anyShares) return undefined;
  const few = promising(question, anyShares, asked.given, like);
  for (const candidates of few.length < question.candidates.length ? [few, question.candidates] : [few]) {
    let best: (Dealt & { objective: number }) | undefined;
    for (const total of orElse ?? totalsOf(question.rules)) {
      if (best && (orElse || best.objective - CLOSE_ENOUGH <= anyShares.objective)) break;
      const found = await ask(candidates, { total, ...(best ? { below: best.objective - CLOSE_ENOUGH } : {}) });
      if (found)
        best = { parts: partsOf({ ...question, candidates }, found.values, total), total, objective: found.objective };
    }
    if (best) return { parts: lowestTerms(best.parts), total: best.total };
  }
  return undefined;
}

/** A mix, and in how many scoops it was dealt. */
type Dealt = { parts: Parts; total: Total };
type Found = Matched & { total: Total };

/** The same question, of only what a mix is made of. */
const madeOf = (question: MatchQuestion, parts: Parts): MatchQuestion => ({
  ...question,
  candidates: question.candidates.filter(({ id }) => parts.some(({ ingredientId }) => ingredientId === id)),
});

/** Two scoops to four are told as one to two. */
function lowestTerms(parts: Parts): Parts {
  const divisor = parts.every(({ parts: n }) => Number.isInteger(n))
    ? parts.reduce((common, { parts: n }) => greatestCommon(common, n), 0)
    : 1;
  return divisor > 1 ? parts.map((part) => ({ ...part, parts: part.parts / divisor })) : parts;
}

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/**
 * Looks for the mix that comes nearest to where the meters should stand, from these ingredients and under these rules,
 * and for two others nearly as near. The programme is linear, the blend is not: so what mixing loses and how pH is held
 * are taken from the mix found and it is asked again, unless there was one to start from; each answer is then judged by
 * the full blend, and they are ordered by that.
 *
 * @param like a mix like the one sought, to start from
 * @returns which rules clash, when none keeps them all
 * @throws whatever `solve` throws, when it is stopped
 * @example const answer = await match({ candidates, aims: aimsAt(readings), rules: [{ kind: "noPeat" }], looseL: 20, stockL: {}, pricePerL: {} }, solve)
 */
export async function match(
  question: MatchQuestion,
  solve: Solve,
  like?: Parts,
  pantry: Pantry = among(question.candidates),
): Promise<MatchAnswer> {
  if (question.candidates.length === 0) return { kind: "nothing" };
  const { depthCm } = question;
  const usual: Given = { ...USUAL, depthCm };
  const told = like && blend(like, pantry);
  const judged = (parts: Parts): Matched | undefined => {
    const mixture = blend(parts, pantry);
    if (!mixture) return undefined;
    const readings = readMeters(mixture, { footCm: 0, depthCm });
    return { parts, blend: mixture, readings, off: distance(readings, question.aims) };
  };
  const unlike: string[][] = [];
  const lookIn = async (
    asked: MatchQuestion,
    sought: Sought,
    orElse?: readonly Total[],
  ): Promise<Found | undefined> => {
    const dealt = await nearest(asked, solve, { ...sought, like }, orElse);
    const found = dealt && judged(dealt.parts);
    return found && { ...found, total: dealt.total };
  };
  const look = (given: Given, orElse?: readonly Total[]) => lookIn(question, { given, unlike }, orElse);
  const givenOf = ({ blend: mixture, parts }: Pick<Matched, "blend" | "parts">): Given =>
    givenBy(mixture, parts, pantry, depthCm);
  const first = await look(told && like ? givenOf({ blend: told, parts: like }) : usual);
  if (!first) return { kind: "clash", clash: await clashOf(question, solve, usual) };
  const again = told ? first : ((await look(givenOf(first))) ?? first);
  const nearer = again.off.whole < first.off.whole ? again : first;
  /** The mix by the loss of just that mix, where a rule asks for litres. */
  const settle = async (mix: Found): Promise<Found> =>
    question.rules.some(isLitres)
      ? settled(mix, givenOf, (given) => lookIn(madeOf(question, mix.parts), { given, unlike: [] }, [mix.total]))
      : mix;
  const chosen = await settle(nearer);
  const found = [chosen];
  const given = givenOf(chosen);
  while (found.length <= OTHERS) {
    const last = found.at(-1) ?? first;
    unlike.push(last.parts.map((part) => part.ingredientId));
    const other = await look(given, [last.total, ...totalsOf(question.rules).filter((total) => total !== last.total)]);
    if (!other) break;
    found.push(await settle(other));
  }
  const [best = first, ...others] = found
    .toSorted((a, b) => a.off.whole - b.off.whole)
    .map(({ total: _total, ...matched }) => matched);
  return { kind: "found", best, others };
}

/** So many litres of a bag are so many only by the loss of the very mix they go into. */
const isLitres = ({ kind }: MatchQuestion["rules"][number]): boolean => kind === "use";
const LOOKS_TO_SETTLE = 5;
const SETTLED_LOST = 0.002;

/**
 * Asks again by what was found, until it loses in mixing what it was reckoned with. Of the same ingredients, as among
 * all of them it may go back and forth between two mixes that lose differently.
 */
async function settled<M extends Matched>(
  first: M,
  givenOf: (found: M) => Given,
  look: (given: Given) => Promise<M | undefined>,
): Promise<M> {
  let last = first;
  for (let looks = 0; looks < LOOKS_TO_SETTLE; looks += 1) {
    const given = givenOf(last);
    const next = await look(given);
    if (!next) return last;
    last = next;
    if (Math.abs(givenOf(next).lost - given.lost) < SETTLED_LOST) return next;
  }
  return last;
}

/** @throws RangeError for one that is not among them */
const among =
  (candidates: readonly Ingredient[]): Pantry =>
  (id) => {
    const found = candidates.find((item) => item.id === id);
    if (!found) throw new RangeError(`ingredientId: "${id}" is not among what may be taken`);
    return found;
  };
