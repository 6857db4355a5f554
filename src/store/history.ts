import {
  attempt,
  changesOf,
  patched,
  touchSame,
  type Change,
  type Command,
  type Design,
  type Patches,
  type Problem,
} from "@/core/habitat";
import { STOCK } from "@/core/library";

/**
 * A design with its undo and redo stacks of steps. A step is told by what it changes, not by a copy of all there is.
 */
export type History = {
  past: readonly Change[];
  present: Design;
  future: readonly Change[];
  /** The drag or the held key that is going on, and the design it began from. */
  gesture: { name: string; from: Design } | undefined;
};

const MOST_STEPS = 200;

export const beginHistory = (present: Design): History => ({ past: [], present, future: [], gesture: undefined });

export type Edited = { ok: true; history: History } | { ok: false; problem: Problem };

/**
 * Applies commands as one step of undo. Commands of the same gesture (one drag, one hold of a key) share a step. What
 * the edits name must be in stock or carried by the design, so that the document stands alone.
 *
 * @returns why not, when they are refused; the history then stands as it was
 */
export function edited(history: History, commands: readonly Command[], gesture?: string): Edited {
  const tried = attempt(history.present, commands, STOCK);
  if (!tried.ok) return tried;
  const goesOn = gesture !== undefined && gesture === history.gesture?.name;
  const from = goesOn && history.gesture ? history.gesture.from : history.present;
  const before = goesOn ? history.past.slice(0, -1) : history.past;
  return {
    ok: true,
    history: {
      past: [...before, changesOf(from, tried.design)].slice(-MOST_STEPS),
      present: tried.design,
      future: [],
      gesture: gesture === undefined ? undefined : { name: gesture, from },
    },
  };
}

export function undone({ past, present, future }: History): History | undefined {
  const last = past.at(-1);
  if (!last) return undefined;
  return {
    past: past.slice(0, -1),
    present: patched(present, last.inverse),
    future: [last, ...future],
    gesture: undefined,
  };
}

export function redone({ past, present, future }: History): History | undefined {
  const [next, ...rest] = future;
  if (!next) return undefined;
  return { past: [...past, next], present: patched(present, next.patches), future: rest, gesture: undefined };
}

/**
 * A history once another tab wrote: steps that touch none of the fields written there can still be taken back; with the
 * first that does, it and all before it are let go.
 *
 * @param present the design with their work in it
 * @param theirs what they changed
 */
export function followed({ past, future }: History, present: Design, theirs: Patches): History {
  const isFree = ({ patches }: Change): boolean => !touchSame(patches, theirs);
  const firstBound = future.findIndex((change) => !isFree(change));
  return {
    past: past.slice(past.findLastIndex((change) => !isFree(change)) + 1),
    present,
    future: firstBound < 0 ? future : future.slice(0, firstBound),
    gesture: undefined,
  };
}
