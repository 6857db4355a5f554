/** The ways there are to mend each kind of finding, not yet tried out. */
import type { Assessed, Finding } from "../../findings";
import type { MendPart } from "../part";
import type { Draft, Menders } from "../mender";
import type { MendableCode } from "../quantities";
import { boxMenders } from "./box";
import { coolingMenders } from "./cooling";
import { crewMenders } from "./crew";
import { dampMenders } from "./damp";
import { gearMenders } from "./gear";
import { groundMenders } from "./ground";
import { lampMenders } from "./lamps";
import { pieceMenders } from "./pieces";
import { plantMenders } from "./plants";
import { stackMenders } from "./stack";
import { warmingMenders } from "./warming";
import { waterMenders } from "./water";

const MENDERS: Menders = {
  ...boxMenders,
  ...stackMenders,
  ...groundMenders,
  ...waterMenders,
  ...pieceMenders,
  ...plantMenders,
  ...crewMenders,
  ...gearMenders,
  ...coolingMenders,
  ...dampMenders,
  ...warmingMenders,
  ...lampMenders,
};

/** A draft that says of itself what it does. */
export type AnyDraft = Pick<Draft<object>, "commands" | "events" | "givesUp" | "alone"> & { part: MendPart };

const isMendable = (finding: Finding): finding is Extract<Finding, { code: MendableCode }> => finding.code in MENDERS;

/** What could mend a finding: the gentlest ways first, those that give something up last. */
export function draftsOf(finding: Finding, assessed: Assessed): AnyDraft[] {
  if (!isMendable(finding)) return [];
  const menders = MENDERS as Record<MendableCode, (finding: Finding, assessed: Assessed) => readonly Draft<object>[]>;
  const drafts = menders[finding.code](finding, assessed).map(({ quantities, ...draft }): AnyDraft => ({
    ...draft,
    part: { code: finding.code, quantities } as MendPart,
  }));
  return [...drafts.filter(({ givesUp }) => !givesUp), ...drafts.filter(({ givesUp }) => givesUp)];
}
