import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from "@cantoo/pdf-lib";
import { STRIP_WIDTH_CM, stretches, stripDrawing, type Drawing, type StripLine } from "./strip";

/** A PDF measures in points, 72 to the inch (ISO 32000-1, 8.3.2.3). */
const PT_PER_CM = 72 / 2.54;
const PT_PER_MM = PT_PER_CM / 10;
const MARGIN_CM = 1.3;
const TITLE_CM = 1.5;
const RULE_CM = 1.4;
const GAP_CM = 0.5;
const CHECK_CM = 10;

const PAPERS = { a4: { widthCm: 21, heightCm: 29.7 }, letter: { widthCm: 21.59, heightCm: 27.94 } } as const;
export type Paper = keyof typeof PAPERS;

/** One strip and how its pages are headed. */
export type StripSheet = { title: string; lengthCm: number; lines: readonly StripLine[] };
export type StripWords = {
  heading: string;
  check: string;
  part: (part: number, parts: number, fromCm: number) => string;
};

/** The standard fonts of a PDF know Western letters only; what they lack is left out rather than refused. */
const printable = (text: string): string =>
  text
    .replaceAll("″", '"')
    .replaceAll("\u00a0", " ")
    .replace(/[^\x20-\x7e\u00a1-\u00ff]/g, "");

type Fonts = { plain: PDFFont; bold: PDFFont };

function text(
  page: PDFPage,
  fonts: Fonts,
  told: string,
  xCm: number,
  yCm: number,
  mm: number,
  { bold = false, anchor = "start" }: { bold?: boolean | undefined; anchor?: string } = {},
): void {
  const font = bold ? fonts.bold : fonts.plain;
  const said = printable(told);
  const width = font.widthOfTextAtSize(said, mm * PT_PER_MM);
  const shift = anchor === "end" ? width : anchor === "middle" ? width / 2 : 0;
  page.drawText(said, { x: xCm * PT_PER_CM - shift, y: yCm * PT_PER_CM, size: mm * PT_PER_MM, font });
}

function draw(page: PDFPage, fonts: Fonts, drawing: Drawing, leftCm: number, lowCm: number): void {
  for (const { x1, y1, x2, y2, mm, dashed } of drawing.strokes) {
    page.drawLine({
      start: { x: (leftCm + x1) * PT_PER_CM, y: (lowCm + y1) * PT_PER_CM },
      end: { x: (leftCm + x2) * PT_PER_CM, y: (lowCm + y2) * PT_PER_CM },
      thickness: mm * PT_PER_MM,
      ...(dashed ? { dashArray: [4.5, 3.5] } : {}),
    });
  }
  for (const label of drawing.labels) text(page, fonts, label.text, leftCm + label.x, lowCm + label.y, label.mm, label);
}

/**
 * Fill strips as a PDF at true size, as many to a page as fit, long ones in parts, with a line of ten centimetres to
 * check the printer by.
 *
 * @returns the file's bytes
 * @example await stripsPdf([{ title: "front left", lengthCm: 20, lines }], words, "a4")
 */
export async function stripsPdf(strips: readonly StripSheet[], words: StripWords, paper: Paper): Promise<Uint8Array> {
  const { widthCm, heightCm } = PAPERS[paper];
  const document = await PDFDocument.create();
  document.setTitle(printable(words.heading));
  const fonts = {
    plain: await document.embedFont(StandardFonts.Helvetica),
    bold: await document.embedFont(StandardFonts.HelveticaBold),
  };
  const roomCm = heightCm - 2 * MARGIN_CM - TITLE_CM - RULE_CM;
  const across = Math.max(1, Math.floor((widthCm - 2 * MARGIN_CM + GAP_CM) / (STRIP_WIDTH_CM + GAP_CM)));
  const parts = strips.flatMap((strip) => {
    const cut = stretches(strip.lengthCm, roomCm - 0.6);
    return cut.map(([from, to], at) => ({
      title: cut.length > 1 ? `${strip.title}, ${words.part(at + 1, cut.length, from)}` : strip.title,
      drawing: stripDrawing(strip.lines, from, to),
    }));
  });
  for (let first = 0; first < parts.length; first += across) {
    const page = document.addPage([widthCm * PT_PER_CM, heightCm * PT_PER_CM]);
    text(page, fonts, words.heading, MARGIN_CM, heightCm - MARGIN_CM - 0.4, 4, { bold: true });
    const low = MARGIN_CM + RULE_CM;
    parts.slice(first, first + across).forEach(({ title, drawing }, at) => {
      const left = MARGIN_CM + at * (STRIP_WIDTH_CM + GAP_CM);
      draw(page, fonts, drawing, left, low);
      text(page, fonts, title, left, low + drawing.heightCm + 0.2, 2.8, { bold: true });
    });
    draw(
      page,
      fonts,
      {
        widthCm: CHECK_CM,
        heightCm: 0.4,
        labels: [],
        strokes: [
          { x1: 0, y1: 0.2, x2: CHECK_CM, y2: 0.2, mm: 0.4 },
          { x1: 0, y1: 0, x2: 0, y2: 0.4, mm: 0.3 },
          { x1: CHECK_CM, y1: 0, x2: CHECK_CM, y2: 0.4, mm: 0.3 },
        ],
      },
      MARGIN_CM,
      MARGIN_CM,
    );
    text(page, fonts, words.check, MARGIN_CM + CHECK_CM + 0.4, MARGIN_CM + 0.1, 2.6);
  }
  return document.save({ useObjectStreams: false });
}
