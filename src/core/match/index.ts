/**
 * Matching: from what is at hand to the soil that is wanted, as a mixed-integer programme; why it cannot be, when it
 * cannot.
 */
export { match } from "./match";
export type { Matched, MatchAnswer } from "./match";
export type { Clash, Relaxation } from "./clash";
export { relaxedRules } from "./relax";
export { linearMeters, linearOff } from "./linear";
export { matchModel, partsOf } from "./model";
export { groupNames, MatchRuleSchema, measuredL } from "./question";
export type { MatchQuestion, MatchRule, Solve } from "./question";
export { totalsOf } from "./totals";
