/**
 * What mends a finding, worked out when it is asked for: each way tried out first, so that none brings other trouble;
 * several together where one alone would; and where nothing does, the choices that are left.
 */
import type { Derived } from "../derive";
import type { Finding } from "../findings";
import type { Command, CommandName } from "../habitat";
import { isLaid, type Phase, type Told } from "../log";
import { draftsOf, roundsOf, type AnyDraft } from "./drafts";
import type { MendPart } from "./part";
import { isTold, raisedBy, triedOut } from "./trial";

export type { MendPart } from "./part";
export type { MendableCode, MendQuantities } from "./quantities";
export { asSold } from "./asSold";
export { choicesOf, CHOICES } from "./choices";
export type { Choice } from "./choices";

/**
 * How a finding is mended: by an edit of the design, by one that means digging out what is laid, or by work in the box,
 * which is written into the log when it is done.
 */
type How = "edit" | "rebuild" | "work";
export type Mend = {
  how: How;
  /** One step of undo. */
  commands: readonly Command[];
  /** What the log is told once the work is done. */
  events: readonly Told[];
  /** What it does: more than one thing where one alone would bring other trouble. */
  parts: readonly [MendPart, ...MendPart[]];
};

/** Edits that in a laid box mean digging out what is there. */
const DIGS_OUT: ReadonlySet<CommandName> = new Set<CommandName>([
  "setShell",
  "addLayer",
  "removeLayers",
  "setDepth",
  "setCorners",
  "removePart",
  "setParts",
  "setZone",
  "removeZone",
  "setTreatment",
]);

const isOnGlass = (command: Command): boolean => command.name === "setPiece" && command.args.rest?.on === "glass";

function howOf(commands: readonly Command[], events: readonly Told[], phase: Phase): How {
  if (commands.length === 0 && events.length > 0) return "work";
  const digs = commands.some((command) => DIGS_OUT.has(command.name) || isOnGlass(command));
  return digs && isLaid(phase) ? "rebuild" : "edit";
}

/** `lighter`: how many findings of less weight it brings. */
type Settled = { commands: readonly Command[]; parts: Mend["parts"]; lighter: number };
/** So many edits are joined into one mend at the most, and so many are tried for it. */
const MOST_JOINED = 3;
const MOST_TRIALS = 20;
/** What all gear is bought with and hung by goes with it, and counts as no edit of its own. */
const GOES_WITH_GEAR: ReadonlySet<MendPart["code"]> = new Set<MendPart["code"]>(["socketUnguarded", "noDripLoop"]);
const joined = (parts: readonly MendPart[]): number => parts.filter(({ code }) => !GOES_WITH_GEAR.has(code)).length;

/**
 * A way to mend that brings no other trouble of the finding's weight: as drafted, or joined with what mends the trouble
 * it brings.
 */
function settled(finding: Finding, draft: AnyDraft, before: Derived): Settled | undefined {
  let trials = 0;
  const settle = (so: Settled): Settled | undefined => {
    trials += 1;
    const after = trials <= MOST_TRIALS ? triedOut(before, so.commands) : undefined;
    if (!after || isTold(finding, after)) return undefined;
    const [trouble] = raisedBy(before, after, finding.weight);
    if (!trouble) return { ...so, lighter: raisedBy(before, after, "opinion").length };
    const isFull = joined(so.parts) >= MOST_JOINED && !GOES_WITH_GEAR.has(trouble.code as MendPart["code"]);
    if (isFull || draft.givesUp) return undefined;
    const further = draftsOf(trouble, after).filter(
      ({ commands, givesUp, alone }) => commands.length > 0 && !givesUp && !alone,
    );
    return firstOf(further, ({ commands, part }) =>
      settle({ commands: [...so.commands, ...commands], parts: [...so.parts, part], lighter: 0 }),
    );
  };
  return settle({ commands: draft.commands, parts: [draft.part], lighter: 0 });
}

function firstOf<T, R>(items: readonly T[], of: (item: T) => R | undefined): R | undefined {
  for (const item of items) {
    const result = of(item);
    if (result !== undefined) return result;
  }
  return undefined;
}

/** What a button says, to tell two apart: the first way to do the same is the one to offer. */
const labelOf = ({ parts }: Mend): string =>
  parts
    .map(({ code, quantities }) => {
      const told: Readonly<Record<string, unknown>> = { ...quantities };
      return [code, told.variant, told.treatmentId].join(".");
    })
    .join(" ");

/**
 * The ways to mend a finding: those that bring nothing else first, then those that bring something lighter, last those
 * that give something up. None of them brings another finding of the same or a higher weight.
 * None for what has no such mend: then there are choices.
 *
 * @example mendsOf(finding, derived)[0]?.commands // to be applied as one step of undo
 */
export function mendsOf(finding: Finding, derived: Derived): Mend[] {
  for (const drafts of roundsOf(finding, derived)) {
    const mends = offeredOf(finding, drafts, derived);
    if (mends.length > 0) return mends;
  }
  return [];
}

/** Those of some drafts that can be offered, the best first. */
function offeredOf(finding: Finding, drafts: readonly AnyDraft[], derived: Derived): Mend[] {
  const offered = new Map<string, { mend: Mend; lighter: number; givesUp: boolean }>();
  for (const draft of drafts) {
    const { commands, events = [], part } = draft;
    const asIs: Settled = { commands, parts: [part], lighter: 0 };
    const made = commands.length === 0 ? asIs : settled(finding, draft, derived);
    if (!made) continue;
    const { lighter, ...does } = made;
    const mend: Mend = { how: howOf(made.commands, events, finding.phase), events, ...does };
    const label = labelOf(mend);
    if (!offered.has(label)) offered.set(label, { mend, lighter, givesUp: draft.givesUp === true });
  }
  const rank = ({ lighter, givesUp }: { lighter: number; givesUp: boolean }): number =>
    (givesUp ? 2 : 0) + (lighter > 0 ? 1 : 0);
  return [...offered.values()].toSorted((a, b) => rank(a) - rank(b)).map(({ mend }) => mend);
}
