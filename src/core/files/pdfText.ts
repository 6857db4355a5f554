import fontkit from "@cantoo/fontkit";
import { printable } from "../printable";
import type { PDFDocument, PDFFont } from "@cantoo/pdf-lib";

/** The letters that are shipped: Western ones, and all others written in Latin. */
export type FontBytes = { plain: readonly Uint8Array[]; bold: readonly Uint8Array[] };

/** A weight of the letters, each of its files knowing a part of them. */
export type Letters = { fonts: readonly PDFFont[]; knows: readonly ReadonlySet<number>[] };

/** Embeds the letters a document is set in. */
export async function lettersIn(document: PDFDocument, bytes: readonly Uint8Array[]): Promise<Letters> {
  document.registerFontkit(fontkit);
  const fonts = await Promise.all(bytes.map((one) => document.embedFont(one, { subset: true })));
  return { fonts, knows: fonts.map((font) => new Set(font.getCharacterSet())) };
}

/** A stretch of text that one font has all letters of. */
type Run = { text: string; font: PDFFont };

const SPACES = /[\u00a0\u2009\u202f]/g;
const UNKNOWN = "?";

/**
 * A text in stretches, each in the first font that knows its letters; what none knows is told as a question mark.
 *
 * @example runsOf("Kąt", letters).map(({ text }) => text) // ["K", "ą", "t"] where the second file has the ą
 */
export function runsOf(text: string, { fonts, knows }: Letters): Run[] {
  const runs: Run[] = [];
  for (const letter of printable(text.replace(SPACES, " "))) {
    const at = knows.findIndex((some) => some.has(letter.codePointAt(0) ?? 0));
    const font = fonts[Math.max(0, at)];
    if (!font) continue;
    const told = at < 0 ? UNKNOWN : letter;
    const last = runs.at(-1);
    if (last?.font === font) last.text += told;
    else runs.push({ text: told, font });
  }
  return runs;
}

/** How wide a text is at a size, points. */
export const widthOf = (text: string, letters: Letters, size: number): number =>
  runsOf(text, letters).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, size), 0);

/** A text broken into lines no wider than there is room for; a word that is wider alone stands on a line of its own. */
export function wrapped(text: string, letters: Letters, size: number, roomPt: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/ +/)) {
    const last = lines.at(-1);
    const longer = last === undefined ? word : `${last} ${word}`;
    if (last !== undefined && widthOf(longer, letters, size) <= roomPt) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}
