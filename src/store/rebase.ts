import { changesOf, patched, touchSame, type Design } from "@/core/habitat";
import { isSound, takenAll } from "./commit";
import type { Step } from "./pending";

/** A design with the work of two tabs in it, and the steps that lead to it from what the other one wrote. */
export type Rebased = { design: Design; steps: readonly Step[] };

/**
 * Takes what was done here again, from where another tab's work left the design: edit by edit, or, where they cannot be
 * taken again, as what they changed, if nothing of that was changed there too.
 *
 * @param base what both began from
 * @param mine what was made of it here, by these steps
 * @param theirs what was made of it there
 * @returns undefined where both cannot stand
 */
export function rebased(base: Design, mine: Design, steps: readonly Step[], theirs: Design): Rebased | undefined {
  const again = takenAll(theirs, steps, patched);
  if (again) return { design: again, steps };
  const change = changesOf(base, mine);
  if (touchSame(change.patches, changesOf(base, theirs).patches)) return undefined;
  const design = patched(theirs, change.patches);
  return isSound(design) ? { design, steps: [{ patches: change.patches }] } : undefined;
}
