/** The box itself: what it weighs and how it breathes. */
export { airing, boxKg, wallVolumeCm3 } from "./box";
export type { Airing } from "./box";
