import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Derived } from "../derive";
import type { Finding } from "../findings";
import { checkHabitat, DesignSchema } from "../habitat";
import { STOCK } from "../library";
import { derived, made } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { mendsOf, type Mend } from "./index";

const keyOf = ({ code, about }: Finding): string => `${code} ${about}`;
const harmsOf = ({ findings }: Derived): string[] =>
  findings.filter(({ weight }) => weight === "harm").map((finding) => keyOf(finding));
const edits = (finding: Finding, of: Derived): Mend[] => mendsOf(finding, of).filter(({ how }) => how !== "work");

/** The first finding that has a mend, the worst first, with its first mend. */
function nextPress(of: Derived): Mend | undefined {
  for (const finding of of.findings) {
    const [mend] = edits(finding, of);
    if (mend) return mend;
  }
  return undefined;
}

const MOST_PRESSES = 30;

/** A minute or two alone; beside a browser on a busy machine many. */
const PATIENCE_MS = 900_000;

describe("whatever habitat a person clicked together", () => {
  it(
    "any mend offered can be pressed: the document stays valid, its finding is gone, and it adds no harm",
    () => {
      fc.assert(
        fc.property(anyHabitat, ({ design, log }) => {
          const before = derived(design, log);
          const harms = harmsOf(before);
          for (const finding of before.findings) {
            for (const { commands } of edits(finding, before)) {
              const mended = made(design, ...commands);
              expect(DesignSchema.safeParse(mended).success, finding.code).toBe(true);
              expect(checkHabitat(mended, STOCK), finding.code).toEqual([]);
              const after = derived(mended, log);
              expect(after.findings.map(keyOf), finding.code).not.toContain(keyOf(finding));
              expect(
                harmsOf(after).filter((key) => !harms.includes(key)),
                finding.code,
              ).toEqual([]);
            }
          }
        }),
        { numRuns: 16 },
      );
    },
    PATIENCE_MS,
  );

  it(
    "pressing mends until none is left ends within thirty presses, with no harm that had one",
    () => {
      fc.assert(
        fc.property(anyHabitat, ({ design, log }) => {
          let now = derived(design, log);
          let presses = 0;
          for (let mend = nextPress(now); mend && presses <= MOST_PRESSES; mend = nextPress(now)) {
            now = derived(made(now.habitat, ...mend.commands), log);
            presses += 1;
          }
          expect(presses, design.brief.animalId).toBeLessThanOrEqual(MOST_PRESSES);
          expect(now.findings.filter(({ weight }) => weight === "harm").flatMap((harm) => edits(harm, now))).toEqual(
            [],
          );
        }),
        { numRuns: 8 },
      );
    },
    PATIENCE_MS,
  );
});
