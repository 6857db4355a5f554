/** Finds things by any of their names, as people type them. */
export { nameIndex } from "./nameIndex";
export type { Hits } from "./nameIndex";
