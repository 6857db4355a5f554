/** Planting: candidates ranked with reasons, and the plants that stand in the box. */
export { PlantingStep } from "./PlantingStep";
