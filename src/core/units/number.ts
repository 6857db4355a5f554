const VULGAR: Record<string, string> = {
  "¼": "1/4",
  "½": "1/2",
  "¾": "3/4",
  "⅓": "1/3",
  "⅔": "2/3",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/**
 * Reads a number as people write it: `9`, `9.5`, `9,5`, `3 1/2`, `3½`, `-2`, `1/4`.
 * Returns undefined for anything else, NaN and infinities included.
 *
 * A comma followed by exactly three digits is refused: `1,500` could mean either 1.5 or 1500.
 *
 * @example readNumber("3 1/2") // 3.5
 * @example readNumber("9,5")   // 9.5
 */
export function readNumber(text: string): number | undefined {
  const plain = text
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (glyph) => ` ${VULGAR[glyph]}`)
    .replace(/−/g, "-")
    .trim();
  const mixed = /^(-?)(?:(\d+)(?:\s+|-))?(\d+)\/(\d+)$/.exec(plain);
  if (mixed) {
    const [, sign, whole, over, under] = mixed;
    if (Number(under) === 0) return undefined;
    const size = Number(whole ?? 0) + Number(over) / Number(under);
    return sign === "-" ? -size : size;
  }
  if (/^-?\d+,\d{3}$/.test(plain)) return undefined;
  if (!/^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)) return undefined;
  const value = Number(plain.replace(",", "."));
  return Number.isFinite(value) ? value : undefined;
}
