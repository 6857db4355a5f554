import Papa from "papaparse";
import * as z from "zod";
import {
  measurableOf,
  PLACES,
  SAMPLE_LIMITS,
  seriesOf,
  SeriesIdSchema,
  WHERE,
  type Measurable,
  type SamplePlace,
  type SeriesId,
  type SeriesSample,
} from "../log";
import { fahrenheitToCelsius, type TimeZone } from "../units";
import { instantIn, orderIn, type DateOrder } from "./instants";

/** What a column of a logger's table holds; null: nothing that is taken in. */
export type ColumnUse =
  { as: "time" | "date" | "clock" } | { as: "value"; series: SeriesId; isFahrenheit: boolean } | null;

/** How a logger's table is to be read. All of it is guessed, shown, and may be corrected. */
export type Layout = {
  delimiter: string;
  decimal: "." | ",";
  dateOrder: DateOrder;
  /** Minutes ahead of UTC, or by the clock of the habitat's keeper. */
  zone: "here" | number;
  columns: readonly ColumnUse[];
  /** Rows before the first reading. */
  headRows: number;
};

const ColumnSchema = z
  .union([
    z.strictObject({ as: z.enum(["time", "date", "clock"]) }),
    z.strictObject({ as: z.literal("value"), series: SeriesIdSchema, isFahrenheit: z.boolean() }),
  ])
  .nullable();
/** A layout that was kept: nothing about it is taken for granted. */
export const LayoutSchema = z.strictObject({
  delimiter: z.string().max(4),
  decimal: z.enum([".", ","]),
  dateOrder: z.enum(["ymd", "dmy", "mdy"]),
  zone: z.union([z.literal("here"), z.number().min(-1440).max(1440)]),
  columns: z.array(ColumnSchema).max(500),
  headRows: z.number().int().min(0).max(10_000),
});

export type BadRow = { row: number; why: "time" | "value" | "range" };
export type ReadRows = { samples: SeriesSample[]; rows: number; bad: BadRow[] };

const SAMPLE_CHARS = 64 * 1024;
const rowsOf = (text: string, delimiter = ""): string[][] =>
  Papa.parse<string[]>(text, { delimiter, skipEmptyLines: "greedy" }).data;

const HEADS: readonly [RegExp, Measurable][] = [
  [/temp|°\s?[cf]\b|fahrenheit|celsius/i, "temperatureC"],
  [/hum|feucht|\brh\b|%\s?rh|r\.h/i, "humidityRh"],
  [/moist|vwc/i, "moisturePct"],
  [/\buv/i, "uvIndex"],
  [/ppfd|\bpar\b/i, "lightPpfd"],
  [/\bph\b/i, "waterPh"],
  [/water\s?(line|level)/i, "waterLineCm"],
];
const PLACE_WORDS: readonly [RegExp, SamplePlace][] = [
  [/bask/i, "basking"],
  [/warm|hot|top/i, "warmEnd"],
  [/cool|cold|low|bottom/i, "coolEnd"],
  [/hide|retreat/i, "retreat"],
  [/water|pool/i, "water"],
];

const isTime = (head: string): boolean => /time|date|zeit|datum|stamp/i.test(head);
const NUMBER = /^[-+]?\d+(?:[.,]\d+)?$/;
const isNumber = (cell: string): boolean => NUMBER.test(cell.trim());
const middle = (values: readonly number[]): number => values.toSorted((a, b) => a - b)[values.length >> 1] ?? 0;
/** A room is seldom as warm in °C as it is in °F: a column whose middle is above this is told in °F. */
const SURELY_FAHRENHEIT = 50;

/** Which place a head speaks of, or the first that has no column yet. */
function placeFor(head: string, what: Measurable, taken: ReadonlySet<SeriesId>): SamplePlace | undefined {
  const named = PLACE_WORDS.find(([words]) => words.test(head))?.[1];
  if (named !== undefined && WHERE[what].includes(named) && !taken.has(seriesOf(named, what))) return named;
  return PLACES.find((place) => WHERE[what].includes(place) && !taken.has(seriesOf(place, what)));
}

function guessColumns(
  head: readonly string[],
  body: readonly (readonly string[])[],
  decimal: Layout["decimal"],
): ColumnUse[] {
  const taken = new Set<SeriesId>();
  let hasTime = false;
  return head.map((title, at): ColumnUse => {
    const cells = body.map((row) => row[at] ?? "").filter((cell) => cell.trim() !== "");
    const hasClock = cells.some((cell) => /\d:\d\d/.test(cell));
    const hasDay = cells.some((cell) => /\d+[./-]\d+[./-]\d+/.test(cell));
    if ((hasDay || hasClock) && (isTime(title) || !hasTime)) {
      hasTime = true;
      return { as: hasDay && hasClock ? "time" : hasDay ? "date" : "clock" };
    }
    const what = HEADS.find(([words]) => words.test(title))?.[1];
    if (what === undefined || !cells.some(isNumber)) return null;
    const place = placeFor(title, what, taken);
    if (place === undefined) return null;
    const series = seriesOf(place, what);
    taken.add(series);
    const values = cells.map((cell) => numberIn(cell, decimal)).filter((value) => !Number.isNaN(value));
    const saysF = /°\s?f|\(f\)|fahrenheit/i.test(title);
    const isFahrenheit =
      what === "temperatureC" && (saysF || (!/°\s?c|\(c\)/i.test(title) && middle(values) > SURELY_FAHRENHEIT));
    return { as: "value", series, isFahrenheit };
  });
}

