import { printable } from "../printable";
import { CM_PER_INCH } from "../units";

/**
 * A line of a strip: how high it is pressed, how high it is poured loose, what it is called, and both heights as text.
 */
export type StripLine = { pressedCm: number; looseCm: number; name: string; figures: string };

/** A stroke, cm from the lower left corner of the drawing. */
type Stroke = { x1: number; y1: number; x2: number; y2: number; mm: number; dashed?: boolean };
type Label = {
  x: number;
  y: number;
  text: string;
  mm: number;
  anchor: "start" | "middle" | "end";
  bold?: boolean;
};

/** A drawing at true size. */
export type Drawing = { widthCm: number; heightCm: number; strokes: readonly Stroke[]; labels: readonly Label[] };

export const STRIP_WIDTH_CM = 5.6;
const SCALE_CM = 1;
const LABEL_GAP_CM = 0.72;
const EIGHTHS = 8;

const between = (cm: number, from: number, to: number): boolean => cm >= from - 1e-9 && cm <= to + 1e-9;

function metricTicks(from: number, to: number): { strokes: Stroke[]; labels: Label[] } {
  const strokes: Stroke[] = [];
  const labels: Label[] = [];
  for (let mm = Math.ceil(from * 10 - 1e-6); mm <= Math.floor(to * 10 + 1e-6); mm += 1) {
    const y = mm / 10 - from;
    const long = mm % 10 === 0 ? 0.55 : mm % 5 === 0 ? 0.38 : 0.22;
    strokes.push({ x1: 0, y1: y, x2: long, y2: y, mm: mm % 10 === 0 ? 0.25 : 0.12 });
    if (mm % 10 === 0) labels.push({ x: 0.62, y: y - 0.09, text: String(mm / 10), mm: 2.6, anchor: "start" });
  }
  return { strokes, labels };
}

function inchTicks(from: number, to: number): { strokes: Stroke[]; labels: Label[] } {
  const strokes: Stroke[] = [];
  const labels: Label[] = [];
  for (let n = 0; (n / EIGHTHS) * CM_PER_INCH <= to + 1e-9; n += 1) {
    const cm = (n / EIGHTHS) * CM_PER_INCH;
    if (!between(cm, from, to)) continue;
    const y = cm - from;
    const long = n % EIGHTHS === 0 ? 0.55 : n % 4 === 0 ? 0.38 : 0.22;
    strokes.push({ x1: STRIP_WIDTH_CM - long, y1: y, x2: STRIP_WIDTH_CM, y2: y, mm: n % EIGHTHS === 0 ? 0.25 : 0.12 });
    if (n % EIGHTHS === 0)
      labels.push({ x: STRIP_WIDTH_CM - 0.62, y: y - 0.09, text: `${n / EIGHTHS}″`, mm: 2.6, anchor: "end" });
  }
  return { strokes, labels };
}

/** Label heights pushed apart from below so that none covers another, kept on the strip as far as may be. */
function spread(wanted: readonly number[], least: number, most: number): number[] {
  const placed: number[] = [];
  for (const cm of wanted) placed.push(Math.max(cm, least, (placed.at(-1) ?? -Infinity) + LABEL_GAP_CM));
  const over = (placed.at(-1) ?? 0) - most;
  return over > 0 ? placed.map((cm) => Math.max(least, cm - over)) : placed;
}

/**
 * A stretch of a fill strip at true size: centimetres up the left side, inches up the right, a full line where a layer
 * is pressed to, a broken one where it is poured loose.
 *
 * @param fromCm height the stretch starts at, from the floor
 * @param toCm height it ends at
 * @example stripDrawing(lines, 0, 20).strokes.length
 */
