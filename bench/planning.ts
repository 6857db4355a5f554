/**
 * What a plan of a build costs after an edit, and what its chances by five thousand runs over the waits do. Each run has
 * another start or another seed, so that nothing is merely remembered.
 */
import { forecast, planOf } from "../src/core/build";
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import { logNow } from "../src/core/log";
import { sceneOf } from "../src/core/scene";
import { demoHabitats } from "../src/demo";
import { line, median, timesOf } from "./timing";

const TODAY = "2026-03-02";
const BUDGET_MS = { plan: 16, chances: 1000 };
const RUNS = 5000;
const TIMES = { plan: 40, chances: 5 };

async function main(): Promise<void> {
  console.log(`plan after an edit, and ${RUNS} runs over its waits (× of its budget)`);
  let kept = true;
  for (const { design } of demoHabitats(TODAY)) {
    const scene = sceneOf(design, STOCK);
    const { state } = logNow({ events: [], samples: [] }, TODAY);
    const plan = () => planOf(scene, state, TODAY);
    await timesOf(TIMES.plan / 4, plan);
    const planMs = median(await timesOf(TIMES.plan, plan));
    const { steps } = plan();
    const chancesMs = median(await timesOf(TIMES.chances, (seed) => forecast(steps, TODAY, RUNS, seed + 1)));
    kept &&= planMs <= BUDGET_MS.plan && chancesMs <= BUDGET_MS.chances;
    console.log(line(`${design.name}, plan, at most ${BUDGET_MS.plan} ms`, planMs, BUDGET_MS.plan));
    console.log(line(`${design.name}, chances, at most ${BUDGET_MS.chances} ms`, chancesMs, BUDGET_MS.chances));
  }
  console.log(kept ? "\nEvery budget is met." : "\nA budget is not met.");
}

void main();
