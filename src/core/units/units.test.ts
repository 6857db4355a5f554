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
  showTyped,
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
    ["2 lb 4 oz", "mass", 1.02058],
    ["0.5 ft3", "volume", 14.158423],
    ["1 1/2 cu. ft", "volume", 42.47527],
    ["2 liq qt", "volume", 1.892706],
    ["2 qt", "water", 1.892706],
    ["1 cup", "water", 0.2365882],
    ["8 fl oz", "water", 0.2365882],
    ["3 pints", "volume", 1.419529],
    ["1 cu yd", "volume", 764.5549],
    ["90 lb/ft3", "density", 1.441662],
    ["1/16 in", "thin", 0.15875],
    ["6", "thin", 0.6],
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

  it("loose stuff is read by weight where it is known what a litre weighs, and refused by name where it is not", () => {
    const sand = parseMeasure("50 lb", "volume", "us", 1.6);
    expect(sand.ok && sand.value).toBeCloseTo((50 * 0.45359237) / 1.6, 6);
    const unknown = parseMeasure("50 lb", "volume", "us");
    expect(!unknown.ok && unknown.problem.code).toBe("measure.wrongUnit");
    expect(parseMeasure("50 lb", "length", "us", 1.6).ok).toBe(false);
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
    for (const text of ["36 18 12 in", "36, 18, 12 in", "36in 18in 12in", "36/18/12 in", '36" 18" 12"']) {
      const plain = parseSize(text, "metric");
      expect(plain.ok && plain.size.map((cm) => Number(cm.toFixed(2))), text).toEqual([91.44, 45.72, 30.48]);
    }
    expect(parseSize("60cm x 45 x 45", "us")).toEqual({ ok: true, size: [60, 45, 45] });
    expect(parseSize("36 18 12", "us")).toEqual(parseSize("36 x 18 x 12 in", "metric"));
    for (const text of ["36 18", "36 18 12 9", "36 18 twelve"]) expect(parseSize(text, "us").ok, text).toBe(false);
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
  it.each([
    [4.4049, "volume", "4.0 dry qt", "4.4 L"],
    [28.3169, "volume", "1.00 ft³", "28.3 L"],
    [0.5, "volume", "2.1 cups", "500 mL"],
    [3.7854118, "water", "1.00 gal", "3.8 L"],
    [1, "water", "1.1 qt", "1.0 L"],
    [0.3, "water", "1.3 cups", "300 mL"],
    [0.03, "water", "1.0 fl oz", "30 mL"],
    [0, "water", "0.00 gal", "0.00 L"],
    [0.4, "mass", "14.1 oz", "400 g"],
    [10, "mass", "22.0 lb", "10.0 kg"],
    [0.05, "thin", "0.020 in", "0.5 mm"],
    [0.004, "smallMass", "0.14 oz", "4.0 g"],
    [1.6, "density", "99.9 lb/ft³", "1.60 kg/L"],
  ] as const)("%d of %s is told in the unit that fits its size", (value, kind, us, metric) => {
    const told = (system: "us" | "metric") => Object.values(show(value, kind, system, "en")).join(" ");
    expect([told("us"), told("metric")]).toEqual([us, metric]);
  });
  it("a field always shows the unit in which it reads a bare number", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 200, noNaN: true }),
        fc.constantFrom("length", "thin", "volume", "water", "mass", "smallMass", "density", "temperature"),
        fc.constantFrom("metric", "us"),
        (value, kind, system) => {
          const { figure, unit } = showTyped(value, kind, system, "en");
          const bare = parseMeasure(figure, kind, system);
          const named = parseMeasure(`${figure} ${unit}`, kind, system);
          expect(bare.ok && named.ok && bare.value, `${figure} ${unit}`).toBeCloseTo(named.ok ? named.value : NaN, 9);
        },
      ),
    );
  });
  it("follows the locale's decimal mark", () => {
    expect(show(13.5, "volume", "metric", "de").figure).toBe("13,5");
  });
});

it.each([
  // NIST SP 811 (2008), appendix B.9: 1 lb/ft² is 4.882428 kg/m²; 1 gal covers 3.785412 L; 1 ft² is 0.09290304 m².
  ["4.882428 kg/m²", "arealMass", 4.882428, "1.00 lb/ft²"],
  ["10 m²/L", "cover", 10, "407 ft²/gal"],
  ["6.6 a m²", "perArea", 6.6, "0.61 a ft²"],
  ["8 L/m²", "arealVolume", 8, "0.67 qt/ft²"],
] as const)("rates on an area, %s", (text, kind, value, us) => {
  expect(parseMeasure(text, kind, "us")).toEqual({ ok: true, value });
  const { figure, unit } = show(value, kind, "us", "en");
  expect(`${figure} ${unit}`).toBe(us);
});
