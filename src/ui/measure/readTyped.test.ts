import fc from "fast-check";
import { expect, it } from "vitest";
import { show, type MeasureKind } from "@/core/units";
import { STOCK } from "@/core/library";
import { sayIn } from "@/words";
import { stepOf } from "./Stepper";
import { readTyped } from "./useMeasureText";

const limits = { min: 0.1, max: 200 };
const read = (text: string, system: "metric" | "us" = "metric") =>
  readTyped(text, { label: "Depth", kind: "length", limits }, system, sayIn(system, STOCK));

it("names the field in whatever it refuses", () => {
  expect(read("").problem).toBe("Depth: type a figure.");
  expect(read("deep").problem).toContain("Depth: “deep” is not a measure");
  expect(read("5 kg").problem).toContain("unit of another kind");
  expect(read("900").problem).toMatch(/^Depth: must be between 0.1.cm and 200.cm\.$/);
});

it("never takes a value outside its limits, and takes a limit back as it was shown", () => {
  fc.assert(
    fc.property(fc.double({ min: -50, max: 400, noNaN: true }), (typed) => {
      const { value } = read(typed.toFixed(3));
      if (value !== undefined) expect(value >= limits.min && value <= limits.max).toBe(true);
    }),
  );
  for (const system of ["metric", "us"] as const) {
    const { figure, unit } = show(limits.max, "length", system, "en");
    expect(read(`${figure} ${unit}`, system).value).toBeCloseTo(limits.max, 0);
  }
});

it.each<[MeasureKind, "metric" | "us", number]>([
  ["length", "metric", 0.5],
  ["length", "us", 0.635],
  ["mass", "metric", 1],
])("one press on %s in %s units is %d", (kind, system, step) => {
  expect(stepOf(kind, system)).toBeCloseTo(step, 10);
});
