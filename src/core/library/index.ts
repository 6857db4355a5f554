/** The only way to an entry: what Rincon comes with, read in chunks, and what a builder added. */
export { STOCK, libraryOf, withOwn } from "./library";
export type { Library } from "./library";
export { readKinds } from "./kinds";
export { areRead, readNamedIn } from "./stocked";
