/** Every edit of a habitat, as data that can be sent, stored, offered by a finding and applied. */
import type { z } from "zod";
import type { Habitat } from "../schema";
import { briefEdits } from "./brief";
import { diaryEdits } from "./diary";
import { livingEdits } from "./living";
import { mixEdits } from "./mix";
import { pieceEdits } from "./pieces";
import { shellEdits } from "./shell";
import { strataEdits } from "./strata";
import { zoneEdits } from "./zones";

const edits = {
  ...briefEdits,
  ...shellEdits,
  ...strataEdits,
  ...zoneEdits,
  ...pieceEdits,
  ...mixEdits,
  ...livingEdits,
  ...diaryEdits,
};
type Edits = typeof edits;
export type CommandName = keyof Edits;

/** One edit with its arguments. */
export type Command = { [K in CommandName]: { name: K; args: z.input<Edits[K]["args"]> } }[CommandName];

/**
 * Applies one edit and returns the new habitat; the old one is left as it was.
 *
 * @throws ZodError naming the field when an argument is not sane; RangeError when it points at nothing
 * @example applyCommand(habitat, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 6.5 } })
 */
export function applyCommand(habitat: Habitat, command: Command): Habitat {
  const { args, apply } = edits[command.name] as {
    args: z.ZodType;
    apply: (habitat: Habitat, args: unknown) => Habitat;
  };
  return apply(habitat, args.parse(command.args));
}

/** Applies a list of edits in order. @example applyAll(habitat, [{ name: "setCount", args: { count: 2 } }]) */
export const applyAll = (habitat: Habitat, commands: readonly Command[]): Habitat =>
  commands.reduce(applyCommand, habitat);
