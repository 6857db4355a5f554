/** The library: every entry with its figures and provenance. */
export { Library } from "./Library";
