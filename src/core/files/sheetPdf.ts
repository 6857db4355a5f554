import { PDFDocument, rgb, type PDFPage } from "@cantoo/pdf-lib";
import { lettersIn, runsOf, widthOf, wrapped, type FontBytes, type Letters } from "./pdfText";

/** A PDF measures in points, 72 to the inch (ISO 32000-1, 8.3.2.3). */
const PT_PER_CM = 72 / 2.54;
const PAPERS = {
  a4: [21 * PT_PER_CM, 29.7 * PT_PER_CM],
  letter: [21.59 * PT_PER_CM, 27.94 * PT_PER_CM],
} as const;
type Paper = keyof typeof PAPERS;

/** A row of a part: what it is, said more of in small, and figures set right. */
export type SheetRow = { text: string; bold?: boolean; small?: string; figures?: readonly string[] };
/** A floor from above, front below, cm: its outline, and what stands on it as numbered rounds. */
export type SheetPlan = {
  outline: readonly (readonly [number, number])[];
  marks: readonly { xCm: number; yCm: number; radiusCm: number; label: string }[];
};
export type SheetPart = { title: string; rows: readonly SheetRow[]; plan?: SheetPlan };

/** A stripe of the section, from the glass up, cm, with the colour it is drawn in, "#8a633f". */
type SheetBand = { fromCm: number; toCm: number; color: string; label: string };
export type SheetSection = { widthCm: number; heightCm: number; bands: readonly SheetBand[] };

type SheetAsked = {
  heading: string;
  sub: string;
  section: SheetSection;
  parts: readonly SheetPart[];
  /** "page 2 of 3". */
  pageSaid: (page: number, pages: number) => string;
};

const MARGIN = 1.5 * PT_PER_CM;
const SIZE = { heading: 18, title: 12, text: 9.5, small: 8 };
const LEAD = 1.32;
const FIGURE_PT = 78;
const SECTION_PT = 170;
const PLAN_PT = 150;
const INK = rgb(0.13, 0.19, 0.16);
const SOFT = rgb(0.38, 0.42, 0.4);
const LEAF = rgb(0.24, 0.42, 0.29);
const LINE = rgb(0.8, 0.78, 0.74);

type Set = { plain: Letters; bold: Letters };

/** Writes down a document from the top, page after page. */
class Writer {
  page!: PDFPage;
  y = 0;

  constructor(
    readonly document: PDFDocument,
    readonly set: Set,
    readonly paper: readonly [number, number],
  ) {
    this.turn();
  }

  get roomPt(): number {
    return this.paper[0] - 2 * MARGIN;
  }

  turn(): void {
    this.page = this.document.addPage([...this.paper]);
    this.y = this.paper[1] - MARGIN;
  }

  /** Goes to the next page where so much does not fit on this one. */
  keep(highPt: number): void {
    if (this.y - highPt < MARGIN + SIZE.small * 2) this.turn();
  }

  text(text: string, x: number, size: number, letters: Letters, color = INK): void {
    let at = x;
    for (const run of runsOf(text, letters)) {
      this.page.drawText(run.text, { x: at, y: this.y - size, size, font: run.font, color });
      at += run.font.widthOfTextAtSize(run.text, size);
    }
  }

  rule(): void {
    const [start, end] = [MARGIN, this.paper[0] - MARGIN];
    this.page.drawLine({ start: { x: start, y: this.y }, end: { x: end, y: this.y }, thickness: 0.5, color: LINE });
  }
}

/** A colour as screens write it. */
function colorOf(hex: string) {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255);
  return rgb(r, g, b);
}

/** The section to scale: each layer as a stripe, its name and the line it is filled to beside it. */
function drawSection(writer: Writer, { widthCm, heightCm, bands }: SheetSection): void {
  const scale = Math.min(SECTION_PT / heightCm, (writer.roomPt * 0.45) / widthCm);
  const [x, low] = [MARGIN, writer.y - heightCm * scale];
  for (const { fromCm, toCm, color } of bands) {
    writer.page.drawRectangle({
      ...{ x, y: low + fromCm * scale, width: widthCm * scale, height: Math.max(0.6, (toCm - fromCm) * scale) },
      color: colorOf(color),
    });
  }
  const size = { width: widthCm * scale, height: heightCm * scale };
  writer.page.drawRectangle({ x, y: low, ...size, borderColor: INK, borderWidth: 1.2 });
  const labelX = x + size.width + 14;
  const top = writer.y;
  let above = Infinity;
  for (const { toCm, label } of bands.toReversed()) {
    const at = Math.min(low + toCm * scale + SIZE.small / 2, above - SIZE.small * LEAD);
    writer.y = at;
    writer.text(label, labelX, SIZE.small, writer.set.plain);
    above = at;
  }
  writer.y = Math.min(low, above - SIZE.small) - 14;
  if (writer.y > top) writer.y = low - 14;
}

