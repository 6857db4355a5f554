import type { SchoolQuestion } from "../catalog";
import type { Answer } from "../habitat";
import type { Furnishing } from "../hardscape";
import type { BandCheck } from "../keeping";
import type { BoxReason, Fit, Trouble } from "../living";
import type { Load } from "../load";
import type { LogNow, Phase } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import type { FindingCode, FindingQuantities } from "./quantities";
import type { Step } from "./steps";

export { STEPS } from "./steps";
export type { Step } from "./steps";

/**
 * How much a finding weighs. `harm`: it hurts the animal, the keeper or the house, and that is certain; `look`: likely
 * trouble; `opinion`: one school's view, or Rincon's own.
 */
export const WEIGHTS = ["harm", "look", "opinion"] as const;
export type Weight = (typeof WEIGHTS)[number];

/** What a finding's figures rest on, from the surest down; `own`: what the builder entered, or the school they follow. */
export type Rests = "nature" | "published" | "practice" | "own" | "memory";
/** One of two answers to a question keepers answer differently. */
export type OtherSchool = { question: SchoolQuestion; view: 0 | 1 };

/** One kind of finding: something about a habitat worth saying, and what it is told with. */
export type FindingOf<C extends FindingCode> = {
  code: C;
  /** Tells two findings of the same code apart: the id of what it is about. */
  about: string;
  weight: Weight;
  /** What its figures rest on. */
  rests: Rests;
  step: Step;
  /** The phase the habitat is in: what can be done about it depends on it. */
  phase: Phase;
  /** Which question's answer it went by, where the builder follows a school in it. */
  follows?: SchoolQuestion | undefined;
  /** The school by which there would be nothing to say. */
  otherSchool?: OtherSchool | undefined;
  /** What follows from it, told under it. */
  brings?: readonly Finding[] | undefined;
  /** What was answered to it, and whether what caused it is still what it was then. */
  answered?: { answer: Answer; holds: boolean } | undefined;
  quantities: FindingQuantities[C];
};
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];

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
  /** What comes of all that is set up, on the day the log tells of. */
  outlook: Outlook;
};

/** A finding as its check made it, before it is weighed against what it rests on and told what was answered. */
export type Found = {
  [C in FindingCode]: Pick<FindingOf<C>, "code" | "about" | "weight" | "step" | "quantities">;
}[FindingCode];
export type Check = (assessed: Assessed) => Found[];
