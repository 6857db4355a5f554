/** The ground from the glass up: levels, volumes, masses, water, fill lines. */
export { barrierCut, depthOfL, floorAreaCm2, heightAt, levels, wedgeL } from "./levels";
export type { Level, Slope } from "./levels";
export { waterAtL, waterStore } from "./water";
export type { WaterStore } from "./water";
export { ground, soilDepthAt } from "./ground";
export type { Ground } from "./ground";
