import type { FindingCode, FindingQuantities } from "@/core/findings";
import type { MendableCode, MendQuantities } from "@/core/mending";
import type { Sentences } from "./en/findings";

/** The blanks of a sentence: `{{needCm}}`. */
type Blanks<S> = S extends `${string}{{${infer Blank}}}${infer Rest}` ? Blank | Blanks<Rest> : never;
type Texts<T> = T extends string ? T : { [K in keyof T]: Texts<T[K]> }[keyof T];
type Keys<T> = T extends unknown ? keyof T & string : never;
/** What two ends are told as together. */
type RangeOf<K> = K extends `low${infer Of}` | `least${infer Of}`
  ? `range${Of}`
  : K extends `${infer Whose}Low${infer Of}`
    ? `${Whose}Range${Of}`
    : never;
/** What a blank may name: a quantity, its figure without the unit, as a box is asked for, or the range it begins. */
type Tellable<Q> = Keys<Q> | `${Keys<Q>}${"Figure" | "AtLeast" | "AtLeastFigure"}` | RangeOf<Keys<Q>>;

type StrangeWhy = {
  [C in FindingCode]: Exclude<Blanks<Texts<Sentences[C]["why"]>>, Tellable<FindingQuantities[C]>>;
}[FindingCode];
type StrangeMend = {
  [C in MendableCode]: Exclude<
    Blanks<Texts<Sentences[C]["mend"]>> | (Sentences[C] extends { work: infer W } ? Blanks<Texts<W>> : never),
    Tellable<MendQuantities[C]>
  >;
}[MendableCode];

/**
 * Compiles only while every blank names a quantity that the finding or its mend is told with; else the error names the
 * strange ones.
 */
export const EVERY_BLANK_IS_TOLD: [StrangeWhy, StrangeMend] extends [never, never] ? true : [StrangeWhy, StrangeMend] =
  true;
