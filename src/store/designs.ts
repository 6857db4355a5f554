import { readDesignIn, storedDesign, type DesignRead, type FileProblem } from "@/core/files";
import { attempt, checkHabitat, type Command, type Design, type Patches } from "@/core/habitat";
import { readNamedIn, STOCK, withOwn } from "@/core/library";
import { tell } from "./channel";
import { db, type DesignRow } from "./db";

/** A design as it opens, or why it does not, with the raw document so that nothing is lost. */
export type OnDevice =
  | { ok: true; id: string; design: Design; rev: number; logRev: number; updatedAt: string }
  | { ok: false; id: string; updatedAt: string; problem: FileProblem; raw: unknown };

/**
 * Designs read before: while its revision stands, a design is the same object, and so is all that was worked out from
 * it.
 */
const readBefore = new Map<string, { rev: number; read: DesignRead }>();

function openRow({ id, rev, logRev, updatedAt, document }: DesignRow): OnDevice {
  const before = readBefore.get(id);
  const read = before?.rev === rev ? before.read : readDesignIn(document);
  readBefore.set(id, { rev, read });
  if (!read.ok) return { ok: false, id, updatedAt, problem: read.problem, raw: document };
  return { ok: true, id, design: read.design, rev, logRev, updatedAt };
}

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

/** One step of work on a design: edits, or the way there or back as undo and redo know it. */
export type Step = { commands: readonly Command[] } | { patches: Patches };

/** What became of a commit: the new revision, or what another tab wrote meanwhile. */
export type Committed =
  | { kind: "written"; rev: number; updatedAt: string; design: Design }
  | { kind: "conflict"; now: Extract<OnDevice, { ok: true }> }
  /** The steps cannot be taken from what is stored. */
  | { kind: "refused" }
  | { kind: "gone" };

/** A design after patches. It is read once there are some to take: who only looks at designs never brings it in. */
type Patching = (design: Design, patches: Patches) => Design;
const patchingFor = async (steps: readonly Step[]): Promise<Patching | undefined> =>
  steps.some((step) => "patches" in step) ? (await import("@/core/habitat/patches")).patched : undefined;

/**
 * Takes one step, if it leads to a sound design.
 *
 * @returns undefined where it does not
 */
function taken(design: Design, step: Step, patching: Patching | undefined): Design | undefined {
  if ("commands" in step) {
    const tried = attempt(design, step.commands, STOCK);
    return tried.ok ? tried.design : undefined;
  }
  try {
    const next = patching?.(design, step.patches);
    return next && checkHabitat(next, withOwn(STOCK, next.own)).length === 0 ? next : undefined;
  } catch {
    return undefined;
  }
}

/** Takes steps in order. @returns undefined when one of them cannot be taken */
export const takenAll = (design: Design, steps: readonly Step[], patching: Patching | undefined): Design | undefined =>
  steps.reduce<Design | undefined>((made, step) => made && taken(made, step, patching), design);

/**
 * Writes steps onto a stored design, in one transaction: nothing is written unless the design is still the one they
 * began from.
 *
 * @param baseRev the revision the steps were taken from
 */
export async function commit(id: string, baseRev: number, steps: readonly Step[]): Promise<Committed> {
  const { designs } = db();
  const patching = await patchingFor(steps);
  const committed = await db().transaction("rw", designs, async (): Promise<Committed> => {
    const row = await designs.get(id);
    const now = row && openRow(row);
    if (!row || !now?.ok) return { kind: "gone" };
    if (row.rev !== baseRev) return { kind: "conflict", now };
    const design = takenAll(now.design, steps, patching);
    if (!design) return { kind: "refused" };
    const [rev, updatedAt] = [row.rev + 1, new Date().toISOString()];
    await designs.put({ ...row, rev, updatedAt, document: storedDesign(design) });
    readBefore.set(id, { rev, read: { ok: true, design } });
    return { kind: "written", rev, updatedAt, design };
  });
  if (committed.kind === "written") {
    const row = await designs.get(id);
    tell({ habitatId: id, rev: committed.rev, logRev: row?.logRev ?? 0 });
  }
  return committed;
}

/** Puts a design in the place of whatever stands under its id, as a new revision. */
export async function putDesign(design: Design): Promise<number> {
  const { designs } = db();
  const { id } = design;
  return db().transaction("rw", designs, async () => {
    const before = await designs.get(id);
    const rev = (before?.rev ?? 0) + 1;
    const updatedAt = new Date().toISOString();
    await designs.put({ id, rev, logRev: before?.logRev ?? 1, updatedAt, document: storedDesign(design) });
    readBefore.set(id, { rev, read: { ok: true, design } });
    return rev;
  });
}
