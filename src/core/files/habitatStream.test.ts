import fc from "fast-check";
import { expect, it } from "vitest";
import { blocksOf, type Habitat } from "../log";
import { happened, started } from "../testing";
import { habitatLines, parseHabitat, printHabitat, readHabitat } from "./index";

const habitat: Habitat = {
  design: started(),
  events: happened({ kind: "movedIn", on: "2026-02-01" }, { kind: "tick", on: "2026-02-02", dutyId: "mist" }),
  samples: blocksOf(
    "warmEnd.temperatureC",
    Array.from({ length: 5000 }, (_, n) => ({ atMs: Date.UTC(2026, 0, 5) + n * 600_000, value: 20 + (n % 97) / 16 })),
  ),
};
const text = printHabitat(habitat);

async function* inPieces(whole: string, cuts: readonly number[]): AsyncGenerator<string> {
  const marks = [0, ...cuts.map((share) => Math.floor(share * whole.length)).toSorted((a, b) => a - b), whole.length];
  for (const [at, to] of marks.slice(1).entries()) yield whole.slice(marks[at], to);
}
const anyCuts = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 30 });

it("is one JSON document, a line to each event and each block", () => {
  const document = JSON.parse(text) as { events: object[]; samples: object[] };
  expect([document.events.length, document.samples.length]).toEqual([2, habitat.samples.length]);
  expect([...habitatLines(habitat)].every((line) => line.endsWith("\n"))).toBe(true);
  expect(text.split("\n").filter((line) => line.startsWith('{"series"'))).toHaveLength(habitat.samples.length);
});

it("read in any pieces is what it is read as a whole", async () => {
  await fc.assert(
    fc.asyncProperty(anyCuts, async (cuts) => {
      expect(await readHabitat(inPieces(text, cuts))).toEqual({ ok: true, habitat });
    }),
    { numRuns: 20 },
  );
});

it("of another layout, or of an earlier version, is read as a whole and says the same", async () => {
  const pretty = JSON.stringify(JSON.parse(text), null, 4);
  expect(await readHabitat(inPieces(pretty, [0.2, 0.7]))).toEqual(parseHabitat(text));
});

it("cut off anywhere, or with a line spoilt, is refused with a reason and never half taken in", async () => {
  await fc.assert(
    fc.asyncProperty(fc.double({ min: 0, max: 0.999, noNaN: true }), async (share) => {
      const read = await readHabitat(inPieces(text.slice(0, Math.floor(share * (text.length - 3))), [0.5]));
      expect(read).toEqual({ ok: false, problem: { code: "file.notJson" } });
    }),
    { numRuns: 40 },
  );
  const spoilt = text.replace('"warmEnd.temperatureC"', '"warmEnd.mood"');
  expect(await readHabitat(inPieces(spoilt, [0.9]))).toMatchObject({
    ok: false,
    problem: { path: expect.stringMatching(/^samples\.0/) as string },
  });
});
