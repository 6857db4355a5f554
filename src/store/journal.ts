import equal from "fast-deep-equal/es6";
import { FORMAT, FORMAT_VERSION, readDesignIn, type FileProblem } from "@/core/files";
import type { Design } from "@/core/habitat";
import { readNamedIn } from "@/core/library";
import { setAside } from "./aside";
import { getDesign, putDesign } from "./designs";

/**
 * The database writes asynchronously, and a page that is being closed may not live to see it done.
 * What is still unwritten then goes here, synchronously, with the revision it was made from, and is looked at when the
 * habitat opens again.
 */
const keyOf = (id: string): string => `rincon.unsaved.${id}`;

type Unsaved = { formatVersion: number; baseRev: number; at: string; design: unknown };

export function keepUnsaved(design: Design, baseRev: number): void {
  const unsaved: Unsaved = { formatVersion: FORMAT_VERSION, baseRev, at: new Date().toISOString(), design };
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

type Read = { ok: true; unsaved: Unsaved; design: Design } | { ok: false; why: "newer" | "damaged"; raw: unknown };

const isUnsaved = (raw: unknown): raw is Unsaved =>
  typeof raw === "object" && raw !== null && "baseRev" in raw && "design" in raw && "formatVersion" in raw;

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
  return read.ok ? { ok: true, unsaved: raw, design: read.design } : { ok: false, why: whyOf(read.problem), raw };
}

const whyOf = ({ code }: FileProblem): "newer" | "damaged" => (code === "file.newer" ? "newer" : "damaged");

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
  else if (stored?.ok && stored.rev === read.unsaved.baseRev) await putDesign(read.design);
  else if (!stored?.ok || !equal(stored.design, read.design))
    await setAside({ habitatId: id, name: read.design.name, why: "older", raw: read.unsaved });
  forgetUnsaved(id);
}
