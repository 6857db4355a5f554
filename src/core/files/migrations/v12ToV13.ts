import { FIRST_DAY, INSTANTS_MS, LAST_DAY, NameSchema } from "../../habitat";
import { plainOf, type Migration } from "./migration";

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const INSTANT = /^\d{4}-\d{2}-\d{2}T/;

/** A day nobody can have meant is the nearest that can be. */
const dayNow = (day: string): string => (day < FIRST_DAY ? FIRST_DAY : day > LAST_DAY ? LAST_DAY : day);

function instantNow(instant: string): string {
  const atMs = Date.parse(instant);
  if (Number.isNaN(atMs)) return instant;
  const { min, max } = INSTANTS_MS;
  return atMs < min ? new Date(min).toISOString() : atMs > max ? new Date(max).toISOString() : instant;
}

/** Fields that tell a day or an instant go by these names. */
const isTime = (field: string): boolean => /(^on|^at|On|At)$/.test(field);

/** A value with every day and instant in it within what a habitat can speak of. */
export function timesNow(value: unknown, field = ""): unknown {
  if (typeof value === "string")
    return isTime(field) && DAY.test(value)
      ? dayNow(value)
      : isTime(field) && INSTANT.test(value)
        ? instantNow(value)
        : value;
  if (Array.isArray(value)) return value.map((item) => timesNow(item, field));
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, item]) => [name, timesNow(item, name)]));
}

/** What a thing is called whose name showed nothing. */
const NO_NAME = "–";

/** Names that show nothing, or that hold halves of signs, were taken until then. */
const nameNow = (name: unknown): unknown => {
  if (typeof name !== "string" || NameSchema.safeParse(name).success) return name;
  const whole = name.replace(/\p{Cs}/gu, "\uFFFD");
  return NameSchema.safeParse(whole).success ? whole : name.length <= 60 && !/[<>]/.test(name) ? NO_NAME : name;
};

function namesNow(value: unknown, field = ""): unknown {
  if (field === "name" || field === "title") return nameNow(value);
  if (Array.isArray(value)) return value.map((item) => namesNow(item, field));
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, item]) => [name, namesNow(item, name)]));
}

/** Times told in milliseconds or microseconds were once read as seconds, so they lie a thousand or a million times too late. */
const TOO_LATE = [1000, 1_000_000];

/**
 * An instant within what can have been measured.
 *
 * @returns undefined for one that cannot be made out
 * @example sampleInstantNow(Date.UTC(2026, 0, 5) * 1000) // Date.UTC(2026, 0, 5)
 */
export function sampleInstantNow(atMs: unknown): number | undefined {
  if (typeof atMs !== "number") return undefined;
  const isSound = (at: number): boolean => at >= INSTANTS_MS.min && at <= INSTANTS_MS.max;
  if (isSound(atMs)) return atMs;
  const by = TOO_LATE.find((times) => isSound(Math.round(atMs / times)));
  return by === undefined ? undefined : Math.round(atMs / by);
}

/** A row of samples, each at an instant that can be. */
function rowNow(row: unknown): unknown {
  const { at, value, ...rest } = plainOf(row);
  if (!Array.isArray(at) || !Array.isArray(value) || at.length !== value.length) return row;
  const told = at.flatMap((atMs: unknown, n): [unknown, unknown][] => {
    const now = typeof atMs === "number" ? sampleInstantNow(atMs) : atMs;
    return now === undefined ? [] : [[now, value[n]]];
  });
  return { ...rest, at: told.map(([atMs]) => atMs), value: told.map(([, one]) => one) };
}

/**
 * Version 13 knows the zone of its keeper's clock, which earlier ones never told, and bounds to days and instants: what
 * lay beyond them is brought within.
 */
export const v12ToV13: Migration = (document) => {
  const design = plainOf(namesNow(timesNow(document.design)));
  const { events, samples } = document;
  return {
    ...document,
    design: { ...design, timeZone: null },
    ...(events === undefined ? {} : { events: timesNow(events) }),
    ...(samples === undefined ? {} : { samples: Array.isArray(samples) ? samples.map(rowNow) : samples }),
  };
};
