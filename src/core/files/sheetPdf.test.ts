import { readFileSync } from "node:fs";
import { PDFDocument, PDFName } from "@cantoo/pdf-lib";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { lettersIn, runsOf, widthOf, wrapped, type FontBytes, type Letters } from "./pdfText";
import { sheetPdf } from "./sheetPdf";

const NOTO = "../../../node_modules/@expo-google-fonts/noto-sans";
const file = (path: string): Uint8Array => readFileSync(new URL(`${NOTO}/${path}`, import.meta.url));
const FONTS: FontBytes = {
  plain: [file("400Regular/NotoSans_400Regular.ttf")],
  bold: [file("700Bold/NotoSans_700Bold.ttf")],
};
let letters: Letters;
beforeAll(async () => {
  letters = await lettersIn(await PDFDocument.create(), FONTS.plain);
});

const asked = (rows: number, name = "Fernwall"): Parameters<typeof sheetPdf>[0] => ({
  heading: name,
  sub: "60 × 45 × 60 cm",
  section: {
    ...{ widthCm: 60, heightCm: 60 },
    bands: [
      { fromCm: 0, toCm: 6, color: "#b06633", label: "Clay pebbles, 6 cm" },
      { fromCm: 6, toCm: 16, color: "#4d331a", label: "Forest mix, 16 cm" },
    ],
  },
  parts: [
    {
      title: "Steps",
      rows: Array.from({ length: rows }, (_, n) => ({
        ...{
          text: `Step ${n}`,
          small: "Water two fingers deep overnight, ".repeat(6),
          figures: ["Mon 2 Mar", "waits 1 day"],
        },
        bold: n % 2 === 0,
      })),
    },
  ],
  pageSaid: (page, pages) => `page ${page} of ${pages}`,
});

describe("letters of a printed sheet", () => {
  it("know every letter of Latin-1, Latin Extended-A and Extended Additional (Unicode blocks U+00C0 to U+017F, U+1E00 to U+1EFF)", () => {
    const block = (from: number, to: number) =>
      Array.from({ length: to + 1 - from }, (_, n) => String.fromCodePoint(from + n));
    const all = [...block(0xc0, 0x17f), ...block(0x1e00, 0x1eff)];
    const lost = all.filter((letter) => runsOf(letter, letters)[0]?.text !== letter);
    expect(lost).toEqual([]);
  });
  it("put together again a text is what it was, whatever is written in letters they know", () => {
    const known = fc.constantFrom(..."aÄłŻ ßœőİšĘ0-×,");
    fc.assert(
      fc.property(fc.array(known, { maxLength: 60 }), (some) => {
        const text = some.join("");
        expect(
          runsOf(text, letters)
            .map((run) => run.text)
            .join(""),
        ).toBe(text);
      }),
    );
    expect(
      runsOf("a苔b", letters)
        .map((run) => run.text)
        .join(""),
    ).toBe("a?b");
  });
  it("broken into lines no line is wider than there is room for, and no word is lost", () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-zä]{1,9}$/), { minLength: 1, maxLength: 40 }), (words) => {
        const lines = wrapped(words.join(" "), letters, 9, 90);
        expect(lines.join(" ").split(" ")).toEqual(words);
        for (const line of lines) expect(widthOf(line, letters, 9)).toBeLessThanOrEqual(90);
      }),
      { numRuns: 40 },
    );
  });
});

describe("a build sheet", () => {
  it.each([
    ["a4", 210, 297],
    ["letter", 215.9, 279.4],
  ] as const)("on %s has pages of %f x %f mm (ISO 216; ANSI/ASME Y14.1)", async (paper, wide, high) => {
    const pages = (await PDFDocument.load(await sheetPdf(asked(3), FONTS, paper))).getPages();
    expect(pages).toHaveLength(1);
    expect((pages[0]!.getWidth() * 25.4) / 72).toBeCloseTo(wide, 1);
    expect((pages[0]!.getHeight() * 25.4) / 72).toBeCloseTo(high, 1);
  });
  it("goes over as many pages as its rows want, each with the letters it uses, and no more bytes than those", async () => {
    const bytes = await sheetPdf(asked(60, "Łąka, Ångermanland"), FONTS, "a4");
    const document = await PDFDocument.load(bytes);
    expect(document.getPageCount()).toBeGreaterThan(3);
    expect(document.getTitle()).toBe("Łąka, Ångermanland");
    const fonts = document.getPages()[0]!.node.Resources()?.lookup(PDFName.of("Font"));
    expect(String(fonts).match(/Noto/g)?.length).toBeGreaterThanOrEqual(2);
    expect(bytes.length).toBeLessThan(200_000);
  });
  it("has the planting plan to scale: a round for each plant, turned to the next page where it does not fit", async () => {
    const outline = [
      [0, 0],
      [60, 0],
      [60, 45],
      [0, 45],
    ] as const;
    const plan = { outline, marks: [{ xCm: 20, yCm: 10, radiusCm: 8, label: "1" }] };
    const bare = asked(3);
    const drawn = { ...bare, parts: bare.parts.map((part) => ({ ...part, plan })) };
    const long = asked(34);
    const contents = async (of: typeof bare) =>
      (await PDFDocument.load(await sheetPdf(of, FONTS, "a4"))).getPageCount();
    expect(await contents(drawn)).toBe(1);
    expect((await sheetPdf(drawn, FONTS, "a4")).length).toBeGreaterThan((await sheetPdf(bare, FONTS, "a4")).length);
    const two = { ...long, parts: [...long.parts, { title: "Plants", rows: [{ text: "1 Fern" }], plan }] };
    expect(await contents(two)).toBeGreaterThanOrEqual(await contents(long));
  });
});
