/** The library: the one way to an entry, whoever wrote it. */
export { STOCK, libraryOf, withOwn } from "./library";
export type { Library } from "./library";
