import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command } from "../habitat";
import { STOCK } from "../library";
import { mendsOf } from "../mending";
import { derived, found, made, started } from "../testing";
import { begun } from "../testing/newcomer";
import { mixAsLaid } from "./checks/mixes";

const ingredients = STOCK.all("ingredients").map(({ id }) => id);
const anyParts = fc.uniqueArray(
  fc.record({ ingredientId: fc.constantFrom(...ingredients), parts: fc.integer({ min: 1, max: 10 }) }),
  { minLength: 1, maxLength: 4, selector: ({ ingredientId }) => ingredientId },
);
const anyAnimal = fc.constantFrom(...STOCK.all("animals"));
const withMix = (animalId: string, parts: { ingredientId: string; parts: number }[]) => {
  const animal = STOCK.get("animals", animalId);
  const design = begun({ animal, larger: 1, roomC: 21 });
  const [mix] = design.mixes;
  if (!mix || !design.strata.layers.some(({ kind }) => kind === "soil")) return undefined;
  return made(design, { name: "setParts", args: { mixId: mix.id, parts, title: null, recipeId: null, own: [] } });
};

describe("a mix that is not what its ground should be", () => {
  it("is told once, by the worst of its meters, and only where one is off", () => {
    fc.assert(
      fc.property(anyAnimal, anyParts, (animal, parts) => {
        const design = withMix(animal.id, parts);
        if (!design) return;
        const now = derived(design);
        const off = mixAsLaid(now, "mix-1")?.off ?? [];
        const told = now.findings.filter(({ code }) => code === "mixOff");
        expect(told.map(({ quantities }) => (quantities as { variant: string }).variant)).toEqual(
          off.slice(0, 1).map(({ code }) => code),
        );
      }),
      { numRuns: 60 },
    );
  });

  it("is mended by a scoop of something, something left out or a usual mix; then nothing is said of it", () => {
    fc.assert(
      fc.property(anyAnimal, anyParts, (animal, parts) => {
        const design = withMix(animal.id, parts);
        const before = design && found(derived(design), "mixOff");
        for (const mend of before?.mends ?? []) {
          const after = derived(made(design!, ...mend.commands));
          expect(after.findings.some(({ code }) => code === "mixOff")).toBe(false);
        }
      }),
      { numRuns: 20 },
    );
  });

  it("has a mend in nine of ten cases", () => {
    let [off, mended] = [0, 0];
    for (const [at, animal] of STOCK.all("animals").entries()) {
      if (at % 5 !== 0) continue;
      const clayey = [
        { ingredientId: "topsoil", parts: 6 },
        { ingredientId: "clayPowder", parts: 4 },
      ];
      const design = withMix(animal.id, clayey);
      if (!design) continue;
      const now = derived(design);
      const finding = now.findings.find(({ code }) => code === "mixOff");
      if (!finding) continue;
      off += 1;
      if (mendsOf(finding, now).length > 0) mended += 1;
    }
    expect(off).toBeGreaterThan(10);
    expect(mended / off).toBeGreaterThan(0.9);
  });

  it("is sour or soggy where peat is all there is", () => {
    const of = (ingredientId: string) =>
      found(derived(made(started(), setAll(ingredientId))), "mixOff")?.finding.quantities;
    expect(of("peat")).toMatchObject({ variant: expect.stringMatching(/acidBelow|waterAbove|airBelow/) as string });
  });
});

const setAll = (ingredientId: string): Command => ({
  name: "setParts",
  args: { mixId: "mix-1", parts: [{ ingredientId, parts: 1 }], title: null, recipeId: null, own: [] },
});
