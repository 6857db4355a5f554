import type { SchoolQuestion } from "../catalog";
import type { Command } from "../habitat";
import type { Furnishing } from "../hardscape";
import type { BandCheck } from "../keeping";
import type { BoxReason, Fit, Trouble } from "../living";
import type { Load } from "../load";
import type { LogNow, Phase, Told } from "../log";
import type { Scene } from "../scene";
import type { FindingCode, FindingQuantities, MendableCode, MendQuantities } from "./quantities";

/** The steps of the work, in order: also the places a finding belongs to. */
export const STEPS = ["brief", "shell", "strata", "mix", "planting", "crew", "climate", "build", "keeping"] as const;
export type Step = (typeof STEPS)[number];

/** One kind of finding: something about a habitat worth saying, and what it is told with. */
export type FindingOf<C extends FindingCode> = {
  code: C;
  /** Tells two findings of the same code apart: the id of what it is about. */
  about: string;
  /** `harm`: this hurts an animal or breaks the build; `look`: worth a look. */
  severity: "harm" | "look";
  step: Step;
  /** The phase the habitat is in: what can be done about it depends on it. */
  phase: Phase;
  /** Which question's answer it went by, where the builder follows a school in it. */
  follows?: SchoolQuestion | undefined;
  quantities: FindingQuantities[C];
};
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];

/**
 * How a finding is mended: by an edit of the design, by one that means digging out what is laid, or by work in the box,
 * which is written into the log when it is done.
 */
export type How = "edit" | "rebuild" | "work";
type MendOf<C extends MendableCode> = {
  code: C;
  how: How;
  /** One step of undo. */
  commands: readonly Command[];
  /** What the log is told once the work is done. */
  events: readonly Told[];
  quantities: MendQuantities[C];
};
export type Mend = { [C in MendableCode]: MendOf<C> }[MendableCode];

/** A habitat and all that was worked out from it: what a rule may look at. */
export type Assessed = Scene & {
  log: LogNow;
  phase: Phase;
  load: Load;
  furnishing: readonly Furnishing[];
  boxReasons: readonly BoxReason[];
  /** One fit for each plant that stands, by the stand's id. */
  plantFits: ReadonlyMap<string, Fit>;
  /** One fit for each seeded crew species, by its id. */
  crewFits: ReadonlyMap<string, Fit>;
  /** One fit for each species that shares the box, by its id. */
  mateFits: ReadonlyMap<string, Fit>;
  /** What the plants will do to one another in a year. */
  troubles: readonly Trouble[];
  bands: readonly BandCheck[];
};

/** A finding before it is told which phase the habitat is in. */
export type Found = { [C in FindingCode]: Omit<FindingOf<C>, "phase" | "follows"> }[FindingCode];
export type Check = (assessed: Assessed) => Found[];
