import * as z from "zod";

/**
 * Where a figure comes from.
 * `published`: a citable work; `practice`: a common rule of the trade without a source;
 * `memory`: recalled, and wants checking before anyone leans on it.
 */
export const ProvenanceSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("published"), source: z.string().min(8), note: z.string().optional() }),
  z.strictObject({ kind: z.literal("practice"), note: z.string().optional() }),
  z.strictObject({ kind: z.literal("memory"), note: z.string().optional() }),
]);
export type Provenance = z.infer<typeof ProvenanceSchema>;

/** What every catalogue entry carries: one provenance for all its figures, and overrides by field. */
export const provenanceShape = {
  from: ProvenanceSchema,
  fieldFrom: z.record(z.string(), ProvenanceSchema).optional(),
};

export const practice: Provenance = { kind: "practice" };
export const memory: Provenance = { kind: "memory" };
/** Common practice, and what is said. @example practised("5 cm is usual") */
export const practised = (note: string): Provenance => ({ kind: "practice", note });
export const published = (source: string, note?: string): Provenance =>
  note === undefined ? { kind: "published", source } : { kind: "published", source, note };

export const BAINES_2016 = "Baines et al. 2016, Journal of Zoo and Aquarium Research 4(1)";
export const DE_BOODT_1972 = "De Boodt & Verdonck 1972, Acta Horticulturae 26";

type Sourced = { from: Provenance; fieldFrom?: Record<string, Provenance> | undefined };

/** One figure of an entry: where it stands in the entry, and the number. */
export type Figure = { path: string; value: number };

/**
 * Every number an entry holds, with its path (`temperatureC.warm.0`). Provenance itself is left out.
 *
 * @example figuresOf({ from: practice, voidPct: 45 }) // [{ path: "voidPct", value: 45 }]
 */
export function figuresOf(entry: object, under = ""): Figure[] {
  return Object.entries(entry as Record<string, unknown>).flatMap(([key, value]) => {
    if (under === "" && (key === "from" || key === "fieldFrom")) return [];
    const path = under === "" ? key : `${under}.${key}`;
    if (typeof value === "number") return [{ path, value }];
    return typeof value === "object" && value !== null ? figuresOf(value, path) : [];
  });
}

/**
 * The provenance of one figure: the override with the longest matching path, else the entry's own.
 *
 * @example provenanceOf(entry, "temperatureC.warm.0")
 */
export function provenanceOf(entry: Sourced, path: string): Provenance {
  const overrides = Object.entries(entry.fieldFrom ?? {})
    .filter(([field]) => path === field || path.startsWith(`${field}.`))
    .sort(([a], [b]) => b.length - a.length);
  return overrides[0]?.[1] ?? entry.from;
}

/** Whether whoever told an entry was not sure of a figure, or of all that stand with it. */
export const isUnsure = ({ unsure = [] }: { unsure?: readonly string[] | undefined }, path: string): boolean =>
  unsure.some((one) => path === one || path.startsWith(`${one}.`) || one.startsWith(`${path}.`));
