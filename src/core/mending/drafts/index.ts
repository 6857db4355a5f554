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
import { mixMenders } from "./mixes";
import { lampMenders } from "./lamps";
import { pieceMenders } from "./pieces";
import { plantMenders } from "./plants";
import { roomMenders } from "./rooms";
import { stackMenders } from "./stack";
import { warmingMenders } from "./warming";
import { waterMenders } from "./water";

const MENDERS: Menders = {
  ...boxMenders,
  ...stackMenders,
  ...groundMenders,
  ...mixMenders,
  ...waterMenders,
  ...pieceMenders,
  ...plantMenders,
  ...crewMenders,
  ...gearMenders,
  ...coolingMenders,
  ...dampMenders,
  ...roomMenders,
  ...warmingMenders,
  ...lampMenders,
};

/** A draft that says of itself what it does. */
export type AnyDraft = Pick<Draft<object>, "commands" | "events" | "givesUp" | "alone"> & { part: MendPart };

const isMendable = (finding: Finding): finding is Extract<Finding, { code: MendableCode }> => finding.code in MENDERS;

type AnyMender = (finding: Finding, assessed: Assessed) => readonly Draft<object>[];

/**
 * What could mend a finding, round by round: the gentlest ways first, those that give something up last. A later round
 * is worked out only when it is asked for.
 */
export function* roundsOf(finding: Finding, assessed: Assessed): Generator<AnyDraft[]> {
  if (!isMendable(finding)) return;
  const menders = [MENDERS[finding.code]].flat() as readonly AnyMender[];
  for (const mender of menders) {
    const drafts = mender(finding, assessed).map(({ quantities, ...draft }): AnyDraft => ({
      ...draft,
      part: { code: finding.code, quantities } as MendPart,
    }));
    yield [...drafts.filter(({ givesUp }) => !givesUp), ...drafts.filter(({ givesUp }) => givesUp)];
  }
}

/** The first ways there are. */
export function draftsOf(finding: Finding, assessed: Assessed): AnyDraft[] {
  for (const drafts of roundsOf(finding, assessed)) if (drafts.length > 0) return drafts;
  return [];
}
