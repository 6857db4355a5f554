import { DesignSchema, type Design } from "./schema";
import { problemOf, type Problem } from "./problem";

type Part = keyof Design;
const PARTS = Object.keys(DesignSchema.shape) as Part[];

/** What was found of parts before: edits share what they leave alone, so most of a design is told by identity. */
const foundBefore = new Map<Part, WeakMap<object, readonly Problem[]>>(PARTS.map((part) => [part, new WeakMap()]));

function look(part: Part, value: unknown): readonly Problem[] {
  const read = DesignSchema.shape[part].safeParse(value);
  if (read.success) return [];
  const { path, ...problem } = problemOf(read.error);
  return [{ ...problem, path: path === "" ? part : `${part}.${path}` }];
}

function problemsIn(part: Part, value: unknown): readonly Problem[] {
  if (typeof value !== "object" || value === null) return look(part, value);
  const before = foundBefore.get(part);
  const found = before?.get(value) ?? look(part, value);
  before?.set(value, found);
  return found;
}

/**
 * What the schema that files are read with finds wrong with a design, the first thing of each part. Each part is looked
 * at again only when it changed.
 *
 * @example checkShape({ ...design, name: "" })[0] // { path: "name", code: "outOfRange", least: 1 }
 */
export const checkShape = (design: Design): Problem[] => PARTS.flatMap((part) => problemsIn(part, design[part]));
