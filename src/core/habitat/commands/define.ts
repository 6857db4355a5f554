import type { z } from "zod";
import type { Habitat } from "../schema";

/** An edit: a schema for its arguments and a pure function of the habitat. */
export type Edit<S extends z.ZodType> = { args: S; apply: (habitat: Habitat, args: z.output<S>) => Habitat };

/** Ties an edit's arguments to its schema, so that the function sees them typed. */
export const edit = <S extends z.ZodType>(args: S, apply: Edit<S>["apply"]): Edit<S> => ({ args, apply });

/**
 * Finds the one item an edit is about.
 *
 * @throws RangeError naming the field and the id
 */
export function mustFind<T>(items: readonly T[], is: (item: T) => boolean, field: string, id: string): T {
  const found = items.find(is);
  if (found === undefined) throw new RangeError(`${field}: there is no "${id}" in this habitat`);
  return found;
}
