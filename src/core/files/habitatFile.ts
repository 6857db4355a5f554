import * as z from "zod";
import { checkHabitat, DesignSchema, isInstant, type Design, type ProblemCode } from "../habitat";
import { STOCK, withOwn } from "../library";
import { blocksOf, EventSchema, SAMPLE_LIMITS, samplesOf, SeriesIdSchema, measurableOf } from "../log";
import type { Habitat, LogEvent, SampleBlock, SeriesId } from "../log";
import { FORMAT, FORMAT_VERSION, migrate, NewerVersionError } from "./migrations";
import { explain, type BadField } from "./problem";

/** Why a file was refused. `path` names the field inside it. */
export type FileProblem =
  /** It reads well, but cannot be worked out. */
  | { code: "file.uncomputable" }
  | { code: "file.notJson" }
  | { code: "file.notOurs" }
  | { code: "file.newer"; found: number; known: number }
  | BadField
  | { code: "file.unknownEntry"; path: string; id: string }
  | { code: "file.usedTwice"; path: string; id: string }
  | { code: "file.broken"; path: string; why: ProblemCode };

export type FileRead = { ok: true; habitat: Habitat } | { ok: false; problem: FileProblem };
export type DesignRead = { ok: true; design: Design } | { ok: false; problem: FileProblem };

/** The name a habitat's file gets. @example fileName({ name: "Fern wall/2" }) // "fern-wall-2.rincon.json" */
export function fileName({ name }: Pick<Design, "name">): string {
  const slug = name
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");
  return `${slug === "" ? "habitat" : slug}.rincon.json`;
}

/** Samples of one series as a file tells them: instants in milliseconds, and the values at them. */
export type SeriesRow = { series: SeriesId; at: number[]; value: number[] };

/** A row of a file for each block of samples. */
export const rowOf = ({ series, atMs, values }: SampleBlock): SeriesRow => ({
  series,
  at: Array.from(atMs),
  value: Array.from(values),
});

// Told by the hundred thousand: each list is looked through once, and not taken apart into figures that are each a field.
const areNumbers = (told: unknown): boolean =>
  Array.isArray(told) && told.every((value) => typeof value === "number" && Number.isFinite(value));
const areInstants = (told: unknown): boolean =>
  Array.isArray(told) && told.every((at) => typeof at === "number" && Number.isInteger(at) && isInstant(at));

const SeriesRowSchema = z
  .strictObject({
    series: SeriesIdSchema,
    at: z.custom<number[]>(areInstants, { message: "out of range" }),
    value: z.custom<number[]>(areNumbers),
  })
  .refine((row) => row.at.length === row.value.length, { message: "as many values as instants", path: ["value"] })
  .refine(({ series, value }) => value.every(isWithin(series)), { message: "out of range", path: ["value"] });

const isWithin = (series: SeriesId) => {
  const { min, max } = SAMPLE_LIMITS[measurableOf(series)];
  return (value: number) => value >= min && value <= max;
};

const EventsSchema = z.array(EventSchema);

const refuse = (problem: FileProblem): { ok: false; problem: FileProblem } => ({ ok: false, problem });

/** What is wrong with a design that its schema cannot see, as the problem of a file. */
function brokenBy(design: Design): FileProblem | undefined {
  const [first] = checkHabitat(design, withOwn(STOCK, design.own));
  if (!first) return undefined;
  const { code, id = "" } = first;
  const path = `design.${first.path}`;
  if (code === "unknown") return { code: "file.unknownEntry", path, id };
  return code === "twice" ? { code: "file.usedTwice", path, id } : { code: "file.broken", path, why: code };
}

/** A document of any version as one of today's: design, events and samples, not looked into yet. */
type Opened = { design: unknown; events: unknown; samples: unknown };

/**
 * Opens a document that may be of any version, from a file or a database.
 *
 * @returns its parts in today's version; never throws on bad data
 */
