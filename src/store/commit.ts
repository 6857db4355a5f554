import { storedDesign } from "@/core/files";
import { attempt, problemsIn, type Design, type Patches } from "@/core/habitat";
import { STOCK, withOwn } from "@/core/library";
import { blocksOfSamples } from "@/core/log";
import { tell } from "./channel";
import { db, type DesignRow } from "./db";
import { openRow, rememberRead, type OnDevice } from "./designs";
import { logGrew, logRevOf, logTables, putEvents, putSamples, rollAnew } from "./log";
import { eventsIn, NOTHING_PENDING, type Pending, type Step } from "./pending";

/** What became of a commit: the new revision, or what another tab wrote meanwhile. */
export type Committed =
  | { kind: "written"; rev: number; logRev: number; updatedAt: string; design: Design }
  | { kind: "conflict"; now: Extract<OnDevice, { ok: true }> }
  /** The steps cannot be taken from what is stored. */
  | { kind: "refused" }
  | { kind: "gone" };

/** What is written beside the steps: the design they led to, where it was worked out already, and what goes into the log. */
export type Beside = Partial<Pick<Pending, "acts" | "samples">> & { worked?: Design };

/** A design after patches. It is read once there are some to take: who only looks at designs never brings it in. */
type Patching = (design: Design, patches: Patches) => Design;
const patchingFor = async (steps: readonly Step[]): Promise<Patching | undefined> =>
  steps.some((step) => "patches" in step) ? (await import("@/core/habitat/patches")).patched : undefined;

export const isSound = (design: Design): boolean => problemsIn(design, withOwn(STOCK, design.own)).length === 0;

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
    return next && isSound(next) ? next : undefined;
  } catch {
    return undefined;
  }
}

/** Takes steps in order. @returns undefined when one of them cannot be taken */
export const takenAll = (design: Design, steps: readonly Step[], patching: Patching | undefined): Design | undefined =>
  steps.reduce<Design | undefined>((made, step) => made && taken(made, step, patching), design);

/** Writes a design as the next revision of its row. */
async function writeDesign(row: DesignRow, before: Design, design: Design): Promise<DesignRow> {
  const next = { ...row, rev: row.rev + 1, updatedAt: new Date().toISOString(), document: storedDesign(design) };
  await db().designs.put(next);
  if (before.timeZone !== design.timeZone) await rollAnew(row.id, design.timeZone);
  rememberRead(row.id, next.rev, design);
  return next;
}

/**
 * Writes what was done to a habitat in one transaction, design and log together: nothing of it is written unless the
 * design is still the one the steps began from. With no steps the log alone is written, onto any design.
 *
 * @param baseRev the revision the steps were taken from
 * @throws EditRefused for what a file could not hold; what the database throws where it cannot be written
 */
export async function commit(
  id: string,
  baseRev: number,
  steps: readonly Step[],
  { worked, acts = [], samples = [] }: Beside = {},
): Promise<Committed> {
  const patching = worked ? undefined : await patchingFor(steps);
  const events = eventsIn({ ...NOTHING_PENDING, acts });
  const committed = await db().transaction("rw", logTables(), async (): Promise<Committed> => {
    const row = await db().designs.get(id);
    const now = row && openRow(row);
    if (!row || !now?.ok) return { kind: "gone" };
    if (steps.length > 0 && row.rev !== baseRev) return { kind: "conflict", now };
    const design = steps.length === 0 ? now.design : (worked ?? takenAll(now.design, steps, patching));
    if (!design) return { kind: "refused" };
    const { rev, updatedAt } = steps.length === 0 ? row : await writeDesign(row, now.design, design);
    await putEvents(id, events);
    await putSamples(id, blocksOfSamples(samples), design.timeZone);
    const logRev = events.length + samples.length > 0 ? await logGrew(id) : await logRevOf(id);
    return { kind: "written", rev, logRev, updatedAt, design };
  });
  if (committed.kind === "written") tell({ habitatId: id, rev: committed.rev, logRev: committed.logRev });
  return committed;
}
