import { readDesignIn, storedDesign, type DesignRead, type FileProblem } from "@/core/files";
import { EditRefused, problemsIn, type Design } from "@/core/habitat";
import { readNamedIn, STOCK, withOwn } from "@/core/library";
import { db, type DesignRow } from "./db";
import { zoned } from "./zone";

/** A design as it opens, or why it does not, with the raw document so that nothing is lost. */
export type OnDevice =
  | { ok: true; id: string; design: Design; rev: number; updatedAt: string }
  | { ok: false; id: string; updatedAt: string; problem: FileProblem; raw: unknown };

/**
 * Designs read before: while its revision stands, a design is the same object, and so is all that was worked out from
 * it.
 */
const readBefore = new Map<string, { rev: number; read: DesignRead }>();

export function openRow({ id, rev, updatedAt, document }: DesignRow): OnDevice {
  const before = readBefore.get(id);
  const read = before?.rev === rev ? before.read : zonedRead(readDesignIn(document));
  readBefore.set(id, { rev, read });
  if (!read.ok) return { ok: false, id, updatedAt, problem: read.problem, raw: document };
  return { ok: true, id, design: read.design, rev, updatedAt };
}

const zonedRead = (read: DesignRead): DesignRead => (read.ok ? { ok: true, design: zoned(read.design) } : read);

/** Keeps in mind what was just written, so that it is the same object when it is read again. */
export const rememberRead = (id: string, rev: number, design: Design): void =>
  void readBefore.set(id, { rev, read: { ok: true, design } });

/** Reads the entries that stored designs name: a design can only be checked against what is there. */
const entriesOf = (rows: readonly DesignRow[]): Promise<void> =>
  Promise.resolve(readNamedIn(rows.map(({ document }) => document)));

/** Every habitat on this device, oldest first, as they were started. */
export async function listDesigns(): Promise<OnDevice[]> {
  const rows = await db().designs.toArray();
  await entriesOf(rows);
  const startedAt = (one: OnDevice) => (one.ok ? one.design.createdAt : "");
  return rows.map(openRow).sort((a, b) => startedAt(a).localeCompare(startedAt(b)));
}

/** One habitat's design. */
export async function getDesign(id: string): Promise<OnDevice | undefined> {
  const row = await db().designs.get(id);
  if (row) await entriesOf([row]);
  return row && openRow(row);
}

/**
 * Holds designs to what every file is held to, with the entries they name at hand. It reads those first, so it is asked
 * before a transaction begins.
 *
 * @throws EditRefused for the first that could never be opened again
 */
export async function mustBeSound(designs: readonly Design[]): Promise<void> {
  await readNamedIn([...designs]);
  for (const design of designs) {
    const [problem] = problemsIn(design, withOwn(STOCK, design.own));
    if (problem) throw new EditRefused(problem);
  }
}

/** Writes a sound design in the place of whatever stands under its id, as a new revision. */
export async function writeDesign(told: Design): Promise<number> {
  const design = zoned(told);
  const { designs } = db();
  const { id } = design;
  return db().transaction("rw", designs, async () => {
    const before = await designs.get(id);
    const rev = (before?.rev ?? 0) + 1;
    await designs.put({ id, rev, updatedAt: new Date().toISOString(), document: storedDesign(design) });
    rememberRead(id, rev, design);
    return rev;
  });
}

/** Puts a design in the place of whatever stands under its id. @throws EditRefused as {@link mustBeSound} */
export async function putDesign(design: Design): Promise<number> {
  await mustBeSound([design]);
  return writeDesign(design);
}
