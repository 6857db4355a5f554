/** Proposing a planting: which plants, how many, and where each goes. */
export { STRATA_OF_HEIGHT, offered, paletteModel, paletteOf, stratumOf } from "./palette";
export type { HeightStratum, Palette, PaletteCandidate, PaletteFilter, PaletteQuestion } from "./palette";
export { layOut } from "./layOut";
