import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command } from "../habitat";
import { STOCK } from "../library";
import { mendsOf } from "../mending";
import { blend, mixTarget, pantryOf, readMeters, SCALES, SEALS_FROM_PCT } from "../mix";
import { bedOf, mixWanted } from "../strata";
import { derived, found, made, started } from "../testing";
import { begun } from "../testing/newcomer";
import { metersTold } from "./index";

const MATTERING = [
  ["air", "Below"],
  ["burrow", "Below"],
  ["drains", "Below"],
  ["water", "Below"],
  ["water", "Above"],
] as const;

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
  it("is told once, where a meter that matters stands plainly out of its range, by the one that is furthest out", () => {
    fc.assert(
      fc.property(anyAnimal, anyParts, (animal, parts) => {
        const design = withMix(animal.id, parts);
        if (!design) return;
        const now = derived(design);
        const mixture = blend(parts, pantryOf(STOCK))!;
        const { depthCm } = mixWanted(design, now.ground, "mix-1", mixture.settlesPct);
        const reads = readMeters(mixture, bedOf(depthCm, animal));
        const aims = mixTarget(animal, false);
        const out = MATTERING.flatMap(([meter, way]) => {
          const [[low, high], [from, to]] = [aims[meter] ?? [-Infinity, Infinity], SCALES[meter]];
          // A scale ends where it ends: further than that nothing is off.
          const value = Math.min(reads[meter], to);
          const off = (way === "Below" ? low - value : value - high) / (to - from);
          const isToldBySealing = meter === "drains" && mixture.swellingPct >= SEALS_FROM_PCT;
          return off > 0.01 && !isToldBySealing ? [{ code: `${meter}${way}`, off }] : [];
        });
        const worst = out.toSorted((a, b) => b.off - a.off)[0];
        const told = now.findings.flatMap((finding) => (finding.code === "mixOff" ? finding.quantities.variant : []));
        expect(told).toEqual(worst ? [worst.code] : []);
        const drawn = metersTold(now.findings, "mix-1");
        expect(new Set(drawn).size).toBe(drawn.length);
        if (worst) expect(drawn.some((meter) => worst.code.startsWith(meter))).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  it("is nothing where it fills a zone or a piece alone: that is made for what grows or hides there", () => {
    const zone = {
      ...{ id: "z", name: "Bog", retaining: null },
      points: [
        [0, 0],
        [20, 0],
        [20, 20],
        [0, 20],
      ] as [number, number][],
    };
    const closed = [{ ingredientId: "clayPowder", parts: 1 }];
    const all = made(started(), setAll("clayPowder"));
    expect(found(derived(all), "mixOff")?.finding.about).toBe("mix-1");
    const inZone = made(
      started(),
      { name: "addZone", args: zone },
      {
        name: "addLayer",
        args: {
          layer: { id: "bog", kind: "soil", mixId: "bog", frontCm: 4, backCm: 4, over: { on: "zone", zoneId: "z" } },
        },
      },
      { name: "setParts", args: { mixId: "bog", parts: closed, title: null, recipeId: null, own: [] } },
    );
    expect(derived(inZone).findings.filter(({ code }) => code === "mixOff")).toEqual([]);
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

  it("is soggy where peat is all there is", () => {
    const of = (ingredientId: string) =>
      found(derived(made(started(), setAll(ingredientId))), "mixOff")?.finding.quantities;
    expect(of("peat")).toMatchObject({ variant: "waterAbove" });
  });
});

const setAll = (ingredientId: string): Command => ({
  name: "setParts",
  args: { mixId: "mix-1", parts: [{ ingredientId, parts: 1 }], title: null, recipeId: null, own: [] },
});
