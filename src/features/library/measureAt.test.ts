import { describe, expect, it } from "vitest";
import { figuresOf } from "@/core/catalog";
import { STOCK } from "@/core/library";
import { figuresIn } from "@/words";
import { measureAt } from "./measureAt";

const KINDS = ["ingredients", "animals", "plants", "crew", "dressings", "drainageMedia", "gear"] as const;
const all = KINDS.flatMap((kind) => STOCK.all(kind).flatMap((entry) => figuresOf(entry)));

describe("the figures of an entry of one's own", () => {
  it("every figure Rincon comes with lies within what the form takes", () => {
    for (const { path, value } of all) {
      const measure = measureAt(path);
      if (!measure) continue;
      const base = value * measure.perBase;
      expect(base, `${path} ${value}`).toBeGreaterThanOrEqual(measure.limits.min);
      expect(base, `${path} ${value}`).toBeLessThanOrEqual(measure.limits.max);
    }
  });
  it("temperatures, humidities and lengths are measures, whatever path leads to them", () => {
    const kinds = (ending: RegExp) =>
      new Set(all.flatMap(({ path }) => (ending.test(path) ? [measureAt(path)?.kind] : [])));
    expect(kinds(/temperatureC\./)).toEqual(new Set(["temperature"]));
    expect(kinds(/humidityRh\./)).toEqual(new Set(["humidity"]));
    expect(kinds(/Cm(\.\d)?$/)).toEqual(new Set(["length"]));
    expect(kinds(/Mm(\.\d)?$/)).toEqual(new Set(["thin"]));
  });
  it.each(["metric", "us"] as const)("none is told as nothing where it is something (%s)", (system) => {
    const figures = figuresIn(system);
    const lost = all.flatMap(({ path, value }) => {
      const measure = measureAt(path);
      const told = measure ? figures.printed(value * measure.perBase, measure.kind) : figures.number(value);
      const isLost = value !== 0 && measure?.kind !== "temperature" && /^-?0(\.0+)?(\u00a0|$)/.test(told);
      return isLost ? [`${path}: ${value} is ${told}`] : [];
    });
    expect(new Set(lost)).toEqual(new Set());
  });
});
