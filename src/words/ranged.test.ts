import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STOCK } from "@/core/library";
import type { MeasureKind } from "@/core/units";
import { atWork } from "./en/atWork";
import { figuresIn } from "./figures";
import { ranged, rangeNamed } from "./ranged";
import { en } from "./resources";
import { spoken } from "./quantities";

const SYSTEMS = ["metric", "us"] as const;
const nbsp = (text: string): string => text.replaceAll("~", "\u00a0");

describe("a range", () => {
  it.each([
    ["27~°C", "31~°C", "27–31~°C"],
    ["70~°F", "70~°F", "70~°F"],
    ["1 9/16~in", "2 15/16~in", "1 9/16 – 2 15/16~in"],
    ["1.9~fl oz", "1.6~cups", "1.9~fl oz – 1.6~cups"],
    ["-4~°C", "2~°C", "-4 – 2~°C"],
    ["€1.20", "€2.40", "€1.20–€2.40"],
    ["7", "70", "7–70"],
  ])("of %s and %s is told as %s", (low, high, told) => {
    expect(ranged(nbsp(low), nbsp(high))).toBe(nbsp(told));
  });

  it.each<[MeasureKind, number]>([
    ["length", 300],
    ["water", 400],
    ["volume", 400],
    ["mass", 200],
    ["temperature", 50],
    ["humidity", 100],
  ])("of %s tells both ends as each alone is told, and a unit once where it is one", (kind, most) => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: most, noNaN: true }),
        fc.double({ min: 0, max: most, noNaN: true }),
        (a, b) => {
          for (const system of SYSTEMS) {
            const figures = figuresIn(system);
            const [low, high] = [Math.min(a, b), Math.max(a, b)].map((value) => figures.printed(value, kind));
            const told = figures.range([Math.min(a, b), Math.max(a, b)], kind);
            expect(told.endsWith(high!)).toBe(true);
            expect(told.startsWith(low!.split("\u00a0")[0]!)).toBe(true);
            const units = [low, high].map((text) => text!.split("\u00a0")[1]!);
            expect(told.split("\u00a0").length - 1).toBe(low === high || units[0] === units[1] ? 1 : 2);
          }
        },
      ),
    );
  });
});

describe("the two ends of a range in a message", () => {
  const speech = { system: "us", locale: "en", library: STOCK } as const;
  it.each([
    ["wantLowC", "wantHighC", "wantRangeC"],
    ["lowWaterL", "highWaterL", "rangeWaterL"],
    ["leastPct", "mostPct", "rangePct"],
    ["low", "high", "range"],
  ])("%s and %s are told as %s", (low, high, range) => {
    expect(rangeNamed(low)).toEqual({ high, range });
    expect(spoken({ [low]: 20, [high]: 20 }, speech)[range]).toBe(String(spoken({ [low]: 20 }, speech)[low]));
  });

  it.each(["belowCm", "slowPct", "yellowId", "flowL", "pleastCm"])("%s is the low end of nothing", (name) => {
    expect(rangeNamed(name)).toBeUndefined();
  });

  it("an amount that is nothing at its low end is still said: the clause stays", () => {
    expect(spoken({ lowWaterL: 0, highWaterL: 2 }, speech).rangeWaterL).not.toContain("\u0000");
    expect(spoken({ lowWaterL: 0, highWaterL: 0 }, speech).rangeWaterL).toContain("\u0000");
  });

  it("no message sets two ends side by side itself", () => {
    const byHand = /\{\{\w*(?:[lL]ow|[lL]east)(?:[A-Z]\w*)?\}\} ?(?:to|–|-) ?\{\{/;
    const texts = JSON.stringify([en, atWork]).split('","');
    expect(texts.length).toBeGreaterThan(1000);
    expect(texts.filter((text) => byHand.test(text))).toEqual([]);
  });
});
