/** Median time of derive() for each demo habitat, and each as a ratio to the quickest of them in the same run. */
import { derive } from "../src/core/derive";
import { demoHabitats } from "../src/demo";
import { line, median, timesOf } from "./timing";

const WARM_UP = 50;
const RUNS = 300;

async function main(): Promise<void> {
  const results: { name: string; ms: number }[] = [];
  for (const habitat of demoHabitats("2026-03-02")) {
    await timesOf(WARM_UP, () => derive(habitat));
    results.push({ name: habitat.name, ms: median(await timesOf(RUNS, () => derive(habitat))) });
  }
  const quickest = Math.min(...results.map(({ ms }) => ms));
  console.log(`derive(), median of ${RUNS} runs`);
  for (const { name, ms } of results) console.log(line(name, ms, quickest));
}

void main();
