import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { show } from "./display";
import { printsOver } from "./printsOver";

const KINDS = [
  { kind: "length", most: 200, surely: 0.26 },
  { kind: "temperature", most: 60, surely: 0.66 },
  { kind: "humidity", most: 100, surely: 1 },
] as const;
const SYSTEMS = ["metric", "us"] as const;

describe("what is over a limit", () => {
  it.each(KINDS)("is printed apart from it in both systems: $kind", ({ kind, most, surely }) => {
    const figure = fc.double({ min: 0, max: most, noNaN: true });
    fc.assert(
      fc.property(figure, figure, (value, limit) => {
        const isOver = printsOver(kind, value, limit);
        if (isOver) {
          expect(value).toBeGreaterThan(limit);
          for (const system of SYSTEMS)
            expect(show(value, kind, system, "en")).not.toEqual(show(limit, kind, system, "en"));
        }
        // And nothing that is plainly over goes unsaid.
        if (value > limit + surely) expect(isOver).toBe(true);
      }),
      { numRuns: 2000 },
    );
  });

  it("is not water at 2 3/16 in that is safe to 2 3/16 in", () => {
    expect(printsOver("length", 5.6, 5.5)).toBe(false);
    expect(printsOver("length", 5.8, 5.5)).toBe(true);
  });
});
