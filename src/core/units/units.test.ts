import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  CM_PER_INCH,
  KG_PER_POUND,
  L_PER_CUBIC_FOOT,
  L_PER_US_DRY_QUART,
  L_PER_US_GALLON,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  inchesOnTape,
  parseMeasure,
  parseSize,
  show,
} from "./index";

describe("conversion factors, NIST SP 811 (2008) appendix B, printed there to seven figures", () => {
  it.each([
    ["inch to cm", CM_PER_INCH, 2.54],
    ["US gallon to L", L_PER_US_GALLON, 3.785412],
    ["US dry quart to L", L_PER_US_DRY_QUART, 1.101221],
    ["cubic foot to L", L_PER_CUBIC_FOOT, 28.31685],
    ["pound to kg", KG_PER_POUND, 0.4535924],
  ])("%s", (_name, ours, printed) => {
    expect(Math.abs(ours / printed - 1)).toBeLessThan(5e-7);
  });
  it("temperature: t/°C = (t/°F - 32)/1.8, SP 811 B.8", () => {
    expect(fahrenheitToCelsius(212)).toBeCloseTo(100, 10);
    expect(celsiusToFahrenheit(-40)).toBeCloseTo(-40, 10);
  });
});

describe("reading what people type", () => {
  it.each([
    ["3 1/2 in", "length", 8.89],
    ['3½"', "length", 8.89],
    ["9cm", "length", 9],
    ["9,5 cm", "length", 9.5],
    ["2 ft 6 in", "length", 76.2],
    ["90 mm", "length", 9],
    ["4 qt", "volume", 4.40488377],
    ["0.5 cu ft", "volume", 14.158423],
    ["1 gal", "water", 3.785411784],
    ["77 F", "temperature", 25],
    ["-3 °C", "temperature", -3],
    ["80", "humidity", 80],
    ["12 oz", "mass", 0.34019],
  ] as const)("%s is %s %d", (text, kind, expected) => {
    const read = parseMeasure(text, kind, "metric");
    expect(read.ok && read.value).toBeCloseTo(expected, 4);
  });

  it.each([
    ["", "measure.empty"],
    ["wide", "measure.unreadable"],
    ["1,500", "measure.unreadable"],
    ["1/0 in", "measure.unreadable"],
    ["5 kg", "measure.wrongUnit"],
    ["NaN", "measure.unreadable"],
    ["1e9", "measure.unreadable"],
    ["<b>5</b>", "measure.unreadable"],
  ])("refuses %j as %s", (text, code) => {
    const read = parseMeasure(text, "length", "metric");
    expect(read.ok ? "accepted" : read.problem.code).toBe(code);
  });

  it("a bare number takes the chosen system's unit", () => {
    expect(parseMeasure("10", "length", "us")).toEqual({ ok: true, value: 25.4 });
  });

  it("reads whole sizes with one unit at the end, and says when three figures are not there", () => {
    const inches = parseSize("24 x 18 x 18 in", "metric");
    expect(inches.ok && inches.size.map((cm) => Number(cm.toFixed(2)))).toEqual([60.96, 45.72, 45.72]);
    expect(parseSize("60×45×45", "metric")).toEqual({ ok: true, size: [60, 45, 45] });
    expect(parseSize("2 ft x 18 in x 45 cm", "metric")).toEqual({ ok: true, size: [60.96, 45.72, 45] });
    expect(parseSize("60 by 45 by 45 mm", "metric")).toEqual({ ok: true, size: [6, 4.5, 4.5] });
    const word = parseSize("sixty x 45 x 45", "metric");
    expect(!word.ok && word.problem.code).toBe("measure.unreadable");
    const two = parseSize("60 x 45", "metric");
    expect(!two.ok && two.problem.code).toBe("size.notThree");
  });

  it("what is shown reads back to within the last figure shown", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 300, noNaN: true }), fc.constantFrom("metric", "us"), (cm, system) => {
        const shown = show(cm, "length", system, "en");
        const back = parseMeasure(`${shown.figure} ${shown.unit}`, "length", "metric");
        expect(back.ok && Math.abs(back.value - cm)).toBeLessThanOrEqual(cm >= 99.95 ? 0.51 : 0.08);
      }),
    );
  });
});

describe("printing", () => {
  it("inches as on a tape", () => {
    expect(inchesOnTape(2.5625)).toBe("2 9/16");
    expect(inchesOnTape(0.5)).toBe("1/2");
    expect(inchesOnTape(3.999)).toBe("4");
  });
  it("loose volumes in dry quarts, from one cubic foot in cubic feet", () => {
    expect(show(4.4049, "volume", "us", "en")).toEqual({ figure: "4.0", unit: "qt" });
    expect(show(28.3169, "volume", "us", "en")).toEqual({ figure: "1.00", unit: "ft³" });
  });
  it("follows the locale's decimal mark", () => {
    expect(show(13.5, "volume", "metric", "de").figure).toBe("13,5");
  });
});