/** The floor to scale, as wide as the page allows, with what stands on it. */
function drawPlan(writer: Writer, { outline, marks }: SheetPlan): void {
  const wideCm = Math.max(...outline.map(([x]) => x));
  const deepCm = Math.max(...outline.map(([, y]) => y));
  const scale = Math.min(PLAN_PT / deepCm, (writer.roomPt * 0.6) / wideCm);
  const low = writer.y - deepCm * scale;
  const place = (xCm: number, yCm: number) => ({ x: MARGIN + xCm * scale, y: low + yCm * scale });
  outline.forEach((from, at) => {
    const to = outline[(at + 1) % outline.length] ?? from;
    writer.page.drawLine({ start: place(...from), end: place(...to), thickness: 1.2, color: INK });
  });
  for (const { xCm, yCm, radiusCm, label } of marks) {
    const { x, y } = place(xCm, yCm);
    writer.page.drawCircle({ x, y, size: Math.max(5, radiusCm * scale), borderColor: LEAF, borderWidth: 0.8 });
    writer.y = y + SIZE.small / 2;
    writer.text(label, x - widthOf(label, writer.set.bold, SIZE.small) / 2, SIZE.small, writer.set.bold);
  }
  writer.y = low - 12;
}

function drawRow(writer: Writer, { text, bold, small, figures = [] }: SheetRow): void {
  const letters = bold ? writer.set.bold : writer.set.plain;
  const room = writer.roomPt - figures.length * FIGURE_PT - 6;
  const lines = wrapped(text, letters, SIZE.text, room);
  const smalls = small ? wrapped(small, writer.set.plain, SIZE.small, room) : [];
  const high = lines.length * SIZE.text * LEAD + smalls.length * SIZE.small * LEAD + 6;
  writer.keep(high);
  writer.rule();
  writer.y -= 3;
  figures.forEach((figure, at) => {
    const right = writer.paper[0] - MARGIN - (figures.length - 1 - at) * FIGURE_PT;
    writer.text(figure, right - widthOf(figure, writer.set.plain, SIZE.text), SIZE.text, writer.set.plain);
  });
  for (const line of lines) {
    writer.text(line, MARGIN, SIZE.text, letters);
    writer.y -= SIZE.text * LEAD;
  }
  for (const line of smalls) {
    writer.text(line, MARGIN, SIZE.small, writer.set.plain, SOFT);
    writer.y -= SIZE.small * LEAD;
  }
  writer.y -= 3;
}

/**
 * A build sheet as a PDF on A4 or Letter: heading, section with its lines, and parts of rows, broken over pages; set in
 * the letters it is given, so that names in any Latin letters print right.
 *
 * @param fonts files of the letters, Western ones first
 * @returns the file's bytes
 */
export async function sheetPdf(asked: SheetAsked, fonts: FontBytes, paper: Paper): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(asked.heading);
  const set = { plain: await lettersIn(document, fonts.plain), bold: await lettersIn(document, fonts.bold) };
  const writer = new Writer(document, set, PAPERS[paper]);
  writer.text(asked.heading, MARGIN, SIZE.heading, set.bold);
  writer.y -= SIZE.heading * LEAD;
  writer.text(asked.sub, MARGIN, SIZE.text, set.plain, SOFT);
  writer.y -= SIZE.text * LEAD + 10;
  drawSection(writer, asked.section);
  for (const { title, rows, plan } of asked.parts) {
    if (rows.length === 0) continue;
    writer.keep(SIZE.title * LEAD + 40 + (plan ? PLAN_PT : 0));
    writer.y -= 8;
    writer.text(title, MARGIN, SIZE.title, set.bold);
    writer.y -= SIZE.title * LEAD + 2;
    if (plan) drawPlan(writer, plan);
    for (const row of rows) drawRow(writer, row);
  }
  const pages = document.getPages();
  pages.forEach((page, at) => {
    writer.page = page;
    writer.y = MARGIN;
    const said = asked.pageSaid(at + 1, pages.length);
    const x = writer.paper[0] - MARGIN - widthOf(said, set.plain, SIZE.small);
    writer.text(said, x, SIZE.small, set.plain, SOFT);
  });
  return document.save();
}
