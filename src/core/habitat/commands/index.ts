/** Every edit of a design, as data that can be sent, stored, offered by a finding and applied. */
import * as z from "zod";
import { withOwn, type Library } from "../../library";
import { problemsIn } from "../checkHabitat";
import { EditRefused, problemOf, type Problem } from "../problem";
import type { Design } from "../schema";
import { answerEdits } from "./answers";
import { briefEdits } from "./brief";
import { buildEdits } from "./build";
import { careEdits } from "./care";
import { gearEdits } from "./gear";
import { livingEdits } from "./living";
import { mixEdits } from "./mix";
import { ownEdits } from "./own";
import { pieceEdits } from "./pieces";
import { shelfEdits } from "./shelf";
import { shellEdits } from "./shell";
import { strataEdits } from "./strata";
import { zoneEdits } from "./zones";

const edits = {
  ...briefEdits,
  ...ownEdits,
  ...shellEdits,
  ...strataEdits,
  ...zoneEdits,
  ...pieceEdits,
  ...mixEdits,
  ...livingEdits,
  ...gearEdits,
  ...buildEdits,
  ...careEdits,
  ...answerEdits,
  ...shelfEdits,
};
type Edits = typeof edits;
export type CommandName = keyof Edits;

/** What each edit takes. */
export const COMMAND_ARGS = Object.fromEntries(
  Object.entries(edits).map(([name, { args }]) => [name, args]),
) as unknown as Readonly<Record<CommandName, z.ZodType>>;

/** One edit with its arguments. */
export type Command = { [K in CommandName]: { name: K; args: z.input<Edits[K]["args"]> } }[CommandName];

/** An edited design, or why the edit was refused: then nothing of it was done. */
export type Attempt = { ok: true; design: Design } | { ok: false; problem: Problem };

/** @throws ZodError for an argument that is not sane; EditRefused when it points at nothing */
function applied(design: Design, command: Command, library: Library): Design {
  const { args, apply } = edits[command.name] as unknown as {
    args: z.ZodType;
    apply: (habitat: Design, args: unknown, library: Library) => Design;
  };
  return apply(design, args.parse(command.args), library);
}

const refusalOf = (error: unknown): Problem | undefined => {
  if (error instanceof EditRefused) return error.problem;
  if (error instanceof z.ZodError) return problemOf(error);
  // An entry that is nowhere: the library says which.
  if (error instanceof RangeError) return { path: error.message.split(":")[0] ?? "", code: "unknown" };
  return undefined;
};

/** What is wrong now and was not before. */
function newProblem(before: Design, after: Design, library: Library): Problem | undefined {
  const known = new Set(problemsIn(before, withOwn(library, before.own)).map(({ path, code }) => `${path} ${code}`));
  const found = problemsIn(after, withOwn(library, after.own));
  return found.find(({ path, code }) => !known.has(`${path} ${code}`));
}

/**
 * Tries a list of edits in order, as one. What a person's hand can bring about comes back as a value, not as an
 * exception.
 *
 * @param library where what the edits name is looked up; what the design carries goes before it
 * @example attempt(design, [{ name: "setDepth", args: { layerId: "soil-1", depthCm: 900 } }], library) // { ok: false, problem: … }
 */
export function attempt(design: Design, commands: readonly Command[], library: Library): Attempt {
  try {
    const next = commands.reduce((made, command) => applied(made, command, withOwn(library, made.own)), design);
    const problem = newProblem(design, next, library);
    return problem ? { ok: false, problem } : { ok: true, design: next };
  } catch (error) {
    const problem = refusalOf(error);
    if (!problem) throw error;
    return { ok: false, problem };
  }
}

/**
 * Applies a list of edits that must succeed, in order.
 *
 * @throws EditRefused with its problem
 * @example applyAll(design, [{ name: "setCount", args: { count: 2 } }], library)
 */
export function applyAll(design: Design, commands: readonly Command[], library: Library): Design {
  const tried = attempt(design, commands, library);
  if (!tried.ok) throw new EditRefused(tried.problem);
  return tried.design;
}

/**
 * Applies one edit.
 *
 * @throws EditRefused with its problem
 * @example applyCommand(design, { name: "setCount", args: { count: 2 } }, library)
 */
export const applyCommand = (design: Design, command: Command, library: Library): Design =>
  applyAll(design, [command], library);
