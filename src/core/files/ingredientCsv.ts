import { STOCK } from "../library";
import Papa from "papaparse";
import { MATTERS, OwnIngredientSchema, PERCOLATIONS, SOLD_AS, TEXTURES, type OwnIngredient } from "../catalog";
import { printCsv } from "./csv";

/** The figures a row holds, in the order of the columns, by the names of the fields. */
const FIGURES = [
  "looseKgPerL",
  "totalPorosityPct",
  "waterHeldPct",
  "heldAt5kPaPct",
  "wiltingPct",
  "airDryWaterPct",
  "settlesPct",
  "grainMm",
  "betweenPct",
  "reposeDeg",
  "pH",
  "bufferMmolPerL",
  "nutrients",
  "saltMsPerCm",
  "cohesionKPa",
  "halvesInMonths",
  "crewFood",
  "dust",
] as const satisfies readonly (keyof OwnIngredient)[];
const WORDS = ["name", "matter", "texture", "color", "percolation", "soldAs", "safeToDig", "amphibianSkin"] as const;
export const CSV_COLUMNS = [...WORDS, ...FIGURES] as const;
type CsvColumn = (typeof CSV_COLUMNS)[number];

/** What is wrong with a row; the row is counted as a spreadsheet counts, the heading being 1. */
export type CsvProblem =
  | { code: "csv.empty" }
  | { code: "csv.noColumn"; column: CsvColumn }
  | { code: "csv.formula"; row: number; column: string; text: string }
  | { code: "csv.notNumber"; row: number; column: string; text: string }
  | { code: "csv.badCell"; row: number; column: string; text: string }
  | { code: "csv.nameTwice"; row: number; name: string };

export type CsvRead = { ingredients: OwnIngredient[]; problems: CsvProblem[] };

/**
 * Prints ingredients as a table that {@link parseIngredients} reads back.
 *
 * @example printIngredients([ownIngredient]).startsWith("name,matter") // true
 */
export const printIngredients = (ingredients: readonly OwnIngredient[]): string =>
  printCsv([
    [...CSV_COLUMNS],
    ...ingredients.map((item) => [
      item.name,
      item.matter,
      item.look.texture,
      item.look.color,
      item.percolation,
      item.soldAs === "brick" ? "bag" : item.soldAs,
      item.safeToDig ? "yes" : "no",
      item.amphibianSkin,
      ...FIGURES.map((key) => item[key] ?? ""),
    ]),
  ]);

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

const LOOKS: Partial<Record<CsvColumn, readonly string[]>> = {
  matter: MATTERS,
  texture: TEXTURES,
  percolation: PERCOLATIONS,
  soldAs: SOLD_AS.filter((sold) => sold !== "brick"),
  safeToDig: ["yes", "no"],
  amphibianSkin: ["fine", "little", "never"],
};

/**
 * Reads a table of ingredients: commas, semicolons or tabs between cells, decimal points or (with semicolons or tabs)
 * decimal commas, columns in any order. Good rows are taken, each bad one is told with its row and column. A text that
 * begins as a formula is refused.
 *
 * @param text decoded already
 * @param idFor makes the id of a new ingredient from its place in the table
 * @example parseIngredients("name;looseKgPerL;…\nBrook clay;0,9;…", (at) => `own${at}`).ingredients.length // 1
 */
export function parseIngredients(text: string, idFor: (at: number) => string): CsvRead {
  const plain = text.replace(/^\uFEFF/, "");
  const delimiter = parting(plain);
  const { data } = Papa.parse<string[]>(plain, { delimiter });
  const [heading, ...rows] = data;
  const blank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === "");
  if (!heading || rows.every(blank)) return { ingredients: [], problems: [{ code: "csv.empty" }] };
  const places = new Map(heading.map((name, at) => [name.trim().toLowerCase(), at]));
  const missing = CSV_COLUMNS.filter((column) => !places.has(column.toLowerCase()));
  if (missing.length > 0)
    return { ingredients: [], problems: missing.map((column) => ({ code: "csv.noColumn", column })) };
  const problems: CsvProblem[] = [];
  const ingredients: OwnIngredient[] = [];
  rows.forEach((cells, at) => {
    if (blank(cells)) return;
    const row = at + 2;
    const before = problems.length;
    const cell = (column: CsvColumn): string => (cells[places.get(column.toLowerCase()) ?? -1] ?? "").trim();
    const word = (column: CsvColumn): string => {
      const found = cell(column);
      const known = LOOKS[column];
      if (RUNS.test(found)) problems.push({ code: "csv.formula", row, column, text: found });
      else if (known && !known.includes(found)) problems.push({ code: "csv.badCell", row, column, text: found });
      return unguarded(found);
    };
    const figure = (column: (typeof FIGURES)[number]): number | null => {
      const found = cell(column);
      if (column === "halvesInMonths" && found === "") return null;
      const value = numberIn(found, delimiter !== ",");
      if (value === undefined)
        problems.push(
          RUNS.test(found) && !/^-[\d.,]+$/.test(found)
            ? { code: "csv.formula", row, column, text: found }
            : { code: "csv.notNumber", row, column, text: found },
        );
      return value ?? 0;
    };
    const words = Object.fromEntries(WORDS.map((column) => [column, word(column)])) as Record<
      (typeof WORDS)[number],
      string
    >;
    const figures = Object.fromEntries(FIGURES.map((column) => [column, figure(column)]));
    if (problems.length > before) return;
    const { texture, color, safeToDig, ...plain } = words;
    const read = OwnIngredientSchema.safeParse({
      ...plain,
      ...figures,
      id: idFor(at),
      look: { texture, color },
      safeToDig: safeToDig === "yes",
      peat: words.matter === "peat",
      cautions: [],
      from: { kind: "memory", note: "brought in from a table" },
    });
    if (!read.success) {
      const column = columnOf(read.error.issues[0]?.path ?? []);
      problems.push({ code: "csv.badCell", row, column, text: cell(column) });
    } else if (ingredients.some((other) => other.name.toLowerCase() === read.data.name.toLowerCase()))
      problems.push({ code: "csv.nameTwice", row, name: read.data.name });
    else ingredients.push(read.data);
  });
  return { ingredients, problems };
}

const columnOf = (path: readonly PropertyKey[]): CsvColumn => {
  const last = String(path.at(-1) ?? "name");
  return CSV_COLUMNS.find((column) => column === last) ?? "name";
};

/** A table to begin from: a row of the catalogue as it would be filled in. */
export const exampleCsv = (): string => {
  const [first] = STOCK.all("ingredients").filter((item) => item.soldAs !== "brick");
  return first ? printIngredients([{ ...first, id: "ownExample", name: "Brook clay" }]) : "";
};
