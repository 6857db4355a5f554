import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Range } from "../catalog";
import { derived, made, started } from "../testing";
import { airNeed, meetsOf, standsTo, underOtherTop } from "./index";

const range = fc
  .tuple(fc.integer({ min: -50, max: 150 }), fc.integer({ min: 0, max: 60 }))
  .map(([low, wide]): Range => [low, low + wide]);

describe("what comes, against what is wanted", () => {
  it("below, above, within or partly: exactly one, and mirrored it is the other side", () => {
    fc.assert(
      fc.property(range, range, (got, wanted) => {
        const mirrored = ([low, high]: Range): Range => [-high, -low];
        const back = { low: "high", high: "low", in: "in", partly: "partly" } as const;
        expect(standsTo(mirrored(got), mirrored(wanted))).toBe(back[standsTo(got, wanted)]);
        const apart = got[1] < wanted[0] || got[0] > wanted[1];
        expect(["low", "high"].includes(standsTo(got, wanted))).toBe(apart);
      }),
    );
  });
  it("an animal that needs no basking and no UV is told of neither", () => {
    const told = (animalId: string) => {
      const { outlook, animal } = derived(started({ animalId }));
      return meetsOf(outlook, animal).map(({ id }) => id);
    };
    expect(told("crocodileSkink")).toContain("basking");
    expect(told("crestedGecko")).not.toContain("basking");
  });
});

describe("what another top and more air would take", () => {
  const box = (top: "mesh" | "halfCovered" | "glass") =>
    derived(started({ shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 20, top } }));
  const other = (top: "mesh" | "halfCovered" | "glass") => {
    const one = box(top);
    return underOtherTop(one, one.log.state, one.outlook.on);
  };
  it("half covered stands against open, and open against half covered; a pane has no other", () => {
    expect(other("mesh")!.coveredPct).toBe(50);
    expect(other("halfCovered")!.coveredPct).toBe(0);
    expect(other("halfCovered")!.day).toEqual(box("mesh").outlook.sizing.day);
    expect(other("glass")).toBeUndefined();
  });
  it("vents are only asked for where the air is stiller than usual, and then one pair does less than those named", () => {
    const still = box("glass");
    const need = airNeed(still, still.outlook);
    expect(need.isStill).toBe(still.outlook.sizing.day.changesPerH[1] < need.leastPerH);
    expect(need.isStill ? need.pairs : 1).toBeGreaterThanOrEqual(1);
    expect(airNeed(box("mesh"), box("mesh").outlook).pairs).toBeUndefined();
  });
  it("at the warm end the same water makes drier air than at the cool one", () => {
    const lit = derived(
      made(started(), { name: "addGear", args: { id: "lamp", kindId: "halogenLamp", powerW: 75, xCm: 8 } }),
    ).outlook.sizing;
    expect(lit.warmEndRh[0]).toBeLessThan(lit.coolEndRh[0]);
    expect(lit.warmEndC[0]).toBeGreaterThan(lit.coolEndC[0]);
    const { sizing } = derived(started()).outlook;
    expect(sizing.warmEndRh[0]).toBeCloseTo(sizing.day.humidityRh[0], 6);
  });
});
