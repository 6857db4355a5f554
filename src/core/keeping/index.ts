/** Keeping: the duties that follow from the design, and readings against their bands. */
export { DUTY_KINDS, dueList, duties, mistingFor } from "./duties";
export type { Due, Duty } from "./duties";
export { bandChecks, bandFor } from "./bands";
export type { BandCheck } from "./bands";
export { settledDays } from "./settled";
export type { BySeries } from "./settled";
