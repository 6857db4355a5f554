import equal from "fast-deep-equal/es6";
import { FORMAT, FORMAT_VERSION, readDesignIn, type FileProblem } from "@/core/files";
import type { Design } from "@/core/habitat";
import { readNamedIn } from "@/core/library";
import { isSample, partedEvents, type SeriesSample } from "@/core/log";
import { setAside } from "./aside";
import { commit } from "./commit";
import { getDesign } from "./designs";
import { eventsIn, NOTHING_PENDING, type ActPending, type Pending } from "./pending";
import { zoned } from "./zone";

/**
 * The database writes asynchronously, and a page that is being closed may not live to see it done.
 * What is still unwritten then goes here, synchronously, with the revision it was made from, and is looked at when the
 * habitat opens again.
 */
const keyOf = (id: string): string => `rincon.unsaved.${id}`;

/** It is laid out as a habitat's file, so that it can be taken in as one where it is set aside. */
type Unsaved = {
  format: string;
  formatVersion: number;
  baseRev: number;
  at: string;
  design: unknown;
  events: unknown;
  samples: unknown;
  /** Events that an edit of the design belongs to: both are kept, or neither. */
  withEdit: unknown;
  readings: unknown;
};

export function keepUnsaved(design: Design, baseRev: number, pending: Pending = NOTHING_PENDING): void {
  const unsaved: Unsaved = {
    format: FORMAT,
    formatVersion: FORMAT_VERSION,
    baseRev,
    at: new Date().toISOString(),
    design,
    events: eventsIn(pending),
    samples: [],
    withEdit: pending.acts.flatMap(({ events, hasEdit }) => (hasEdit ? events.map(({ id }) => id) : [])),
    readings: pending.samples,
  };
  try {
    localStorage.setItem(keyOf(design.id), JSON.stringify(unsaved));
  } catch {
    // A full or forbidden local storage leaves the database write as the only one.
  }
}

export function forgetUnsaved(id: string): void {
  try {
    localStorage.removeItem(keyOf(id));
  } catch {
    // Nothing kept, nothing to forget.
  }
}

const textOf = (id: string): string | null => {
  try {
    return localStorage.getItem(keyOf(id));
  } catch {
    return null;
  }
};

type Read =
  | { ok: true; unsaved: Unsaved; design: Design; pending: Pending }
  | { ok: false; why: "newer" | "damaged"; raw: unknown };

const isUnsaved = (raw: unknown): raw is Unsaved =>
  typeof raw === "object" && raw !== null && "baseRev" in raw && "design" in raw && "formatVersion" in raw;

const listOf = (told: unknown): unknown[] => (Array.isArray(told) ? told : []);

const isReading = (told: unknown): told is SeriesSample => {
  const { series, atMs, value } = (told ?? {}) as SeriesSample;
  return typeof atMs === "number" && typeof value === "number" && isSample(series, atMs, value);
};

/** What was written into the log and not kept yet; earlier versions told none. */
function pendingIn({ events, withEdit, readings }: Unsaved): Pending {
  const tied = new Set(listOf(withEdit));
  const acts = partedEvents(listOf(events)).sound.map((event): ActPending => ({
    events: [event],
    hasEdit: tied.has(event.id),
  }));
  return { steps: [], acts, samples: listOf(readings).filter(isReading) };
}

/**
 * Before version 6 the unsaved copy was the whole document and told no revision: it is not held to be newer than
 * anything.
 */
async function readUnsaved(text: string): Promise<Read> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, why: "damaged", raw: text };
  }
  const version = (raw as { formatVersion?: unknown } | null)?.formatVersion;
  if (typeof version === "number" && version > FORMAT_VERSION) return { ok: false, why: "newer", raw };
  if (!isUnsaved(raw)) return { ok: false, why: "damaged", raw };
  await readNamedIn(raw.design);
  const read = readDesignIn({ format: FORMAT, formatVersion: version, design: raw.design });
  return read.ok
    ? { ok: true, unsaved: raw, design: zoned(read.design), pending: pendingIn(raw) }
    : { ok: false, why: whyOf(read.problem), raw };
}

const whyOf = ({ code }: FileProblem): "newer" | "damaged" => (code === "file.newer" ? "newer" : "damaged");

/** Writes what is meant for the log and hangs on no edit: it is right whatever the design has become. */
const keepLog = (id: string, { acts, samples }: Pending): Promise<unknown> =>
  commit(id, 0, [], { acts: acts.filter(({ hasEdit }) => !hasEdit), samples });

/**
 * Looks at what a closing page had not written. It is written now if nothing else was since; an older one, a newer
 * program's or a damaged one is set aside and never overwrites what is stored.
 */
export async function settleUnsaved(id: string): Promise<void> {
  const text = textOf(id);
  if (text === null) return;
  const read = await readUnsaved(text);
  const stored = await getDesign(id);
  const name = stored?.ok ? stored.design.name : id;
  if (!read.ok) await setAside({ habitatId: id, name, why: read.why, raw: read.raw });
  else if (stored?.ok) await settleOnto(stored, read);
  else await setAside({ habitatId: id, name: read.design.name, why: "older", raw: read.unsaved });
  forgetUnsaved(id);
}

async function settleOnto(
  { id, rev, design }: { id: string; rev: number; design: Design },
  read: Extract<Read, { ok: true }>,
): Promise<void> {
  const { pending, unsaved } = read;
  if (equal(design, read.design)) return void (await commit(id, rev, [], pending));
  if (rev === unsaved.baseRev)
    return void (await commit(id, rev, [{ patches: [] }], { ...pending, worked: read.design }));
  await keepLog(id, pending);
  await setAside({ habitatId: id, name: read.design.name, why: "older", raw: unsaved });
}
