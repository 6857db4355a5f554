/**
 * Median time of a match over all ingredients in whole scoops, and, on a case small enough for both, of one programme
 * beside plain exhaustive search. The solver is the one the worker runs.
 */
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import load from "highs";
import { type Ingredient } from "../src/core/catalog";
import { aimsAt, blend, pantryOf, readMeters } from "../src/core/mix";
import {
  linearMeters,
  linearOff,
  match,
  matchModel,
  type MatchQuestion,
  type MatchRule,
  type Solve,
} from "../src/core/match";
import { readAnswer, solverOptions, toLp } from "../src/core/solve";
import { line, median, timesOf } from "./timing";

const PANTRY = pantryOf(STOCK);

const RUNS = 15;
const SMALL = { kinds: 6, scoops: 10, runs: 7 };
const BED = { footCm: 0, depthCm: 10 };
const given = { lost: 0.12, sunk: 0.22, bufferMmolPerL: 8, surface: 0.4, depthCm: BED.depthCm };

const recipe = (recipeId: string) => STOCK.all("recipes").find(({ id }) => id === recipeId)!;
const aimsOf = (recipeId: string) => aimsAt(readMeters(blend(recipe(recipeId).parts, PANTRY)!, BED));
const asking = (candidates: readonly Ingredient[], recipeId: string, rules: readonly MatchRule[]): MatchQuestion => ({
  candidates,
  rules,
  aims: aimsOf(recipeId),
  looseL: 20,
  depthCm: BED.depthCm,
  stockL: {},
  pricePerL: {},
});

/** Calls back with every way to deal so many scoops to so many ingredients. */
function deal(scoops: number, kinds: number, see: (dealt: readonly number[]) => void, dealt: number[] = []): void {
  if (kinds === 1) return see([...dealt, scoops]);
  for (let n = 0; n <= scoops; n += 1) deal(scoops - n, kinds - 1, see, [...dealt, n]);
}

async function main(): Promise<void> {
  const highs = await load();
  const solve: Solve = async (model) => readAnswer(highs.solve(toLp(model), solverOptions(model, 20)));
  const rules: MatchRule[] = [
    { kind: "noPeat" },
    { kind: "without", ingredientId: "treeFernFibre" },
    { kind: "group", of: "char", leastPct: 5, mostPct: 10 },
    { kind: "scoops", upTo: 12 },
  ];
  const all = STOCK.all("ingredients").slice(0, 60);
  console.log(
    `\nmatch(), ${all.length} ingredients, whole scoops up to 12, the best and two others, median of ${RUNS} runs`,
  );
  const wholes: { name: string; ms: number }[] = [];
  for (const name of ["treeFernForest", "soilBased", "burrow", "redDesert"]) {
    const ask = () => match(asking(all, name, rules), solve, [...recipe(name).parts], pantryOf(STOCK));
    await ask();
    wholes.push({ name, ms: median(await timesOf(RUNS, ask)) });
  }
  const quickest = Math.min(...wholes.map(({ ms }) => ms));
  for (const { name, ms } of wholes) console.log(line(name, ms, quickest));

  const told = STOCK.all("recipes")[0]!.parts;
  const meterMs = median(await timesOf(200, () => readMeters(blend(told, PANTRY)!, BED)));
  console.log(`\nthe meters of one mix, read anew: ${meterMs.toFixed(3)} ms, median of 200 runs`);

  const few = STOCK.all("ingredients").slice(0, SMALL.kinds);
  const small = asking(few, "treeFernForest", []);
  const meters = linearMeters(small.aims, given);
  const search = () => {
    let best = Infinity;
    deal(SMALL.scoops, SMALL.kinds, (dealt) => {
      best = Math.min(
        best,
        linearOff(
          meters,
          few.map((item, at) => ({ item, share: (dealt[at] ?? 0) / SMALL.scoops })),
        ),
      );
    });
    return best;
  };
  const found = await solve(matchModel(small, { given, total: SMALL.scoops }));
  if (Math.abs(found.objective - search()) > 1e-5) throw new Error("the solver and the search differ");
  const programme = median(await timesOf(SMALL.runs, () => solve(matchModel(small, { given, total: SMALL.scoops }))));
  const exhaustive = median(await timesOf(SMALL.runs, search));
  console.log(`\n${SMALL.scoops} scoops of ${SMALL.kinds} ingredients, median of ${SMALL.runs} runs, same answer`);
  console.log(line("HiGHS", programme, Math.min(programme, exhaustive)));
  console.log(line("exhaustive search", exhaustive, Math.min(programme, exhaustive)));
}

void main();
