import type * as z from "zod";

/** What can be wrong with a design, or with an edit of it. */
export type ProblemCode =
  | "unknown"
  | "twice"
  | "outOfRange"
  | "invalid"
  | "crossesItself"
  | "passesBox"
  | "passesWall"
  | "overlapsZone"
  | "fillsHalf"
  | "takesNoFinish"
  | "holdsNothing"
  | "holdsItself"
  | "feedsItself"
  | "bought"
  | "takesNoFilling"
  | "topWiderThanFoot"
  | "domeTooHigh";

/**
 * Something wrong, with the path of the field that is to blame: `strata.layers.2.depthCm`, or an argument of an edit.
 */
export type Problem = {
  path: string;
  code: ProblemCode;
  /** What was pointed at, where that is the trouble. */
  id?: string;
  /** The least and the most the field takes, in its base unit. */
  least?: number;
  most?: number;
};

/** An edit that was refused. It is a RangeError that carries its problem. */
export class EditRefused extends RangeError {
  constructor(readonly problem: Problem) {
    super(`${problem.path}: ${problem.code}${problem.id === undefined ? "" : ` "${problem.id}"`}`);
  }
}

const isLimit = (value: unknown): value is number => typeof value === "number" && Number.isFinite(value);

/** The first thing a schema found wrong, as a problem. */
export function problemOf(error: z.ZodError): Problem {
  const [issue] = error.issues;
  const path = issue?.path.join(".") ?? "";
  if (issue?.code === "too_big" && isLimit(issue.maximum)) return { path, code: "outOfRange", most: issue.maximum };
  if (issue?.code === "too_small" && isLimit(issue.minimum)) return { path, code: "outOfRange", least: issue.minimum };
  return { path, code: issue?.message === "out of range" ? "outOfRange" : "invalid" };
}
