/**
 * What one move of a drag costs: the edit tried, every invariant checked, the habitat worked out anew. Each move goes
 * somewhere else, so that nothing is merely remembered. Beside it the whole habitat from nothing, as when it is opened.
 */
import { derive } from "../src/core/derive";
import { attempt, type Command, type Design } from "../src/core/habitat";
import { libraryOf, STOCK } from "../src/core/library";
import "../src/core/library/whole";
import { logNow, NOTHING_LOGGED, type LogNow } from "../src/core/log";
import { EMPTY_SHELF } from "../src/core/own";
import { demoHabitats } from "../src/demo";
import { fullBox } from "./fullBox";
import { line, median, timesOf } from "./timing";

const TODAY = "2026-03-02";
const WARM_UP = 40;
const RUNS = 160;
const BUDGET_MS = { demo: 8, full: 40 };

type Case = { name: string; design: Design; log: LogNow };
type Drag = { name: string; move: (design: Design, run: number) => Command | undefined };

const soilEdge: Drag = {
  name: "soil edge",
  move: (design, run) => {
    const soil = design.strata.layers.find((layer) => layer.kind === "soil");
    const frontLeftCm = 4 + (run % 97) * 0.031 + run * 1e-4;
    return soil && { name: "setCorners", args: { layerId: soil.id, frontLeftCm } };
  },
};
const plant: Drag = {
  name: "plant",
  move: (design, run) => {
    const stand = design.plants.at(-1);
    const xCm = 8 + (run % 89) * 0.1 + run * 1e-4;
    return stand && { name: "movePlant", args: { id: stand.id, xCm, yCm: 8 + (run % 7) } };
  },
};

/** Median time of one move, ms; undefined where there is nothing to drag. */
async function moveMs({ design, log }: Case, drag: Drag): Promise<number | undefined> {
  if (!drag.move(design, 0)) return undefined;
  let now = design;
  const step = (run: number): void => {
    const tried = attempt(now, [drag.move(now, run)!], STOCK);
    if (!tried.ok) throw new Error(`${tried.problem.path}: ${tried.problem.code}`);
    now = tried.design;
    derive(now, log, STOCK);
  };
  await timesOf(WARM_UP, step);
  return median(await timesOf(RUNS, (run) => step(run + WARM_UP)));
}

/** Median time from nothing: each run with a library of its own, so that no stage is remembered. */
const wholeMs = async ({ design, log }: Case): Promise<number> =>
  median(await timesOf(15, () => derive(structuredClone(design), log, libraryOf(EMPTY_SHELF))));

async function main(): Promise<void> {
  const demos = demoHabitats(TODAY).map((habitat): Case => {
    return { name: habitat.design.name, design: habitat.design, log: logNow(habitat, TODAY) };
  });
  const full: Case = { name: "200 plants, 60 pieces, 6 zones, 12 heaps", design: fullBox(), log: NOTHING_LOGGED };
  const wholes = new Map<Case, number>();
  for (const one of [...demos, full]) wholes.set(one, await wholeMs(one));
  const quickest = Math.min(...wholes.values());
  console.log("derive() from nothing, median of 15 runs");
  for (const [{ name }, ms] of wholes) console.log(line(name, ms, quickest));

  let kept = true;
  for (const drag of [soilEdge, plant]) {
    console.log(`\none drag move of a ${drag.name}, median of ${RUNS} moves (× of its budget)`);
    for (const one of [...demos, full]) {
      const ms = await moveMs(one, drag);
      if (ms === undefined) continue;
      const budget = one === full ? BUDGET_MS.full : BUDGET_MS.demo;
      kept &&= ms <= budget;
      console.log(line(`${one.name}, at most ${budget} ms`, ms, budget));
    }
  }
  console.log(kept ? "\nEvery budget is met." : "\nA budget is not met.");
}

void main();
