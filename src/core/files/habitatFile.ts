import { FORMAT, HabitatSchema, NewerVersionError, inconsistencies, migrate, type Habitat } from "../habitat";
import { explain, type BadField } from "./problem";

/** Why a file was refused. `path` names the field inside it. */
export type FileProblem =
  | { code: "file.tooLarge"; mostMb: number }
  | { code: "file.notJson" }
  | { code: "file.notOurs" }
  | { code: "file.newer"; found: number; known: number }
  | BadField
  | { code: "file.unknownEntry"; path: string; id: string }
  | { code: "file.usedTwice"; path: string; id: string };

export type FileRead = { ok: true; habitat: Habitat } | { ok: false; problem: FileProblem };

const MOST_MB = 20;

/** The name a habitat's file gets. @example fileName({ name: "Fern wall/2" }) // "fern-wall-2.rincon.json" */
export function fileName({ name }: Pick<Habitat, "name">): string {
  const slug = name
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");
  return `${slug === "" ? "habitat" : slug}.rincon.json`;
}

/** Prints a habitat as a file a person can read. @example printHabitat(habitat).startsWith("{") // true */
export const printHabitat = (habitat: Habitat): string => `${JSON.stringify(habitat, null, 2)}\n`;

const refuse = (problem: FileProblem): FileRead => ({ ok: false, problem });

/**
 * Reads a document that may be of any version, from a file or a database.
 *
 * @returns the habitat in today's version, or why it cannot be one; never throws on bad data
 * @example readDocument(JSON.parse(text))
 */
export function readDocument(raw: unknown): FileRead {
  if (typeof raw !== "object" || raw === null || (raw as { format?: unknown }).format !== FORMAT)
    return refuse({ code: "file.notOurs" });
  let today: unknown;
  try {
    today = migrate(raw as Record<string, unknown>);
  } catch (error) {
    if (error instanceof NewerVersionError)
      return refuse({ code: "file.newer", found: error.found, known: error.known });
    return refuse({ code: "file.badField", path: "formatVersion", why: "invalid" });
  }
  const parsed = HabitatSchema.safeParse(today, { reportInput: true });
  if (!parsed.success) return refuse(explain(parsed.error));
  const [first] = inconsistencies(parsed.data);
  if (first)
    return refuse({
      code: first.problem === "unknown" ? "file.unknownEntry" : "file.usedTwice",
      path: first.path,
      id: first.id,
    });
  return { ok: true, habitat: parsed.data };
}

/**
 * Reads a habitat file. What was printed by {@link printHabitat} comes back identical.
 *
 * @param text the whole file
 * @returns the habitat, or why the file is refused and which field is to blame; never throws
 */
export function parseHabitat(text: string): FileRead {
  if (text.length > MOST_MB * 1_000_000) return refuse({ code: "file.tooLarge", mostMb: MOST_MB });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refuse({ code: "file.notJson" });
  }
  return readDocument(raw);
}
