/** What mends a finding, worked out when it is asked for. */
import { attempt, type Command, type CommandName } from "../../habitat";
import { isLaid, type Phase } from "../../log";
import type { MendableCode } from "../quantities";
import type { Assessed, Finding, How, Mend } from "../types";
import { boxMenders } from "./box";
import { groundMenders } from "./ground";
import { livingMenders } from "./living";
import type { Draft, Menders } from "./mender";
import { pieceMenders } from "./pieces";
import { waterMenders } from "./water";

const MENDERS: Menders = { ...boxMenders, ...groundMenders, ...waterMenders, ...pieceMenders, ...livingMenders };

/** Edits that in a laid box mean digging out what is there. */
const DIGS_OUT: ReadonlySet<CommandName> = new Set<CommandName>([
  "setShell",
  "addLayer",
  "removeLayers",
  "setDepth",
  "setCorners",
  "removePart",
  "setZone",
  "removeZone",
  "setTreatment",
]);

const isOnGlass = (command: Command): boolean => command.name === "setPiece" && command.args.rest?.on === "glass";

function howOf({ commands, events = [] }: Draft<object>, phase: Phase): How {
  if (commands.length === 0 && events.length > 0) return "work";
  const digs = commands.some((command) => DIGS_OUT.has(command.name) || isOnGlass(command));
  return digs && isLaid(phase) ? "rebuild" : "edit";
}

const isMendable = (finding: Finding): finding is Extract<Finding, { code: MendableCode }> => finding.code in MENDERS;

/**
 * The ways to mend a finding, the first to be tried first: none for what has no single mend, and none whose edit would
 * be refused.
 *
 * @example mendsOf(finding, assessed)[0]?.commands // to be applied as one step of undo
 */
export function mendsOf(finding: Finding, assessed: Assessed): Mend[] {
  if (!isMendable(finding)) return [];
  const { habitat, library } = assessed;
  const menders = MENDERS as Record<MendableCode, (finding: Finding, assessed: Assessed) => Draft<object>[]>;
  return menders[finding.code](finding, assessed)
    .filter(({ commands }) => attempt(habitat, commands, library).ok)
    .map((draft) => {
      const { commands, events = [], quantities } = draft;
      return { code: finding.code, how: howOf(draft, finding.phase), commands, events, quantities } as Mend;
    });
}
