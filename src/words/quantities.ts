import type { CatalogKind } from "@/core/catalog";
import type { Library } from "@/core/library";
import { atLeast, roughly, show, showNumber, type MeasureKind, type UnitSystem } from "@/core/units";
import { amountSaid, plainAmount } from "./clauses";
import { ranged, rangeNamed } from "./ranged";
import { en } from "./resources";

/** What a sentence is told with: base-unit numbers, ids, dates. The name's ending says which. */
export type Quantities = Record<string, number | string | undefined>;

const CM_PER_MM = 0.1;
const KINDS: readonly [ending: RegExp, kind: MeasureKind][] = [
  [/(^|[a-z])Cm$/, "length"],
  [/[a-z]KgPerL$/, "density"],
  [/([wW]ater)L$/, "water"],
  [/[a-z]L$/, "volume"],
  [/[a-z]Kg$/, "mass"],
  [/[a-z]Mm$/, "thin"],
  [/[a-z]C$/, "temperature"],
  [/Rh$/, "humidity"],
];

/** How long an animal grows is only ever about so long. */
const isRough = (name: string): boolean => name.endsWith("GrownCm");

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

type Names = Partial<Record<CatalogKind, Record<string, string>>>;
/** Names by kind: of the animals at once, of all else once the words of the places of work are read. */
const names: Names = { ...en.catalog };

/** Makes more kinds of entries known by name. */
export const tellNames = (more: Names): Names => Object.assign(names, more);

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

/**
 * The common name of an entry, in lower case where the language has it so; what a builder added goes by their own name
 * for it.
 */
export const nameIn = (library: Library, kind: CatalogKind, id: string): string =>
  library.ownName(kind, id) ?? names[kind]?.[id] ?? id;

/** The name of whatever an id stands for. */
function anyName(library: Library, id: string): string {
  const kind =
    library.ownKind(id) ?? (Object.keys(names) as CatalogKind[]).find((shelf) => names[shelf]?.[id] !== undefined);
  return kind ? nameIn(library, kind, id) : id;
}

const dayFormat = new Intl.DateTimeFormat("en", { weekday: "short", day: "numeric", month: "short", timeZone: "UTC" });

/** A calendar day as people write it. @example dayPrinted("2026-02-10") // "Tue 10 Feb" */
export function dayPrinted(day: string): string {
  const parts = dayFormat.formatToParts(new Date(`${day}T12:00:00Z`));
  return (["weekday", "day", "month"] as const).map((part) => parts.find(({ type }) => type === part)?.value).join(" ");
}

/** How quantities are said: in which units and language, and by whose names. */
export type Speech = { system: UnitSystem; locale: string; library: Library };

/**
 * Turns quantities into what a sentence shows, by the ending of their names: `needCm` a length, `drawWaterL` water,
 * `looseL` loose stuff, `wetKg` a mass, `lowC` a temperature, `highRh` a humidity, `voidPct` a share, `lowUvi` a UV
 * index, `moveOn` a day, `animalId` a name. Each measure can also be had without its unit, for sizes: `widthCmFigure`; a
 * length also as a box is asked for: `widthCmAtLeast`. Two ends make a range under a name of its own: `lowC` and `highC`
 * give `rangeC`, `leastPct` and `mostPct` give `rangePct`. `count` stays a number, for plurals. Everything else stays as
 * it is; what comes to nothing is marked, for {@link withoutNothing}.
 *
 * @example spoken({ needCm: 6.5 }, { system: "us", locale: "en", library }) // { needCm: "2 9/16 in" }
 */
export function spoken(quantities: Quantities, speech: Speech): Record<string, number | string> {
  const said: Record<string, number | string> = {};
  for (const [name, value] of Object.entries(quantities)) {
    if (value === undefined) continue;
    Object.assign(said, typeof value === "number" ? numberSaid(name, value, speech) : textSaid(name, value, speech));
  }
  return { ...said, ...rangesIn(said) };
}

function numberSaid(name: string, value: number, speech: Speech): Record<string, number | string> {
  const { locale } = speech;
  const kind = kindOf(name);
  if (kind) return measureSaid(name, value, kind, speech);
  if (name.endsWith("Uvi")) return { [name]: showNumber(value, 1, locale) };
  if (name.endsWith("Pct")) return { [name]: `${showNumber(value, 0, locale)}\u00a0%` };
  return { [name]: value === 0 && name !== "count" ? amountSaid("0") : value };
}

/** A measure with its unit and without, and a length also as a box is asked for. */
function measureSaid(
  name: string,
  value: number,
  kind: MeasureKind,
  { system, locale }: Speech,
): Record<string, string> {
  const base = kind === "thin" ? value * CM_PER_MM : isRough(name) ? roughly(value, system) : value;
  const said = {
    [name]: amountSaid(printed(base, kind, system, locale)),
    [`${name}Figure`]: spokenFigure(base, kind, system, locale).figure,
  };
  if (kind !== "length") return said;
  const asked = atLeast(base, system);
  return {
    ...said,
    [`${name}AtLeast`]: printed(asked, kind, system, locale),
    [`${name}AtLeastFigure`]: spokenFigure(asked, kind, system, locale).figure,
  };
}

function textSaid(name: string, value: string, { library }: Speech): Record<string, string> {
  if (name.endsWith("On")) return { [name]: dayPrinted(value) };
  return { [name]: name.endsWith("Id") ? anyName(library, value) : value };
}

/** Every two ends that were told, as one range. */
function rangesIn(said: Record<string, number | string>): Record<string, string> {
  const ranges: Record<string, string> = {};
  for (const [name, low] of Object.entries(said)) {
    const named = rangeNamed(name);
    const high = named && said[named.high];
    if (high !== undefined) ranges[named!.range] = ranged(plainAmount(String(low)), String(high));
  }
  return ranges;
}
