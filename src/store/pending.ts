import type { Command, Patches } from "@/core/habitat";
import type { LogEvent, SeriesSample } from "@/core/log";

/**
 * One step of work on a design: edits, or the way there or back as undo and redo know it. Edits of one gesture (one
 * drag, one hold of a key) are one step.
 */
export type Step = { commands: readonly Command[]; gesture?: string | undefined } | { patches: Patches };

/** Events written at one go, and whether an edit of the design belongs to them: then both are kept, or neither. */
export type ActPending = { events: readonly LogEvent[]; hasEdit: boolean };

/** What was done and is not kept yet. */
export type Pending = {
  steps: readonly Step[];
  acts: readonly ActPending[];
  samples: readonly SeriesSample[];
};

export const NOTHING_PENDING: Pending = { steps: [], acts: [], samples: [] };

export const isNothing = ({ steps, acts, samples }: Pending): boolean =>
  steps.length + acts.length + samples.length === 0;

/** What was pending before with what came after. */
export const after = (before: Pending, more: Partial<Pending>): Pending => ({
  steps: [...before.steps, ...(more.steps ?? [])],
  acts: [...before.acts, ...(more.acts ?? [])],
  samples: [...before.samples, ...(more.samples ?? [])],
});

export const eventsIn = ({ acts }: Pick<Pending, "acts">): LogEvent[] => acts.flatMap(({ events }) => events);

/** What an edit is about: its name, the fields it tells, and the things it names. A later one of the same stands for it. */
function subject({ name, args }: Command): string {
  const told = Object.entries(args as Record<string, unknown>).map(([field, value]) =>
    typeof value === "string" ? `${field}=${value}` : field,
  );
  return [name, ...told.toSorted()].join(" ");
}

/**
 * The edits of a gesture as one: of several about the same, each of which says how it shall be, the last stands.
 *
 * @example mergedCommands([deepen(6)], [deepen(7)]) // [deepen(7)]
 */
export function mergedCommands(before: readonly Command[], later: readonly Command[]): Command[] {
  const subjects = new Set(later.map(subject));
  return [...before.filter((command) => !subjects.has(subject(command))), ...later];
}

/** Steps with one more; one of a gesture that goes on takes the place of what there is of it. */
export function withStep(steps: readonly Step[], step: Step): Step[] {
  const last = steps.at(-1);
  if (!last || !("commands" in last) || !("commands" in step)) return [...steps, step];
  if (step.gesture === undefined || last.gesture !== step.gesture) return [...steps, step];
  return [...steps.slice(0, -1), { ...step, commands: mergedCommands(last.commands, step.commands) }];
}
