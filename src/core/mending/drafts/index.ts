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

const MENDERS: Omit<Menders, OnlyByRoom> = {
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
  ...warmingMenders,
  ...lampMenders,
};

/** Mended by no edit of the box. */
type OnlyByRoom = "roomTooHot";

/** A draft that says of itself what it does. */
export type AnyDraft = Pick<Draft<object>, "commands" | "events" | "givesUp" | "alone"> & { part: MendPart };

type AnyMender = (finding: Finding, assessed: Assessed) => readonly Draft<object>[];
type Registry = Partial<Record<MendableCode, AnyMender | readonly AnyMender[]>>;

/** The menders of a finding in a registry, those that are asked first before the others. */
const mendersIn = (registry: unknown, { code }: Finding): readonly AnyMender[] =>
  [(registry as Registry)[code as MendableCode] ?? []].flat();

/**
 * What could mend a finding, round by round: the gentlest ways first, those that give something up last; another room
 * where nothing in the box does. A later round is worked out only when it is asked for.
 */
export const roundsOf = (finding: Finding, assessed: Assessed): Generator<AnyDraft[]> =>
  drafted(finding, assessed, [...mendersIn(MENDERS, finding), ...mendersIn(roomMenders, finding)]);

function* drafted(finding: Finding, assessed: Assessed, menders: readonly AnyMender[]): Generator<AnyDraft[]> {
  for (const mender of menders) {
    const drafts = mender(finding, assessed).map(({ quantities, ...draft }): AnyDraft => ({
      ...draft,
      part: { code: finding.code, quantities } as MendPart,
    }));
    yield [...drafts.filter(({ givesUp }) => !givesUp), ...drafts.filter(({ givesUp }) => givesUp)];
  }
}

/** The first ways there are in the box. */
export function draftsOf(finding: Finding, assessed: Assessed): AnyDraft[] {
  for (const drafts of drafted(finding, assessed, mendersIn(MENDERS, finding))) if (drafts.length > 0) return drafts;
  return [];
}
