/** A trial of two habitats: a question, what was read in both day by day, what the logs tell, and a plain verdict. */
export { dailyDifferences, pairedInterval } from "./paired";
export type { DailyDifference, Interval } from "./paired";
export { outcomeOf } from "./outcome";
export type { Outcome } from "./outcome";
export { trialLog } from "./told";
export type { TrialLog } from "./told";
export { NO_TRIALS, trialOf, trialsJoined, TrialsSchema, withoutTrial, withTrial } from "./trial";
export type { Trial, Trials } from "./trial";
export { verdictOf } from "./verdict";
