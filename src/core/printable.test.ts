import fc from "fast-check";
import { expect, it } from "vitest";
import { printable, printableLines } from "./printable";

// Char of XML 1.0 (fifth edition, production 2), which SVG is written in; the narrowest of the formats printed.
const isChar = (code: number): boolean =>
  (code >= 0x20 && code <= 0xd7ff) || (code >= 0xe000 && code <= 0xfffd) || (code >= 0x10000 && code <= 0x10ffff);

it("a text is left with signs that XML can hold, and all of those it had", () => {
  const units = fc.array(fc.integer({ min: 0, max: 0xffff }), { maxLength: 40 });
  fc.assert(
    fc.property(units, (codes) => {
      const text = String.fromCharCode(...codes);
      const [line, lines] = [printable(text), printableLines(text)];
      expect([...line].every((sign) => isChar(sign.codePointAt(0) ?? 0))).toBe(true);
      expect([...lines.replaceAll("\n", "")].every((sign) => isChar(sign.codePointAt(0) ?? 0))).toBe(true);
      expect(lines.split("\n").length).toBe(text.split("\n").length);
      expect(printable(line)).toBe(line);
    }),
    { numRuns: 400 },
  );
  expect(printable("Überraschung 🌿, \u202eabc")).toBe("Überraschung 🌿, \u202eabc");
  expect(printable("a\u0000\ud800b\nc")).toBe("a b c");
});
