import { format, parseISO } from "date-fns";
import { catalog, type CatalogKind } from "@/core/catalog";
import { show, showNumber, type MeasureKind, type UnitSystem } from "@/core/units";
import { en } from "./resources";

/** What a sentence is told with: base-unit numbers, ids, dates. The name's ending says which. */
export type Quantities = Record<string, number | string | undefined>;

const KINDS: readonly [ending: RegExp, kind: MeasureKind][] = [
  [/(^|[a-z])Cm$/, "length"],
  [/([wW]ater)L$/, "water"],
  [/[a-z]L$/, "volume"],
  [/[a-z]Kg$/, "mass"],
  [/[a-z]C$/, "temperature"],
  [/Rh$/, "humidity"],
];

const kindOf = (name: string): MeasureKind | undefined => KINDS.find(([ending]) => ending.test(name))?.[1];

/** Prints a quantity with its unit. @example printed(6.5, "length", "us", "en") // "2 9/16 in" */
export function printed(value: number, kind: MeasureKind, system: UnitSystem, locale: string): string {
  const { figure, unit } = spokenFigure(value, kind, system, locale);
  return `${figure}\u00a0${unit}`;
}

/** In sentences a whole number stands without its .0; in columns it keeps it, so that figures align. */
function spokenFigure(value: number, kind: MeasureKind, system: UnitSystem, locale: string) {
  const { figure, unit } = show(value, kind, system, locale);
  return { figure: figure.replace(/[.,]0$/, ""), unit };
}

const names = en.catalog as Record<CatalogKind, Record<string, string>>;

/** The three sizes of a box, to be said. */
export const boxSize = ({
  widthCm,
  depthCm,
  heightCm,
}: {
  widthCm: number;
  depthCm: number;
  heightCm: number;
}): Quantities => ({ widthCm, depthCm, heightCm });

/** Names that builders gave to entries of their own; no catalogue holds them. */
const ownNames = new Map<string, string>();

/** Learns what entries of a builder's own are called. @example teachNames([{ id: "ownClay", name: "Brook clay" }]) */
export function teachNames(entries: readonly { id: string; name: string }[]): void {
  for (const { id, name } of entries) ownNames.set(id, name);
}

/** The common name of a catalogue entry, in lower case where the language has it so. */
export function nameOf(kind: CatalogKind, id: string): string {
  return names[kind][id] ?? ownNames.get(id) ?? id;
}

const anyName = (id: string): string => {
  const kind = (Object.keys(catalog) as CatalogKind[]).find((shelf) => names[shelf][id] !== undefined);
  return kind ? nameOf(kind, id) : (ownNames.get(id) ?? id);
};

/** A calendar day as people write it. @example dayPrinted("2026-02-10") // "Tue 10 Feb" */
export const dayPrinted = (day: string): string => format(parseISO(day), "EEE d MMM");

/**
 * Turns quantities into what a sentence shows, by the ending of their names: `needCm` a length, `drawWaterL` water, `looseL` loose
 * stuff, `wetKg` a mass, `lowC` a temperature, `highRh` a humidity, `voidPct` a share, `moveOn` a day, `animalId` a name.
 * Each measure can also be had without its unit, for ranges and sizes: `lowRhFigure`.
 * `count` stays a number, for plurals. Everything else stays as it is.
 *
 * @example spoken({ needCm: 6.5 }, "us", "en") // { needCm: "2 9/16 in" }
 */
export function spoken(quantities: Quantities, system: UnitSystem, locale: string): Record<string, number | string> {
  const said: Record<string, number | string> = {};
  for (const [name, value] of Object.entries(quantities)) {
    if (value === undefined) continue;
    const kind = kindOf(name);
    if (typeof value === "number" && kind) {
      said[name] = printed(value, kind, system, locale);
      said[`${name}Figure`] = spokenFigure(value, kind, system, locale).figure;
    } else if (typeof value === "number" && name.endsWith("Pct")) said[name] = `${showNumber(value, 0, locale)}\u00a0%`;
    else if (typeof value === "string" && name.endsWith("On")) said[name] = dayPrinted(value);
    else if (typeof value === "string" && name.endsWith("Id")) said[name] = anyName(value);
    else said[name] = value;
  }
  return said;
}
