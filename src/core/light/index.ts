/** What lamps give at a place: light plants can use, UV index, by distance, beam, what is between, and age. */
export { ppfdFromLumens } from "./light";
export { areaShine, lambertOrder, lineShine, pointShine } from "./shine";
export type { Lit, Point } from "./shine";
export { plantLamps, ppfdAtPlace } from "./ppfd";
export type { PlantLamp } from "./ppfd";
export { leftByAge, uvIndexAt, uvLamps } from "./uv";
export type { MeteredState, UvLamp } from "./uv";
