import { STOCK } from "../library";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { type OwnIngredient } from "../catalog";
import { TODAY } from "./ingredientTable";
import { parseIngredients, parseRecipe, printIngredients, printRecipe } from "./index";

const own = (at: number): string => `own${at}`;
const samples: OwnIngredient[] = STOCK.all("ingredients").flatMap(({ brick, ...item }, at) =>
  brick
    ? []
    : [
        {
          ...item,
          id: own(at),
          name: `Kind ${at}`,
          cautions: [],
          laid: { ...item.laid, kgPerL: item.pouredKgPerL / (1 - item.settlesPct / 100) },
          from: { kind: "memory" as const, note: "brought in from a table" },
        },
      ],
);
/** What a table tells; the mass as it lies follows from the poured one and how it settles. */
const stripped = ({ fieldFrom: _fieldFrom, unsure: _unsure, id: _id, laid, ...item }: OwnIngredient) => ({
  ...item,
  laid: { ...laid, kgPerL: Math.round(laid.kgPerL * 100) / 100 },
});
const table = printIngredients(samples);
const rows = () => Papa.parse<string[]>(table.trim()).data;
const [heading = [], first = []] = rows();
const at = (column: string) => heading.indexOf(column);
const changed = (column: string, text: string): string =>
  Papa.unparse([heading, first.map((cell, n) => (n === at(column) ? text : cell))]);

describe("a table of ingredients", () => {
  it("comes back as it was printed", () => {
    const { ingredients, problems } = parseIngredients(table, own);
    expect(problems).toEqual([]);
    expect(ingredients.map(stripped)).toEqual(samples.map(stripped));
  });
  it("reads semicolons with decimal commas, columns in another order, a byte order mark and blank lines", () => {
    const turned = rows().map((cells) => cells.toReversed());
    const told = `\uFEFF${turned.map((cells, n) => cells.map((cell) => (n > 0 && /^\d+\.\d+$/.test(cell) ? cell.replace(".", ",") : cell)).join(";")).join("\r\n\r\n")}\r\n`;
    const read = parseIngredients(told, own);
    expect(read.problems).toEqual([]);
    expect(read.ingredients.map(stripped)).toEqual(samples.map(stripped));
  });
  it("a name that would run as a formula is guarded when printed, and comes back as it was", () => {
    const [sample] = samples;
    expect(parseIngredients(printIngredients([{ ...sample!, name: "=1+1 clay" }]), own).ingredients[0]?.name).toBe(
      "=1+1 clay",
    );
  });
  it.each([
    ["name", "=HYPERLINK(1)", { code: "csv.formula", row: 2, column: "name", text: "=HYPERLINK(1)" }],
    ["pH", "@SUM(A1)", { code: "csv.formula", row: 2, column: "pH", text: "@SUM(A1)" }],
    ["pH", "sour", { code: "csv.notNumber", row: 2, column: "pH", text: "sour" }],
    ["pH", "0,35", { code: "csv.notNumber", row: 2, column: "pH", text: "0,35" }],
    ["pH", "-1", { code: "csv.badCell", row: 2, column: "pH", text: "-1" }],
    ["pouredKgPerL", "", { code: "csv.notNumber", row: 2, column: "pouredKgPerL", text: "" }],
    ["at1kPaPct", "99.9", { code: "csv.badCell", row: 2, column: "at1kPaPct", text: "99.9" }],
    ["matter", "plutonium", { code: "csv.badCell", row: 2, column: "matter", text: "plutonium" }],
    ["name", "<i>", { code: "csv.badCell", row: 2, column: "name", text: "<i>" }],
  ])("tells a bad cell by row and column: %s %s", (column, text, problem) => {
    expect(parseIngredients(changed(column, text), own)).toEqual({ ingredients: [], problems: [problem] });
  });
  it("takes the good rows beside a bad one, and a name only once", () => {
    const twice = Papa.unparse([
      heading,
      first,
      first.map((cell, n) => (n === at("name") ? cell.toUpperCase() : cell)),
    ]);
    expect(parseIngredients(twice, own)).toMatchObject({
      ingredients: [{ name: first[0] }],
      problems: [{ code: "csv.nameTwice", row: 3 }],
    });
  });
  it("names missing columns, and an empty table", () => {
    expect(parseIngredients("name,matter\nA,clay", own).problems).toHaveLength(
      TODAY.words.length + TODAY.figures.length - 2,
    );
    expect(parseIngredients(heading.join(","), own).problems).toEqual([{ code: "csv.empty" }]);
  });
});

describe("a recipe file", () => {
  const [sample] = samples;
  const recipe = {
    name: "Gully soil",
    parts: [
      { ingredientId: "coir", parts: 3 },
      { ingredientId: sample!.id, parts: 1 },
    ],
    ingredients: [sample!],
  };
  const json = (change: object): string =>
    JSON.stringify({ ...(JSON.parse(printRecipe(recipe)) as object), ...change });

  it("comes back as it was printed, with only those own ingredients that it needs", () => {
    expect(parseRecipe(printRecipe({ ...recipe, ingredients: samples.slice(0, 3) }))).toEqual({ ok: true, recipe });
  });
  it.each([
    ["{", { code: "file.notJson" }],
    [json({ format: "rincon-habitat" }), { code: "file.notOurs" }],
    [json({ formatVersion: 2 }), { code: "file.newer", found: 2, known: 1 }],
    [json({ parts: [] }), { code: "file.badField", path: "parts", why: "outOfRange" }],
    [
      json({ parts: [{ ingredientId: "coir", parts: -3 }] }),
      { code: "file.badField", path: "parts.0.parts", why: "outOfRange" },
    ],
    [
      json({ parts: [{ ingredientId: "coir", parts: "three" }] }),
      { code: "file.badField", path: "parts.0.parts", why: "invalid" },
    ],
    [json({ ingredients: [] }), { code: "file.unknownEntry", path: "parts.1.ingredientId", id: sample!.id }],
    [
      json({
        parts: [
          { ingredientId: "coir", parts: 1 },
          { ingredientId: "coir", parts: 2 },
        ],
      }),
      { code: "file.usedTwice", path: "parts.1.ingredientId", id: "coir" },
    ],
    [json({ name: "<script>" }), { code: "file.badField", path: "name", why: "markup" }],
  ])("is refused with the field named (%#)", (text, problem) =>
    expect(parseRecipe(text)).toEqual({ ok: false, problem }),
  );
});

it("a table of eight thousand ingredients is read whole, each row taken or told", () => {
  const many = Array.from({ length: 8000 }, (_, n) => first.map((cell, at) => (at === 0 ? `Kind ${n % 7999}` : cell)));
  const { ingredients, problems } = parseIngredients(Papa.unparse([heading, ...many]), own);
  expect(ingredients).toHaveLength(7999);
  expect(problems).toEqual([{ code: "csv.nameTwice", row: 8001, name: "Kind 0" }]);
});
