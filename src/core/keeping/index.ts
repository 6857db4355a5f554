/** Keeping: the duties that follow from the design, when they come, and readings against their bands. */
export { DUTY_KINDS, duties, dutiesAsKept } from "./duties";
export type { Duty } from "./duties";
export { dueList, isDaily } from "./due";
export type { Due, NextByRule } from "./due";
export { toldDone } from "./toldDone";
export { byHarm } from "./harm";
export { animalLogs } from "./animalLog";
export type { AnimalLog } from "./animalLog";
export { dustingFor, feedEveryDays, refusedBeforeShed } from "./feeding";
export type { Supplement } from "./feeding";
export { mistingFor } from "./misting";
export { bandChecks, bandFor, sideOf } from "./bands";
export type { BandCheck } from "./bands";
export { settledDays } from "./settled";
export type { BySeries } from "./settled";
