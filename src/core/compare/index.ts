/** Two designs side by side: what differs between them, and what follows from each. */
export { differences } from "./differences";
export type { Difference, GearTold, Line } from "./differences";
export { FOLLOWS, follows } from "./follows";
export type { Follows } from "./follows";
export { climates } from "./climates";
export type { ClimateId, Comes } from "./climates";
