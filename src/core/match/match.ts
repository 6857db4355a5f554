import type { Ingredient } from "../catalog";
import { blend, distance, readMeters, type Blend, type Distance, type Pantry, type Parts, type Readings } from "../mix";
import { clashOf, type Clash } from "./clash";
import { matchModel, partsOf, type Asked, type Total } from "./model";
import type { Given, MatchQuestion, Solve } from "./question";
import { totalsOf } from "./totals";

/** A mix that keeps the rules, and how far it really is: by the full blend, not by the solver's straight lines. */
export type Matched = { parts: Parts; blend: Blend; readings: Readings; off: Distance };

export type MatchAnswer =
  /** The nearest first; the others each do without something the ones before use. */
  | { kind: "found"; best: Matched; others: Matched[] }
  | { kind: "clash"; clash: Clash }
  /** Nothing to choose from. */
  | { kind: "nothing" };

const OTHERS = 2;
/** Within half a per cent of all scales two mixes are the same to the hand. */
const CLOSE_ENOUGH = 0.005;
/** A usual container mix: what mixing loses, and how it holds its pH. Only where the first look starts. */
const USUAL: Given = { lost: 0.15, bufferMmolPerL: 8 };

const givenBy = (mixture: Blend, parts: Parts, pantry: Pantry): Given => ({
  lost: mixture.lostPct / 100,
  bufferMmolPerL: meanBuffer(parts, pantry) || USUAL.bufferMmolPerL,
});

function meanBuffer(parts: Parts, pantry: Pantry): number {
  const total = parts.reduce((sum, part) => sum + part.parts, 0);
  return parts.reduce((sum, { ingredientId, parts: n }) => sum + (n / total) * pantry(ingredientId).bufferMmolPerL, 0);
}

/**
 * The best over all numbers of scoops; each further one only has to beat the best so far, and none is asked once the best is as near
 * as any shares, whole or not, could come.
 */
async function nearest(question: MatchQuestion, solve: Solve, asked: Omit<Asked, "total">): Promise<Parts | undefined> {
  const totals = totalsOf(question.rules);
  const ask = async (total: Total, below?: number): Promise<{ parts: Parts; objective: number } | undefined> => {
    const solution = await solve(matchModel(question, { ...asked, total, closeEnough: CLOSE_ENOUGH, ...(below === undefined ? {} : { below }) }));
    if (solution.status === "stopped") throw new Error("the solver gave up before it had an answer");
    return solution.status === "solved" ? { parts: partsOf(question, solution.values, total), objective: solution.objective } : undefined;
  };
  const anyShares = await ask(undefined);
  if (!anyShares || totals.includes(undefined)) return anyShares?.parts;
  let best: { parts: Parts; objective: number } | undefined;
  for (const total of totals) {
    const below = best ? best.objective - CLOSE_ENOUGH : undefined;
    if (below !== undefined && below <= anyShares.objective) break;
    best = (await ask(total, below)) ?? best;
  }
  return best && lowestTerms(best.parts);
}

/** Two scoops to four are told as one to two. */
function lowestTerms(parts: Parts): Parts {
  const divisor = parts.every(({ parts: n }) => Number.isInteger(n)) ? parts.reduce((common, { parts: n }) => greatestCommon(common, n), 0) : 1;
  return divisor > 1 ? parts.map((part) => ({ ...part, parts: part.parts / divisor })) : parts;
}

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/**
 * Looks for the mix that comes nearest to where the meters should stand, from these ingredients and under these rules, and for two
 * others nearly as near. The programme is linear, the blend is not: so what mixing loses and how pH is held are taken from the mix
 * found and it is asked again, unless there was one to start from; each answer is then judged by the full blend, and they are ordered by that.
 *
 * @param like a mix like the one sought, to start from
 * @returns which rules clash, when none keeps them all
 * @throws whatever `solve` throws, when it is stopped
 * @example const answer = await match({ candidates, aims: aimsAt(readings), rules: [{ kind: "noPeat" }], looseL: 20, stockL: {}, pricePerL: {} }, solve)
 */
export async function match(question: MatchQuestion, solve: Solve, like?: Parts, pantry: Pantry = among(question.candidates)): Promise<MatchAnswer> {
  if (question.candidates.length === 0) return { kind: "nothing" };
  const told = like && blend(like, pantry);
  const judged = (parts: Parts): Matched | undefined => {
    const mixture = blend(parts, pantry);
    if (!mixture) return undefined;
    const readings = readMeters(mixture);
    return { parts, blend: mixture, readings, off: distance(readings, question.aims) };
  };
  const look = async (given: Given, unlike: readonly string[][]): Promise<Matched | undefined> => {
    const parts = await nearest(question, solve, { given, unlike });
    return parts && judged(parts);
  };
  const first = await look(told && like ? givenBy(told, like, pantry) : USUAL, []);
  if (!first) return { kind: "clash", clash: await clashOf(question, solve, USUAL) };
  const given = givenBy(first.blend, first.parts, pantry);
  const again = told ? undefined : await look(given, []);
  const found = [again && again.off.whole < first.off.whole ? again : first];
  while (found.length <= OTHERS) {
    const other = await look(given, found.map(({ parts }) => parts.map((part) => part.ingredientId)));
    if (!other) break;
    found.push(other);
  }
  const [best = first, ...others] = found.toSorted((a, b) => a.off.whole - b.off.whole);
  return { kind: "found", best, others };
}

/** @throws RangeError for one that is not among them */
const among = (candidates: readonly Ingredient[]): Pantry => (id) => {
  const found = candidates.find((item) => item.id === id);
  if (!found) throw new RangeError(`ingredientId: "${id}" is not among what may be taken`);
  return found;
};
