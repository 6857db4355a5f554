import type * as z from "zod";
import type { CatalogKind } from "../catalog";
import type { Design } from "../habitat";
import { STOCK } from "../library";

/** Chance, 0 to 1. */
export type Chance = () => number;

export const pick = <T>(chance: Chance, items: readonly T[]): T => {
  const item = items[Math.floor(chance() * items.length)];
  if (item === undefined) throw new RangeError("items: none to pick from");
  return item;
};

/** What catalogue the fields of these names speak of. */
const OF_CATALOGUE: Readonly<Record<string, readonly CatalogKind[]>> = {
  animalId: ["animals"],
  plantId: ["plants"],
  crewId: ["crew"],
  kindId: ["pieceKinds", "gear"],
  materialId: ["drainageMedia", "barriers", "dressings", "falseBottoms"],
  recipeId: ["recipes"],
  ingredientId: ["ingredients"],
  treatmentId: ["wallTreatments"],
  finishId: ["wallFinishes"],
  buildId: ["boxBuilds"],
  supplyId: ["supplies"],
};

const DAYS = [
  "2026-03-02",
  "2026-02-28",
  "1900-01-01",
  "2100-12-31",
  "2101-01-01",
  "9999-12-31",
  "0000-00-00",
  "2026-02-30",
];
const INSTANTS = [
  "2026-03-02T08:00:00Z",
  "1970-01-01T00:00:00Z",
  "2100-12-31T23:59:59.999Z",
  "9000-01-01T00:00:00Z",
  "now",
];
const TEXTS = [
  ...[
    "Fernwall",
    "  Fernwall  ",
    "",
    " ",
    "\u200b",
    "<b>",
    "a\u0007b",
    "\ud800",
    "\u202eabc",
    "Überraschung 🌿",
    "x".repeat(60),
  ],
  ...[
    "x".repeat(61),
    "x".repeat(300),
    "x".repeat(301),
    "x".repeat(4001),
    "\u0000",
    "line\nline",
    "__proto__",
    "constructor",
  ],
];
const FIGURES = [
  0,
  -0,
  1,
  -1,
  0.1,
  2,
  7,
  12,
  45,
  60,
  90,
  100,
  365,
  500,
  501,
  4000,
  1e6,
  1e9,
  1e-9,
  Number.MAX_VALUE,
  Number.NaN,
];
const RULES = [
  "FREQ=DAILY",
  "FREQ=WEEKLY;BYDAY=MO,TH",
  "FREQ=YEARLY;BYMONTH=13",
  "FREQ=DAILY;INTERVAL=-1",
  "FREQ=HOURLY",
];

/** Every id there is in a design. */
function idsIn(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(idsIn);
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([name, item]) =>
    name === "id" && typeof item === "string" ? [item] : idsIn(item),
  );
}

function textFor(field: string, design: Design, chance: Chance): string {
  const kinds = OF_CATALOGUE[field];
  if (kinds && chance() < 0.97) return pick(chance, STOCK.all(pick(chance, kinds))).id;
  if (/^(at|createdAt)$/.test(field)) return pick(chance, INSTANTS);
  if (/(^on|On)$/.test(field)) return pick(chance, DAYS);
  if (field === "rule") return pick(chance, RULES);
  if (field === "series") return "warmEnd.temperatureC";
  if (/^(id|ids|.*Ids?)$/.test(field)) {
    const ids = idsIn(design);
    return chance() < 0.6 && ids.length > 0 ? pick(chance, ids) : `n${Math.floor(chance() * 1e9)}`;
  }
  return pick(chance, TEXTS);
}

/** A figure about the bounds its schema has, within them more often than not. */
function figureFor(schema: z.ZodNumber, chance: Chance): number {
  const [low, high] = [Math.max(schema.minValue ?? -1e4, -1e4), Math.min(schema.maxValue ?? 1e4, 1e4)];
  const between = low + chance() * (high - low);
  const whole = schema.isInt ? Math.round(between) : between;
  const edges = [schema.minValue ?? 0, schema.maxValue ?? 0, (schema.maxValue ?? 0) + 1, (schema.minValue ?? 0) - 1];
  return chance() < 0.85 ? whole : pick(chance, chance() < 0.5 ? edges : FIGURES);
}

type Def = z.core.$ZodTypes["_zod"]["def"];

/**
 * A value about what a schema takes: mostly what it does, now and then a little past it.
 *
 * @param field the name of the field it is for, which says what its ids are of
 * @param design whose ids are known
 */
export function anyValue(schema: z.core.$ZodType, field: string, design: Design, chance: Chance): unknown {
  const def = schema._zod.def as Def;
  const of = (inner: z.core.$ZodType, name = field): unknown => anyValue(inner, name, design, chance);
  switch (def.type) {
    case "object":
      return Object.fromEntries(
        Object.entries(def.shape).flatMap(([name, inner]) => {
          const value = of(inner, name);
          return value === undefined ? [] : [[name, value]];
        }),
      );
    case "array":
      return Array.from({ length: Math.floor(chance() * 5) }, () => of(def.element));
    case "tuple":
      return def.items.map((item) => of(item));
    case "union":
      return of(pick(chance, def.options));
    case "enum":
      return pick(chance, Object.values(def.entries));
    case "literal":
      return pick(chance, def.values);
    case "number":
      return figureFor(schema as unknown as z.ZodNumber, chance);
    case "string":
      return textFor(field, design, chance);
    case "boolean":
      return chance() < 0.5;
    case "nullable":
    case "optional":
    case "default":
      if (chance() < 0.35) return def.type === "nullable" ? null : undefined;
      return of(def.innerType);
    default:
      return {};
  }
}
