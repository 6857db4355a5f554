/**
 * Tries every reader of what comes in with spoilt input, from a seed: what is taken is put to full use, printed and read
 * again. Prints crashes, hangs and what was taken but could not be used; all three should be none. With a number, so many
 * tries; with a second one, from that seed.
 */
import "../../src/core/library/whole";
import "../../src/words/atWork";
import { seeded } from "../../src/core/random";
import { READERS } from "./readers";

const TRIES = Number(process.argv[2] ?? 100_000);
const SEED = Number(process.argv[3] ?? 1);
const HANG_MS = 2000;
const MOST_TOLD = 12;

type Wrong = { reader: string; seed: number; what: string };

async function main(): Promise<void> {
  const crashes: Wrong[] = [];
  const unusable: Wrong[] = [];
  const hangs: Wrong[] = [];
  for (const { name, share, once } of READERS) {
    const tries = Math.round(TRIES * share);
    const from = performance.now();
    let [taken, slowest] = [0, 0];
    for (let n = 0; n < tries; n += 1) {
      const seed = SEED * 10_000_000 + n;
      const began = performance.now();
      try {
        if (await once(seeded(seed))) taken += 1;
      } catch (error) {
        const isUnusable = error instanceof Error && error.constructor.name === "Unusable";
        const what =
          error instanceof Error ? `${error.message}\n${error.stack?.split("\n").slice(1, 5).join("\n")}` : "?";
        (isUnusable ? unusable : crashes).push({ reader: name, seed, what });
      }
      const tookMs = performance.now() - began;
      slowest = Math.max(slowest, tookMs);
      if (tookMs > HANG_MS) hangs.push({ reader: name, seed, what: `${Math.round(tookMs)} ms` });
    }
    const tookS = (performance.now() - from) / 1000;
    console.log(
      `${name.padEnd(24)} ${String(tries).padStart(7)} tried, ${String(taken).padStart(6)} taken and used, ` +
        `slowest ${Math.round(slowest)} ms, ${tookS.toFixed(0)} s`,
    );
  }
  for (const { reader, seed, what } of [...crashes, ...unusable, ...hangs].slice(0, MOST_TOLD))
    console.log(`\n${reader}, seed ${seed}: ${what}`);
  console.log(`\n${crashes.length} crashes, ${hangs.length} hangs over 2 s, ${unusable.length} accepted but unusable`);
  process.exitCode = crashes.length + hangs.length + unusable.length === 0 ? 0 : 1;
}

await main();
