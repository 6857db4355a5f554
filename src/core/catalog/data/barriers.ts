import type { Barrier } from "../schema";
import { weighed } from "./from";

/** What keeps the soil out of the drainage. */
export const barriers: readonly Barrier[] = [
  {
    id: "insectScreen", look: { texture: "mesh", color: "#5c6a62" }, thicknessCm: 0.03, kgPerM2: 0.12,
    rollWidthCm: 120, openingMm: [1.2, 1.6], wicks: "none", cautions: ["blades"], from: weighed,
  },
  {
    id: "landscapeFabric", look: { texture: "mesh", color: "#3c3f41" }, thicknessCm: 0.05, kgPerM2: 0.1,
    rollWidthCm: 100, openingMm: [0.1, 0.3], wicks: "slightly", cautions: ["blades"], unsure: ["openingMm"],
    from: weighed,
  },
  {
    id: "polyesterFleece", look: { texture: "mesh", color: "#8d9396" }, thicknessCm: 0.15, kgPerM2: 0.15,
    rollWidthCm: 100, openingMm: [0.08, 0.15], wicks: "readily", cautions: ["blades"], from: weighed,
  },
  {
    id: "nylonMesh", look: { texture: "mesh", color: "#b9bdb5" }, thicknessCm: 0.03, kgPerM2: 0.06, rollWidthCm: 100,
    openingMm: [0.3, 0.8], wicks: "none", cautions: ["blades"], unsure: ["openingMm"], from: weighed,
  },
  {
    id: "steelMesh", look: { texture: "mesh", color: "#8a9296" }, thicknessCm: 0.05, kgPerM2: 0.6, rollWidthCm: 100,
    openingMm: [0.8, 1.5], wicks: "none", cautions: ["blades"], unsure: ["openingMm"], from: weighed,
  },
  {
    id: "filterFoam", look: { texture: "mesh", color: "#4a5961" }, thicknessCm: 1, kgPerM2: 0.28, rollWidthCm: 100,
    openingMm: [0.8, 1.3], wicks: "slightly", cautions: ["blades"], unsure: ["openingMm"], from: weighed,
  },
  {
    id: "plasticMesh", look: { texture: "mesh", color: "#2f4a3c" }, thicknessCm: 0.1, kgPerM2: 0.2, rollWidthCm: 100,
    openingMm: [1.5, 4], wicks: "none", cautions: ["blades"], unsure: ["openingMm"], from: weighed,
  },
];
