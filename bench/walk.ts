/**
 * The walk of a newcomer: start, press the first mend of the worst finding, again and again, until nothing is offered.
 * Prints what is left, worst first; with a number, walks so many animals drawn by a seed.
 */
import "../src/core/library/whole";
import { STOCK } from "../src/core/library";
import { begun, pressedThrough } from "../src/core/testing/newcomer";

const [most = "40", rooms = "21", larger = "1.15"] = process.argv.slice(2);
const SEED_STEP = 97;

const all = STOCK.all("animals");
const some = Array.from({ length: Math.min(Number(most), all.length) }, (_, n) => all[(n * SEED_STEP) % all.length]!);
const left = new Map<string, number>();
let [walks, sound, clean, presses] = [0, 0, 0, 0];
for (const roomC of rooms.split(",").map(Number))
  for (const animal of some) {
    const began = performance.now();
    const walked = pressedThrough(begun({ animal, larger: Number(larger), roomC }));
    const heavy = walked.left.filter(({ weight }) => weight !== "opinion");
    walks += 1;
    presses += walked.presses;
    sound += heavy.length === 0 ? 1 : 0;
    clean += walked.left.length === 0 ? 1 : 0;
    for (const { code, weight, quantities } of walked.left) {
      const key = `${weight.padEnd(8)}${code}.${String((quantities as { variant?: string }).variant ?? "")}`;
      left.set(key, (left.get(key) ?? 0) + 1);
    }
    const told = heavy.map(
      ({ code, quantities }) => `${code}.${String((quantities as { variant?: string }).variant ?? "")}`,
    );
    console.log(
      `${animal.id.padEnd(30)} ${roomC} °C  ${String(walked.presses).padStart(2)} presses  ${String(Math.round(performance.now() - began)).padStart(6)} ms  ${told.join(" ") || "nothing of weight"}${process.env.TOLD ? ` | ${walked.pressed.join("; ")}` : ""}`,
    );
  }
console.log(
  `\n${walks} walks: ${sound} end with nothing of weight, ${clean} with nothing at all; ${(presses / walks).toFixed(1)} presses each`,
);
for (const [key, count] of [...left].toSorted(([a, x], [b, y]) => a.slice(0, 8).localeCompare(b.slice(0, 8)) || y - x))
  console.log(`${String(count).padStart(4)}  ${key}`);
