import Papa from "papaparse";
import { OwnIngredientSchema, type OwnIngredient } from "../catalog";
import { STOCK } from "../library";
import { printCsv } from "./csv";
import { ANSWERS, BEFORE, cellsOf, TODAY, type TableShape } from "./ingredientTable";

/** What is wrong with a row; the row is counted as a spreadsheet counts, the heading being 1. */
export type CsvProblem =
  | { code: "csv.empty" }
  | { code: "csv.noColumn"; column: string }
  | { code: "csv.formula"; row: number; column: string; text: string }
  | { code: "csv.notNumber"; row: number; column: string; text: string }
  | { code: "csv.badCell"; row: number; column: string; text: string }
  | { code: "csv.nameTwice"; row: number; name: string };

export type CsvRead = { ingredients: OwnIngredient[]; problems: CsvProblem[] };

const columnsOf = ({ words, figures }: TableShape): readonly string[] => [...words, ...figures];

/**
 * Prints ingredients as a table that {@link parseIngredients} reads back.
 *
 * @example printIngredients([ownIngredient]).startsWith("name,matter") // true
 */
export const printIngredients = (ingredients: readonly OwnIngredient[]): string =>
  printCsv([[...columnsOf(TODAY)], ...ingredients.map(cellsOf)]);

/** What a spreadsheet would run. A guard before it, as this program prints, makes it text again. */
const RUNS = /^[=+\-@\t\r]/;
const unguarded = (text: string): string => (/^'[=+\-@\t\r]/.test(text) ? text.slice(1) : text);
const PLAIN_NUMBER = /^-?\d+(\.\d+)?$/;

/** "0,35" where cells are parted by semicolons or tabs; "0.35" anywhere. */
function numberIn(text: string, commas: boolean): number | undefined {
  const plain = commas ? text.replace(",", ".") : text;
  return PLAIN_NUMBER.test(plain) ? Number(plain) : undefined;
}

/** What parts the cells, by the heading, which holds no figures. */
const parting = (text: string): string => {
  const [heading = ""] = text.split(/[\r\n]/, 1);
  return [",", ";", "\t"].toSorted((a, b) => heading.split(b).length - heading.split(a).length)[0] ?? ",";
};

type Row = { row: number; cell: (column: string) => string; commas: boolean };
type CellProblem = Extract<CsvProblem, { column: string; row: number }>;

/** A column of words: no formula, and one of the answers it knows. */
function wordIn(column: string, { row, cell }: Row): string | CellProblem {
  const text = cell(column);
  if (RUNS.test(text)) return { code: "csv.formula", row, column, text };
  const known = ANSWERS[column];
  return known && !known.includes(text) ? { code: "csv.badCell", row, column, text } : unguarded(text);
}

/** A column of figures: a number, or nothing where nothing may stand. */
function figureIn(column: string, { row, cell, commas }: Row, shape: TableShape): number | null | CellProblem {
  const text = cell(column);
  if (text === "" && shape.mayBeEmpty.includes(column)) return null;
  const value = numberIn(text, commas);
  if (value !== undefined) return value;
  const runs = RUNS.test(text) && !/^-[\d.,]+$/.test(text);
  return { code: runs ? "csv.formula" : "csv.notNumber", row, column, text };
}

const isProblem = (read: unknown): read is CellProblem => typeof read === "object" && read !== null;

/** A row as an ingredient, or what is wrong with its cells. */
function readRow(row: Row, shape: TableShape, id: string): OwnIngredient | CellProblem[] {
  const words = shape.words.map((column) => [column, wordIn(column, row)] as const);
  const figures = shape.figures.map((column) => [column, figureIn(column, row, shape)] as const);
  const problems = [...words, ...figures].map(([, read]) => read).filter(isProblem);
  if (problems.length > 0) return problems;
  const entry = shape.entryOf(
    Object.fromEntries(words) as Record<string, string>,
    Object.fromEntries(figures) as Record<string, number | null>,
  );
  const read = OwnIngredientSchema.safeParse({ ...entry, id });
  if (read.success) return read.data;
  const column = columnOf(read.error.issues[0]?.path ?? [], shape);
  return [{ code: "csv.badCell", row: row.row, column, text: row.cell(column) }];
}

/** The column a field of an ingredient was read from. */
const columnOf = (path: readonly PropertyKey[], shape: TableShape): string =>
  columnsOf(shape).find((column) => column === String(path.at(-1))) ?? "name";

const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === "");

/**
 * Reads a table of ingredients: commas, semicolons or tabs between cells, decimal points or (with semicolons or tabs)
 * decimal commas, columns in any order, as they are called today or were before. Good rows are taken, each bad one is
 * told with its row and column. A text that begins as a formula is refused.
 *
 * @param text decoded already
 * @param idFor makes the id of a new ingredient from its place in the table
 * @example parseIngredients("name;pouredKgPerL;…\nBrook clay;0,9;…", (at) => `own${at}`).ingredients.length // 1
 */
export function parseIngredients(text: string, idFor: (at: number) => string): CsvRead {
  const plain = text.replace(/^\uFEFF/, "");
  const delimiter = parting(plain);
  const { data } = Papa.parse<string[]>(plain, { delimiter });
  const [heading, ...rows] = data;
  if (!heading || rows.every(isBlank)) return { ingredients: [], problems: [{ code: "csv.empty" }] };
  const places = new Map(heading.map((name, at) => [name.trim().toLowerCase(), at]));
  const missingIn = (shape: TableShape) => columnsOf(shape).filter((column) => !places.has(column.toLowerCase()));
  const shape = missingIn(BEFORE).length === 0 ? BEFORE : TODAY;
  const missing = missingIn(shape);
  if (missing.length > 0)
    return { ingredients: [], problems: missing.map((column) => ({ code: "csv.noColumn", column })) };

  const taken: CsvRead = { ingredients: [], problems: [] };
  const names = new Set<string>();
  rows.forEach((cells, at) => {
    if (isBlank(cells)) return;
    const cell = (column: string): string => (cells[places.get(column.toLowerCase()) ?? -1] ?? "").trim();
    const row = { row: at + 2, cell, commas: delimiter !== "," };
    const read = readRow(row, shape, idFor(at));
    if (Array.isArray(read)) taken.problems.push(...read);
    else if (names.size === names.add(read.name.toLowerCase()).size)
      taken.problems.push({ code: "csv.nameTwice", row: row.row, name: read.name });
    else taken.ingredients.push(read);
  });
  return taken;
}

/** A table to begin from: a row of the catalogue as it would be filled in. */
export const exampleCsv = (): string => {
  const [first] = STOCK.all("ingredients").filter((item) => item.soldAs !== "brick");
  return first ? printIngredients([{ ...first, id: "ownExample", name: "Brook clay" }]) : "";
};