function openDocument(raw: unknown): { ok: true; parts: Opened } | { ok: false; problem: FileProblem } {
  if (typeof raw !== "object" || raw === null || (raw as { format?: unknown }).format !== FORMAT)
    return refuse({ code: "file.notOurs" });
  try {
    const { design, events, samples } = migrate(raw as Record<string, unknown>);
    return { ok: true, parts: { design, events, samples } };
  } catch (error) {
    if (error instanceof NewerVersionError)
      return refuse({ code: "file.newer", found: error.found, known: error.known });
    return refuse({ code: "file.badField", path: "formatVersion", why: "invalid" });
  }
}

/** Reads a design of today's version. @returns the design, or which field is to blame */
function readDesign(raw: unknown): DesignRead {
  const parsed = DesignSchema.safeParse(raw, { reportInput: true });
  if (!parsed.success) return refuse(explain(parsed.error, "design"));
  const broken = brokenBy(parsed.data);
  return broken ? refuse(broken) : { ok: true, design: parsed.data };
}

/**
 * Reads the design in a document of any version, from a database or a copy kept in the browser, which from version 6 on
 * tell nothing but the design.
 */
export function readDesignIn(raw: unknown): DesignRead {
  const opened = openDocument(raw);
  return opened.ok ? readDesign(opened.parts.design) : opened;
}

/** Reads events of today's version. */
function readEvents(raw: unknown): { ok: true; events: LogEvent[] } | { ok: false; problem: FileProblem } {
  const parsed = EventsSchema.safeParse(raw, { reportInput: true });
  if (!parsed.success) return refuse(explain(parsed.error, "events"));
  const ids = parsed.data.map(({ id }) => id);
  const seen = new Set<string>();
  const again = ids.find((id) => seen.size === seen.add(id).size);
  return again === undefined
    ? { ok: true, events: parsed.data }
    : refuse({ code: "file.usedTwice", path: "events", id: again });
}

/** Reads one row of samples. @param at its place among the rows, to name it when it is bad */
export function readSeriesRow(
  raw: unknown,
  at: number,
): { ok: true; blocks: SampleBlock[] } | { ok: false; problem: FileProblem } {
  const parsed = SeriesRowSchema.safeParse(raw, { reportInput: true });
  if (!parsed.success) return refuse(explain(parsed.error, `samples.${at}`));
  const { series, at: instants, value } = parsed.data;
  return {
    ok: true,
    blocks: blocksOf(
      series,
      instants.map((atMs, n) => ({ atMs, value: value[n] ?? Number.NaN })),
    ),
  };
}

/** Blocks of which several may belong to one week, as one block for each. */
export function joined(blocks: readonly SampleBlock[]): SampleBlock[] {
  const byWeek = new Map<string, SampleBlock[]>();
  for (const block of blocks) {
    const key = `${block.series} ${block.fromMs}`;
    byWeek.set(key, [...(byWeek.get(key) ?? []), block]);
  }
  return [...byWeek.values()].flatMap((parts) => {
    const [first] = parts;
    if (!first || parts.length === 1) return parts;
    return blocksOf(first.series, parts.flatMap(samplesOf));
  });
}

/**
 * Reads a document that may be of any version.
 *
 * @returns the habitat in today's version, or why it cannot be one; never throws on bad data
 * @example readDocument(JSON.parse(text))
 */
export function readDocument(raw: unknown): FileRead {
  const opened = openDocument(raw);
  if (!opened.ok) return opened;
  const read = readDesign(opened.parts.design);
  if (!read.ok) return read;
  const log = readEvents(opened.parts.events);
  if (!log.ok) return log;
  if (!Array.isArray(opened.parts.samples)) return refuse({ code: "file.badField", path: "samples", why: "invalid" });
  const blocks: SampleBlock[] = [];
  for (const [at, row] of opened.parts.samples.entries()) {
    const rows = readSeriesRow(row, at);
    if (!rows.ok) return rows;
    blocks.push(...rows.blocks);
  }
  return { ok: true, habitat: { design: read.design, events: log.events, samples: joined(blocks) } };
}

/** A design as it is stored: with the version it is written in. */
export type StoredDesign = { format: typeof FORMAT; formatVersion: number; design: Design };
export const storedDesign = (design: Design): StoredDesign => ({
  format: FORMAT,
  formatVersion: FORMAT_VERSION,
  design,
});
