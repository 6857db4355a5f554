import { describe, expect, it } from "vitest";
import { STOCK } from "@/core/library";
import { amountSaid, withoutNothing } from "./clauses";
import { sayIn } from "./say";

describe("what comes to nothing", () => {
  it.each([
    ["0", true],
    ["0.00\u00a0L", true],
    ["0,0 L", true],
    ["0 in", true],
    ["0.04 L", false],
    ["10 L", false],
    ["1/2 in", false],
    ["−0.5 °C", false],
  ])("%s is nothing: %s", (printed, nothing) => {
    expect(withoutNothing(`a⟦ ${amountSaid(printed)}⟧`)).toBe(nothing ? "a" : `a ${printed}`);
  });

  it("falls away clause by clause, and what leads to the clauses with the last of them", () => {
    const finish = (paintL: number, fibreL: number) =>
      sayIn("metric", STOCK)("build:tasks.finishWalls.why", { paintL, fibreL, coatCount: 0 });
    expect(finish(0.5, 2)).toBe(
      "Carve or tear off every glossy skin, then the finish: 500\u00a0mL of paint, 2\u00a0L of fibre to press in.",
    );
    expect(finish(0, 2)).toBe("Carve or tear off every glossy skin, then the finish: 2\u00a0L of fibre to press in.");
    expect(finish(0, 0)).toBe("Carve or tear off every glossy skin, then the finish.");
  });

  it("falls away in US units too, and stands where the sentence is about it", () => {
    expect(sayIn("us", STOCK)("build:tasks.mixSoil.ways.moist.why", { looseL: 10, waterL: 0 })).not.toMatch(/of water/);
    expect(sayIn("metric", STOCK)("keeping:duties.mist.why", { timesADay: 0, burstS: 0 })).toBe(
      "power off before hands go in",
    );
    expect(sayIn("metric", STOCK)("keeping:duties.mist.why", { timesADay: 2, burstS: 0 })).toBe(
      "2 × a day; power off before hands go in",
    );
    expect(sayIn("metric", STOCK)("strata:sillTag", { sillCm: 0 })).toBe("door sill 0\u00a0cm");
  });
});
