import { AnyShelfSchema, OWN_FORMAT, OWN_VERSION, type OwnShelf } from "../own";
import type { FileProblem } from "./habitatFile";
import { explain } from "./problem";

export type OwnRead = { ok: true; shelf: OwnShelf } | { ok: false; problem: FileProblem };

/** Prints all entries of one's own as a file. @example printOwn(EMPTY_SHELF).startsWith("{") // true */
export const printOwn = (shelf: OwnShelf): string => `${JSON.stringify(shelf, null, 2)}\n`;

/** Reads a file of own entries. @returns the shelf, or why it is refused and which field is to blame; never throws */
export function parseOwn(text: string): OwnRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, problem: { code: "file.notJson" } };
  }
  const { format, formatVersion } = (typeof raw === "object" && raw !== null ? raw : {}) as {
    format?: unknown;
    formatVersion?: unknown;
  };
  if (format !== OWN_FORMAT) return { ok: false, problem: { code: "file.notOurs" } };
  if (typeof formatVersion === "number" && formatVersion > OWN_VERSION)
    return { ok: false, problem: { code: "file.newer", found: formatVersion, known: OWN_VERSION } };
  const read = AnyShelfSchema.safeParse(raw, { reportInput: true });
  return read.success ? { ok: true, shelf: read.data } : { ok: false, problem: explain(read.error) };
}
