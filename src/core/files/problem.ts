import type { z } from "zod";

/** A field of a file that does not read as what belongs there. */
export type BadField = {
  code: "file.badField";
  path: string;
  why: "markup" | "missing" | "outOfRange" | "tooMany" | "unknownField" | "invalid";
};

/** The first thing a schema found wrong, with the path of the field. */
export function explain(error: z.ZodError): BadField {
  const issue = error.issues[0];
  const keys = issue?.code === "unrecognized_keys" ? issue.keys.slice(0, 1) : [];
  const path = [...(issue?.path ?? []), ...keys].join(".");
  const why =
    keys.length > 0
      ? "unknownField"
      : issue?.message === "markup"
        ? "markup"
        : issue?.code === "invalid_type" && issue.input === undefined
          ? "missing"
          : issue?.code === "too_big" && issue.origin === "array"
            ? "tooMany"
            : issue?.code === "too_big" || issue?.code === "too_small"
              ? "outOfRange"
              : "invalid";
  return { code: "file.badField", path, why };
}