/** A number as a table writes it. */
export const numberIn = (cell: string, decimal: Layout["decimal"]): number => {
  const text = cell.trim().replace(/[^\d.,+-]/g, "");
  return text === ""
    ? Number.NaN
    : Number(decimal === "," ? text.replaceAll(".", "").replace(",", ".") : text.replaceAll(",", ""));
};

/**
 * Guesses how a logger's table is to be read, from its first lines.
 *
 * @returns the guess, and the first rows as cells, to be shown with it
 * @example guessLayout("Datum;Temp °F\n15.09.2025 14:00;78,3").layout.decimal // ","
 */
export function guessLayout(text: string): { layout: Layout; rows: string[][] } {
  const cut = text.slice(0, SAMPLE_CHARS);
  const whole = cut.length < text.length ? cut.slice(0, cut.lastIndexOf("\n")) : cut;
  const parsed = Papa.parse<string[]>(whole, { skipEmptyLines: "greedy", delimitersToGuess: [";", "\t", ",", "|"] });
  const rows = parsed.data;
  const width = Math.max(0, ...rows.map((row) => row.length));
  const first = rows.findIndex((row) => row.length === width && row.some((cell) => /\d[:./-]\d/.test(cell)));
  const headRows = Math.max(0, first);
  const head = headRows > 0 ? (rows[headRows - 1] ?? []) : Array.from({ length: width }, () => "");
  const body = rows.slice(headRows, headRows + 400);
  const decimal = body.some((row) => row.some((cell) => /^[-+]?\d+,\d+$/.test(cell.trim()))) ? "," : ".";
  const columns = guessColumns(
    Array.from({ length: width }, (_, at) => head[at] ?? ""),
    body,
    decimal,
  );
  const days = body.flatMap((row) => columns.flatMap((use, at) => (use && use.as !== "value" ? [row[at] ?? ""] : [])));
  return {
    layout: { delimiter: parsed.meta.delimiter, decimal, dateOrder: orderIn(days), zone: "here", columns, headRows },
    rows: rows.slice(0, headRows + 8),
  };
}

/** The keeper's clock, and the instant of the row before, which tells a repeated hour apart. */
type Clock = { zone: TimeZone; lastMs: number | undefined };

/** The instant of a row, from one column, or from a day and a clock apart. */
function timeOf(cells: readonly string[], { columns, dateOrder, zone }: Layout, clock: Clock): number {
  const told = (as: "time" | "date" | "clock") => cells[columns.findIndex((use) => use?.as === as)] ?? "";
  const text = told("time") || `${told("date")} ${told("clock")}`;
  return instantIn(text, dateOrder, zone === "here" ? clock.zone : zone, clock.lastMs);
}

/** One row read. @returns why not, where it cannot be */
function readRow(cells: readonly string[], layout: Layout, clock: Clock): SeriesSample[] | BadRow["why"] {
  const atMs = timeOf(cells, layout, clock);
  if (Number.isNaN(atMs)) return "time";
  const samples: SeriesSample[] = [];
  for (const [at, use] of layout.columns.entries()) {
    const cell = cells[at] ?? "";
    if (use?.as !== "value" || cell.trim() === "") continue;
    const told = numberIn(cell, layout.decimal);
    if (Number.isNaN(told)) return "value";
    const value = use.isFahrenheit ? Math.round(fahrenheitToCelsius(told) * 1000) / 1000 : told;
    const { min, max } = SAMPLE_LIMITS[measurableOf(use.series)];
    if (value < min || value > max) return "range";
    samples.push({ series: use.series, atMs, value });
  }
  return samples.length === 0 ? "value" : samples;
}

const MOST_BAD_TOLD = 200;

/** Whether a table tells the newest first, as some loggers print it. */
function isNewestFirst(rows: readonly string[][], layout: Layout, zone: TimeZone): boolean {
  const times = [rows.slice(layout.headRows, layout.headRows + 50), rows.slice(-50).toReversed()].map((some) =>
    some.map((cells) => timeOf(cells, layout, { zone, lastMs: undefined })).find((atMs) => !Number.isNaN(atMs)),
  );
  const [first = 0, last = 0] = times;
  return first > last;
}

/**
 * Reads a logger's table. Rows that cannot be read are counted and named by their number, and the rest stands.
 *
 * @param zone of the keeper's clock, for tables that tell none
 * @param onShare told now and then which share is read
 */
export function readTable(
  text: string,
  layout: Layout,
  zone: TimeZone,
  onShare: (share: number) => void = () => undefined,
): ReadRows {
  const read: ReadRows = { samples: [], rows: 0, bad: [] };
  const rows = rowsOf(text, layout.delimiter);
  const isBackward = isNewestFirst(rows, layout, zone);
  const clock: Clock = { zone, lastMs: undefined };
  for (let n = layout.headRows; n < rows.length; n++) {
    if (n % 20_000 === 0) onShare(n / rows.length);
    read.rows += 1;
    const at = isBackward ? rows.length - 1 - (n - layout.headRows) : n;
    const row = readRow(rows[at] ?? [], layout, clock);
    if (typeof row !== "string") {
      read.samples.push(...row);
      clock.lastMs = row[0]?.atMs;
    } else if (read.bad.length < MOST_BAD_TOLD) read.bad.push({ row: at + 1, why: row });
  }
  return { ...read, bad: read.bad.toSorted((a, b) => a.row - b.row) };
}

/** The text of a file, whatever it is written in: UTF-8, UTF-16 by its mark, else Western. */
export function textIn(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}