export function stripDrawing(lines: readonly StripLine[], fromCm: number, toCm: number): Drawing {
  const heightCm = toCm - fromCm;
  const [metric, inch] = [metricTicks(fromCm, toCm), inchTicks(fromCm, toCm)];
  const shown = lines
    .filter((line) => between(line.pressedCm, fromCm, toCm))
    .toSorted((a, b) => a.pressedCm - b.pressedCm);
  const places = spread(
    shown.map((line) => line.pressedCm - fromCm + 0.14),
    0.1,
    heightCm - 0.4,
  );
  const inner = { left: SCALE_CM + 0.1, right: STRIP_WIDTH_CM - SCALE_CM - 0.1 };
  return {
    widthCm: STRIP_WIDTH_CM,
    heightCm,
    strokes: [
      { x1: 0, y1: 0, x2: 0, y2: heightCm, mm: 0.3 },
      { x1: STRIP_WIDTH_CM, y1: 0, x2: STRIP_WIDTH_CM, y2: heightCm, mm: 0.3 },
      { x1: 0, y1: 0, x2: STRIP_WIDTH_CM, y2: 0, mm: fromCm === 0 ? 0.7 : 0.3 },
      { x1: 0, y1: heightCm, x2: STRIP_WIDTH_CM, y2: heightCm, mm: 0.3 },
      ...metric.strokes,
      ...inch.strokes,
      ...shown.map((line): Stroke => ({
        x1: 0,
        x2: STRIP_WIDTH_CM,
        y1: line.pressedCm - fromCm,
        y2: line.pressedCm - fromCm,
        mm: 0.55,
      })),
      ...lines
        .filter((line) => line.looseCm > line.pressedCm + 0.05 && between(line.looseCm, fromCm, toCm))
        .map((line): Stroke => ({
          x1: inner.left,
          x2: inner.right,
          y1: line.looseCm - fromCm,
          y2: line.looseCm - fromCm,
          mm: 0.2,
          dashed: true,
        })),
    ],
    labels: [
      ...metric.labels,
      ...inch.labels,
      ...shown.flatMap((line, at): Label[] => {
        const y = places[at] ?? 0;
        return [
          { x: inner.left + 0.1, y: y + 0.32, text: line.name, mm: 2.3, anchor: "start" },
          { x: inner.left + 0.1, y, text: line.figures, mm: 2.6, anchor: "start", bold: true },
        ];
      }),
    ],
  };
}

/**
 * Where a strip is cut so that each stretch fits a page.
 *
 * @example stretches(52, 24) // [[0, 24], [24, 48], [48, 52]]
 */
export function stretches(lengthCm: number, mostCm: number): [number, number][] {
  const count = Math.max(1, Math.ceil(lengthCm / mostCm - 1e-9));
  return Array.from({ length: count }, (_, at) => [at * mostCm, Math.min(lengthCm, (at + 1) * mostCm)]);
}

const escaped = (text: string): string => printable(text).replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** A drawing as an SVG file at true size: one unit is a millimetre. @example drawingSvg(stripDrawing(lines, 0, 20)) */
export function drawingSvg({ widthCm, heightCm, strokes, labels }: Drawing): string {
  const [w, h] = [widthCm * 10, heightCm * 10];
  const x = (cm: number) => (cm * 10).toFixed(3);
  const y = (cm: number) => (h - cm * 10).toFixed(3);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}">`,
    `<rect width="${w}" height="${h}" fill="#fff"/>`,
    ...strokes.map(
      (s) =>
        `<line x1="${x(s.x1)}" y1="${y(s.y1)}" x2="${x(s.x2)}" y2="${y(s.y2)}" stroke="#000" stroke-width="${s.mm}"${s.dashed ? ' stroke-dasharray="1.6 1.2"' : ""}/>`,
    ),
    ...labels.map(
      (l) =>
        `<text x="${x(l.x)}" y="${y(l.y)}" font-family="sans-serif" font-size="${l.mm}"${l.bold ? ' font-weight="700"' : ""} text-anchor="${l.anchor}">${escaped(l.text)}</text>`,
    ),
    "</svg>",
    "",
  ].join("\n");
}
