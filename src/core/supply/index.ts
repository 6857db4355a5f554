/** What a habitat is built from, to have at hand. */
export { needs } from "./needs";
export type { Amount, Need } from "./needs";
