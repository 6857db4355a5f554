/** What the box, its stand and its floor pane carry. */
export { loads } from "./loads";
export type { Load } from "./loads";
export { evenStressMPa, patchStressMPa } from "./pane";
