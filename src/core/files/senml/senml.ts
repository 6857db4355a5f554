import * as z from "zod";
import { isInstant } from "../../habitat";

/** The version of SenML this reads: RFC 8428, section 4.4. */
const VERSION = 10;
/** A time below that is counted from now: RFC 8428, section 4.5.3. */
const RELATIVE_BELOW_S = 2 ** 28;
/** What a name may hold: RFC 8428, section 4.5.1. */
const NAME = /^[A-Za-z0-9][A-Za-z0-9\-:./_]*$/;

const number = z.number().refine(Number.isFinite);
/** A record as it is sent; fields that are not known are let through, but for those that end in "_": section 4.4. */
const RecordSchema = z.looseObject({
  bn: z.string().optional(),
  bt: number.optional(),
  bu: z.string().optional(),
  bv: number.optional(),
  bs: number.optional(),
  bver: z.number().int().positive().optional(),
  n: z.string().optional(),
  u: z.string().optional(),
  v: number.optional(),
  vs: z.string().optional(),
  vb: z.boolean().optional(),
  vd: z.string().optional(),
  s: number.optional(),
  t: number.optional(),
  ut: number.optional(),
});
export type SenmlRecord = z.infer<typeof RecordSchema>;

/** A record that stands by itself: its whole name, an absolute time, and what it tells. */
export type Resolved = {
  name: string;
  unit: string | undefined;
  /** Milliseconds since 1970 UTC. */
  atMs: number;
  /** A number; undefined for words, switches and data, which no gauge of ours tells. */
  value: number | undefined;
  /** A running sum, where the record tells one. */
  sum: number | undefined;
};

/** Why a pack was refused; `at` is the record's place, counted from 1. */
export type SenmlProblem =
  | { code: "senml.notJson" }
  | { code: "senml.badField"; at: number; field: string }
  | { code: "senml.newer"; found: number; known: number }
  | { code: "senml.mustUnderstand"; at: number; field: string }
  | { code: "senml.badName"; at: number; name: string }
  | { code: "senml.twoValues"; at: number }
  | { code: "senml.noValue"; at: number };

/** What times are told in. RFC 8428 knows seconds alone, but some devices send others. */
export const TIME_UNITS = ["s", "ms", "us"] as const;
export type TimeUnit = (typeof TIME_UNITS)[number];
const A_SECOND: Readonly<Record<TimeUnit, number>> = { s: 1, ms: 1000, us: 1_000_000 };

type SenmlRead = { ok: true; records: Resolved[]; timeUnit: TimeUnit } | { ok: false; problem: SenmlProblem };

type Base = {
  name: string;
  timeS: number;
  unit: string | undefined;
  value: number | undefined;
  sum: number | undefined;
  version: number;
};
const NO_BASE: Base = { name: "", timeS: 0, unit: undefined, value: undefined, sum: undefined, version: VERSION };

/** What the records that follow start from: section 4.1. */
const baseAfter = (base: Base, { bn, bt, bu, bv, bs, bver }: SenmlRecord): Base => ({
  name: bn ?? base.name,
  timeS: bt ?? base.timeS,
  unit: bu ?? base.unit,
  value: bv ?? base.value,
  sum: bs ?? base.sum,
  version: bver ?? base.version,
});

/** The first thing that is wrong with a record under its base. */
function wrongWith(record: SenmlRecord, base: Base, name: string, at: number): SenmlProblem | undefined {
  if (base.version > VERSION) return { code: "senml.newer", found: base.version, known: VERSION };
  const unknown = Object.keys(record).find((field) => field.endsWith("_"));
  if (unknown !== undefined) return { code: "senml.mustUnderstand", at, field: unknown };
  if (!NAME.test(name)) return { code: "senml.badName", at, name };
  const values = [record.v, record.vs, record.vb, record.vd].filter((value) => value !== undefined).length;
  if (values > 1) return { code: "senml.twoValues", at };
  if (values === 0 && [record.s, base.value, base.sum].every((told) => told === undefined))
    return { code: "senml.noValue", at };
  return undefined;
}

/** Of a value and its base, the one that is not told is nought: section 4.2. */
const joined = (base: number | undefined, own: number | undefined): number | undefined =>
  base === undefined && own === undefined ? undefined : (base ?? 0) + (own ?? 0);

/** A record by itself: base and own joined, its time made absolute. Section 4.6. */
function resolvedBy(record: SenmlRecord, base: Base, name: string): Timed {
  const { u, v, s, t = 0, vs, vb, vd } = record;
  const isOther = [vs, vb, vd].some((told) => told !== undefined);
  return {
    name,
    unit: u ?? base.unit,
    time: base.timeS + t,
    value: joined(isOther ? undefined : base.value, v),
    sum: joined(isOther ? undefined : base.sum, s),
  };
}

/** A record whose time is as it was told. */
type Timed = Omit<Resolved, "atMs"> & { time: number };

const isRelative = (time: number): boolean => time < RELATIVE_BELOW_S;

/** The unit in which the latest of the times is one that can be: seconds, where it is none in any. */
function unitOf(all: readonly Timed[]): TimeUnit {
  const latest = all.reduce((most, { time }) => (isRelative(time) ? most : Math.max(most, time)), 0);
  return TIME_UNITS.find((unit) => isInstant((latest / A_SECOND[unit]) * 1000)) ?? "s";
}

const timed =
  (unit: TimeUnit, nowMs: number) =>
  ({ time, ...record }: Timed): Resolved => ({
    ...record,
    atMs: Math.round(isRelative(time) ? nowMs + time * 1000 : (time / A_SECOND[unit]) * 1000),
  });

const PackSchema = z.array(z.unknown());

/**
 * Resolves a SenML pack (RFC 8428, section 4.6): every record by itself, with its whole name and an absolute time.
 *
 * @param raw the pack, as parsed from JSON
 * @param nowMs what times that are counted from now are counted from, milliseconds since 1970 UTC
 * @param asked what times are told in; left out, it is guessed by what the latest of them can be
 * @returns the records in the order they were told, or what is wrong with the first bad one; never throws
 * @example resolveSenml([{ n: "urn:dev:ow:10e2", u: "Cel", v: 23.1 }], nowMs)
 */
export function resolveSenml(raw: unknown, nowMs: number, asked?: TimeUnit): SenmlRead {
  const pack = PackSchema.safeParse(raw);
  if (!pack.success) return { ok: false, problem: { code: "senml.notJson" } };
  const records: Timed[] = [];
  let base = NO_BASE;
  for (const [index, one] of pack.data.entries()) {
    const at = index + 1;
    const read = RecordSchema.safeParse(one);
    if (!read.success) {
      const field = String(read.error.issues[0]?.path[0] ?? "record");
      return { ok: false, problem: { code: "senml.badField", at, field } };
    }
    base = baseAfter(base, read.data);
    const name = `${base.name}${read.data.n ?? ""}`;
    const problem = wrongWith(read.data, base, name, at);
    if (problem) return { ok: false, problem };
    records.push(resolvedBy(read.data, base, name));
  }
  const timeUnit = asked ?? unitOf(records);
  return { ok: true, records: records.map(timed(timeUnit, nowMs)), timeUnit };
}

/** Reads SenML from text: one JSON pack. */
export function readSenml(text: string, nowMs: number, asked?: TimeUnit): SenmlRead {
  try {
    return resolveSenml(JSON.parse(text), nowMs, asked);
  } catch {
    return { ok: false, problem: { code: "senml.notJson" } };
  }
}
