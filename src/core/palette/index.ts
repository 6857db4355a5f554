/** Proposing a planting: which plants, how many, and where each goes. */
export { STRATA_OF_HEIGHT, offered, stratumOf } from "./question";
export type { HeightStratum, PaletteCandidate, PaletteQuestion } from "./question";
export { paletteModel } from "./model";
export { paletteOf } from "./palette";
export type { Palette } from "./palette";
export { layOut } from "./layOut";
