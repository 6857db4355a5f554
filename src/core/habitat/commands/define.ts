import type * as z from "zod";
import type { Library } from "../../library";
import { EditRefused } from "../problem";
import type { Design } from "../schema";

/** An edit: a schema for its arguments and a pure function of the design. */
export type Edit<S extends z.ZodType> = {
  args: S;
  apply: (habitat: Design, args: z.output<S>, library: Library) => Design;
};

/** Ties an edit's arguments to its schema, so that the function sees them typed. */
export const edit = <S extends z.ZodType>(args: S, apply: Edit<S>["apply"]): Edit<S> => ({ args, apply });

/**
 * Finds the one item an edit is about.
 *
 * @throws EditRefused naming the field and the id
 */
export function mustFind<T>(items: readonly T[], is: (item: T) => boolean, field: string, id: string): T {
  const found = items.find(is);
  if (found === undefined) throw new EditRefused({ path: field, code: "unknown", id });
  return found;
}

/** @throws EditRefused when an id is taken already */
export function mustBeFree(items: readonly { id: string }[], id: string, field = "id"): void {
  if (items.some((item) => item.id === id)) throw new EditRefused({ path: field, code: "twice", id });
}

/**
 * Changes what has to change and keeps the list itself where nothing did, so that nothing is worked out anew for it.
 */
export function changed<T>(items: T[], change: (item: T) => T): T[] {
  const next = items.map(change);
  return next.every((item, at) => item === items[at]) ? items : next;
}
