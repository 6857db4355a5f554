import type * as z from "zod";

/** A field of a file that does not read as what belongs there. */
export type BadField = {
  code: "file.badField";
  path: string;
  why: "markup" | "missing" | "outOfRange" | "tooMany" | "unknownField" | "invalid";
};

/** What schemas of ours say of themselves. */
const SAID: Readonly<Partial<Record<string, BadField["why"]>>> = { markup: "markup", "out of range": "outOfRange" };

const isMissing = (issue: z.core.$ZodIssue): boolean => issue.code === "invalid_type" && issue.input === undefined;
const isTooMany = (issue: z.core.$ZodIssue): boolean => issue.code === "too_big" && issue.origin === "array";

/** Why a value is not what belongs there. */
function whyOf(issue: z.core.$ZodIssue | undefined): BadField["why"] {
  if (issue === undefined) return "invalid";
  if (issue.code === "unrecognized_keys") return "unknownField";
  if (isMissing(issue)) return "missing";
  if (isTooMany(issue)) return "tooMany";
  if (issue.code === "too_big" || issue.code === "too_small") return "outOfRange";
  return SAID[issue.message] ?? "invalid";
}

/**
 * The first thing a schema found wrong, with the path of the field.
 *
 * @param under the path of what was read, where it is a part of a file
 */
export function explain(error: z.ZodError, under?: string): BadField {
  const [issue] = error.issues;
  const keys = issue?.code === "unrecognized_keys" ? issue.keys.slice(0, 1) : [];
  const path = [...(under === undefined ? [] : [under]), ...(issue?.path ?? []), ...keys].join(".");
  return { code: "file.badField", path, why: whyOf(issue) };
}
