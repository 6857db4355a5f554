/**
 * What one first sizing of the air costs after an edit of the gear: by day and by night, at every corner of its range.
 * Each run has another lamp, so that nothing is merely remembered.
 */
import { attempt } from "../src/core/habitat";
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import { logNow } from "../src/core/log";
import { outlookOf } from "../src/core/outlook";
import { sceneOf } from "../src/core/scene";
import { demoHabitats } from "../src/demo";
import { line, median, timesOf } from "./timing";

const TODAY = "2026-03-02";
const BUDGET_MS = 6;
const WARM_UP = 60;
const RUNS = 160;

async function main(): Promise<void> {
  console.log(`sizing after an edit of the gear, median of ${RUNS} edits (× of its budget)`);
  let kept = true;
  for (const habitat of demoHabitats(TODAY)) {
    const { design } = habitat;
    const lamp = design.gear.find(({ powerW }) => powerW !== null);
    if (!lamp) continue;
    const { ground } = sceneOf(design, STOCK);
    const { state } = logNow(habitat, TODAY);
    const edited = (run: number) => {
      const tried = attempt(design, [{ name: "setGear", args: { id: lamp.id, powerW: 20 + run * 0.01 } }], STOCK);
      if (!tried.ok) throw new Error(tried.problem.path);
      return { ...sceneOf(tried.design, STOCK), ground };
    };
    const scenes = Array.from({ length: WARM_UP + RUNS }, (_, run) => edited(run));
    const size = (run: number) => outlookOf(scenes[run]!, state, TODAY);
    await timesOf(WARM_UP, size);
    const ms = median(await timesOf(RUNS, (run) => size(run + WARM_UP)));
    kept &&= ms <= BUDGET_MS;
    console.log(line(`${design.name}, at most ${BUDGET_MS} ms`, ms, BUDGET_MS));
  }
  console.log(kept ? "\nEvery budget is met." : "\nA budget is not met.");
}

void main();
