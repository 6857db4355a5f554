/** Base units, conversion factors, reading what people type and printing what they read. */
export * from "./factors";
export { atLeast, roughly } from "./roughly";
export { printsOver } from "./printsOver";
export { readNumber } from "./number";
export { parseMeasure, parseSize } from "./parse";
export type { MeasureKind, UnitSystem } from "./parse";
export { inchesOnTape, show, showNumber, showTyped } from "./display";
export type { Shown } from "./display";
export { daysAfter, daysBetween, monthsBetween } from "./days";
export { aheadMs, dayStart, instantOf, localDay, localTime, spanStart } from "./zone";
export type { Local, TimeZone } from "./zone";
