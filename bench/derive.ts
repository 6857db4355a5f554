/** Median time of derive() for each demo habitat, and each as a ratio to the quickest of them in the same run. */
import { derive } from "../src/core/derive";
import { demoHabitats } from "../src/demo";

const WARM_UP = 50;
const RUNS = 300;

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const results = demoHabitats("2026-03-02").map((habitat) => {
  for (let run = 0; run < WARM_UP; run += 1) derive(habitat);
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    derive(habitat);
    return performance.now() - from;
  });
  return { name: habitat.name, ms: median(times) };
});

const quickest = Math.min(...results.map(({ ms }) => ms));
console.log(`derive(), median of ${RUNS} runs`);
for (const { name, ms } of results) console.log(`${name.padEnd(20)} ${ms.toFixed(3).padStart(8)} ms   × ${(ms / quickest).toFixed(2)}`);
