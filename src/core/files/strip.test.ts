import { inflateSync } from "node:zlib";
import { describe, expect, it } from "vitest";
import { printCsv } from "./csv";
import { drawingSvg, stretches, stripDrawing, type StripLine } from "./strip";
import { stripsPdf } from "./stripPdf";

const lines: StripLine[] = [
  { pressedCm: 5, looseCm: 5.5, name: "Clay pebbles", figures: "5 cm · 1 15/16 in" },
  { pressedCm: 13, looseCm: 14.6, name: "Forest mix", figures: "13 cm · 5 1/8 in" },
  { pressedCm: 13.3, looseCm: 13.3, name: "Oak litter", figures: "13.3 cm · 5 1/4 in" },
];

describe("the fill strip is at true size", () => {
  it("in the drawing: a line stands as many centimetres up as the layer, and an inch is 2.54 cm (NIST SP 811)", () => {
    const { strokes, labels } = stripDrawing(lines, 0, 20);
    expect(strokes.filter((s) => s.x1 === 0 && s.x2 > 5 && s.mm === 0.55).map((s) => s.y1)).toEqual([5, 13, 13.3]);
    const five = labels.find((label) => label.text === "5″")!;
    expect(five.y + 0.09).toBeCloseTo(5 * 2.54, 8);
    expect(strokes.filter((s) => s.dashed).map((s) => s.y1)).toEqual([5.5, 14.6]);
  });
  it("in SVG: the file's millimetres are the drawing's", () => {
    const svg = drawingSvg(stripDrawing(lines, 0, 20));
    expect(svg).toContain('width="56mm" height="200mm" viewBox="0 0 56 200"');
    expect(svg).toContain('y1="150.000" x2="56.000" y2="150.000"');
    expect(drawingSvg(stripDrawing([{ ...lines[0]!, name: '<b>"&' }], 0, 20))).not.toContain("<b>");
  });
  it("in PDF: the check line is 10 cm of 72 points to the inch (ISO 32000-1), and so is every ruler", async () => {
    const bytes = await stripsPdf(
      [{ title: "front left", lengthCm: 20, lines }],
      { heading: "Fernwall", check: "10 cm", part: (n) => `${n}` },
      "a4",
    );
    const file = Buffer.from(bytes).toString("latin1");
    const drawn = [...file.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)]
      .map(([, body]) => inflateSync(Buffer.from(body!, "latin1")).toString("latin1"))
      .join("\n");
    const strokes = [...drawn.matchAll(/(-?[\d.]+) (-?[\d.]+) m\s+(-?[\d.]+) (-?[\d.]+) l/g)].map((match) =>
      match.slice(1).map(Number),
    );
    const lengths = strokes.map(([x1, y1, x2, y2]) => Math.hypot(x2! - x1!, y2! - y1!));
    expect(lengths.some((length) => Math.abs(length - (10 / 2.54) * 72) < 0.01)).toBe(true);
    expect(lengths.some((length) => Math.abs(length - (20 / 2.54) * 72) < 0.01)).toBe(true);
    expect(file).toContain("595.27");
  });
  it("longer than a page it comes in parts that join", () => {
    expect(stretches(52, 24)).toEqual([
      [0, 24],
      [24, 48],
      [48, 52],
    ]);
    expect(stretches(24, 24)).toEqual([[0, 24]]);
  });
  it("labels of lines close together do not cover one another", () => {
    const names = stripDrawing(lines, 0, 20)
      .labels.filter((label) => lines.some((line) => line.name === label.text))
      .map((label) => label.y);
    for (const [at, y] of names.entries())
      for (const other of names.slice(at + 1)) expect(Math.abs(other - y)).toBeGreaterThan(0.6);
  });
});

it("a CSV cell that would run as a formula is plain text, commas and quotes are kept (RFC 4180)", () => {
  expect(
    printCsv([
      ["Thing", "To buy"],
      ['=HYPERLINK("x")', "1,5 L"],
      ['Cork "A"', 2],
    ]),
  ).toBe('Thing,To buy\r\n"\'=HYPERLINK(""x"")","1,5 L"\r\n"Cork ""A""",2\r\n');
});
