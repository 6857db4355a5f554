import { applyAll, type Command, type Habitat } from "@/core/habitat";

/** A habitat with its undo and redo stacks of documents. */
export type History = {
  past: readonly Habitat[];
  present: Habitat;
  future: readonly Habitat[];
  gesture: string | undefined;
};

const MOST_STEPS = 200;

export const beginHistory = (present: Habitat): History => ({ past: [], present, future: [], gesture: undefined });

/**
 * Applies commands as one step of undo. Commands of the same gesture (one drag, one hold of a key) share a step.
 *
 * @throws ZodError or RangeError as the commands do; the history is then unchanged
 */
export function edited(history: History, commands: readonly Command[], gesture?: string): History {
  const present = applyAll(history.present, commands);
  const sameGesture = gesture !== undefined && gesture === history.gesture;
  return {
    past: sameGesture ? history.past : [...history.past, history.present].slice(-MOST_STEPS),
    present,
    future: [],
    gesture,
  };
}

export function undone({ past, present, future }: History): History | undefined {
  const before = past.at(-1);
  return before && { past: past.slice(0, -1), present: before, future: [present, ...future], gesture: undefined };
}

export function redone({ past, present, future }: History): History | undefined {
  const [next, ...rest] = future;
  return next && { past: [...past, present], present: next, future: rest, gesture: undefined };
}
