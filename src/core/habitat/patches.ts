import { apply, create, type Patches as MutativePatches } from "mutative";
import type { Design } from "./schema";

/** What to change where, in order. */
export type Patches = MutativePatches<true>;
/** A step from one design to another, and the way back. */
export type Change = { patches: Patches; inverse: Patches };

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Makes a draft of one value the same as another, touching only what differs. Edits share what they leave alone, so
 * most of a design is told equal by identity, without a look inside.
 */
function follow(draft: Record<string | number, unknown>, before: object, after: object): void {
  const [from, to] = [before as Record<string, unknown>, after as Record<string, unknown>];
  for (const key of Object.keys(from)) if (!(key in to)) delete draft[key];
  for (const key of Object.keys(to)) {
    const [was, is] = [from[key], to[key]];
    if (was === is) continue;
    const sameList = Array.isArray(was) && Array.isArray(is) && was.length === is.length;
    if (sameList || (isPlain(was) && isPlain(is))) follow(draft[key] as Record<string, unknown>, was, is);
    else draft[key] = is;
  }
}

/** The step from one design to the next. @example patched(after, changesOf(before, after).inverse) // equals before */
export function changesOf(before: Design, after: Design): Change {
  const [, patches, inverse] = create(
    before,
    (draft) => follow(draft as unknown as Record<string, unknown>, before, after),
    { enablePatches: true },
  );
  return { patches, inverse };
}

/** A design after a step. @throws Error when the step was taken from a design of another form */
export const patched = (design: Design, patches: Patches): Design => apply(design, patches);
