import type { FindingCode, FindingQuantities } from "@/core/findings";
import type { MendableCode, MendQuantities } from "@/core/mending";

/** The sentences of one finding: one for all its variants, or one for each. */
type Why<C extends FindingCode> = FindingQuantities[C] extends { variant: infer V extends string }
  ? Record<V, string>
  : string;
type MendWords<C extends FindingCode> = C extends MendableCode
  ? { mend: MendQuantities[C] extends { variant: infer V extends string } ? Record<V, string> : string }
  : { mend?: never };
type Words<C extends FindingCode> = { why: Why<C>; work?: Record<string, string> } & MendWords<C>;

/** The table of what findings say: every code there is, and nothing else. */
export type FindingWords = { [C in FindingCode]: Words<C> };
