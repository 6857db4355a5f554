import { CARSEL_PARRISH_MEANS, waterAt, type Texture } from "../../retention";
import { published, type Provenance } from "../../provenance";
import { ingredient, type Row } from "./row";

const GRAIN_KG_PER_L = 2.65;
const WILTING_KPA = 1500;
const tenth = (value: number): number => Math.round(value * 10) / 10;
const pct = (share: number): number => tenth(share * 100);

/** Pores, weight and where they come from, for a soil of one texture: its retention curve read at 1, 5 and 1500 kPa. */
function textured(texture: Texture, airDryPct: number): Pick<Row, "pores" | "looseKgPerL" | "fieldFrom"> {
  const soil = CARSEL_PARRISH_MEANS[texture];
  const from: Provenance = published("Carsel & Parrish 1988, Water Resources Research 24, 755–769", `mean parameters of ${texture}, by van Genuchten 1980`);
  return {
    pores: [pct(soil.saturated), pct(waterAt(soil, 1)), pct(waterAt(soil, 5)), pct(waterAt(soil, WILTING_KPA)), airDryPct],
    looseKgPerL: Math.round((1 - soil.saturated) * GRAIN_KG_PER_L * 100) / 100,
    fieldFrom: { totalPorosityPct: from, waterHeldPct: from, heldAt5kPaPct: from, wiltingPct: from, looseKgPerL: { ...from, note: "from its pores and quartz, 2.65 kg/L" } },
  };
}

/** Soils, sands, grit, clay, char and chalk. */
const rows: readonly Row[] = [
  { id: "topsoil", matter: "soil", look: ["crumb", "#4d3a2a"], looseKgPerL: 0.95, pores: [58, 40, 30, 13, 8], settlesPct: 18, pieces: [1, 42], percolation: "moderatelyHigh", acid: [6.5, 20], feeds: [2.5, 0.7, 1.5], cohesionKPa: 7, halvesInMonths: null, dust: 2, cautions: ["handWashing"] },
  { id: "sievedLoam", matter: "soil", look: ["crumb", "#6b4f37"], ...textured("loam", 5), settlesPct: 14, pieces: [0.5, 43], percolation: "moderatelyHigh", acid: [6.8, 24], feeds: [2, 0.5, 1], cohesionKPa: 9, halvesInMonths: null, dust: 3, cautions: ["handWashing", "dust", "weight"] },
  { id: "sandyLoam", matter: "soil", look: ["crumb", "#8a6a48"], ...textured("sandyLoam", 3), settlesPct: 12, pieces: [0.6, 42], percolation: "high", acid: [6.5, 14], feeds: [1.5, 0.4, 0.5], cohesionKPa: 6, halvesInMonths: null, dust: 3, cautions: ["handWashing", "dust", "weight"] },
  { id: "clayLoam", matter: "soil", look: ["crumb", "#7d4f33"], ...textured("clayLoam", 6), settlesPct: 15, pieces: [0.3, 44], percolation: "moderatelyLow", acid: [6.8, 34], feeds: [2, 0.5, 0.5], cohesionKPa: 16, halvesInMonths: null, dust: 3, cautions: ["handWashing", "dust", "weight"] },
  { id: "playSand", matter: "sand", look: ["grain", "#d9c28a"], ...textured("sand", 1), settlesPct: 10, pieces: [0.4, 42], percolation: "high", acid: [7, 1], feeds: [0, 0.1, 0], cohesionKPa: 1.5, halvesInMonths: null, dust: 2, cautions: ["dust", "weight"] },
  { id: "redSand", matter: "sand", look: ["grain", "#b9683f"], ...textured("sand", 1), settlesPct: 10, pieces: [0.3, 42], percolation: "high", acid: [7, 1.5], feeds: [0, 0.1, 0], cohesionKPa: 2, halvesInMonths: null, dust: 3, cautions: ["dust", "weight"] },
  { id: "pitSand", matter: "sand", look: ["grain", "#c9a765"], ...textured("loamySand", 1.5), settlesPct: 10, pieces: [0.5, 41], percolation: "high", acid: [6.8, 4], feeds: [0.5, 0.2, 0], cohesionKPa: 3.5, halvesInMonths: null, dust: 2, cautions: ["dust", "weight"] },
  { id: "coarseSand", matter: "sand", look: ["grain", "#cdbf9d"], looseKgPerL: 1.55, pores: [40, 12, 7, 4, 0.5], settlesPct: 8, pieces: [1.2, 40], percolation: "veryHigh", acid: [7, 0.8], feeds: [0, 0.1, 0], cohesionKPa: 0.6, halvesInMonths: null, dust: 1, cautions: ["dust", "weight"] },
  { id: "shellSand", matter: "lime", look: ["grain", "#e7dcc2"], looseKgPerL: 1.3, pores: [50, 20, 10, 5, 0.5], settlesPct: 8, pieces: [1, 44], percolation: "veryHigh", acid: [8.3, 60], feeds: [0.5, 1.5, 0], cohesionKPa: 1, halvesInMonths: null, dust: 2, skin: "never", cautions: ["dust", "weight"] },
  { id: "limestoneGrit", matter: "lime", look: ["pebble", "#cfc9ba"], looseKgPerL: 1.4, pores: [46, 10, 7, 4, 0.5], settlesPct: 8, pieces: [4, 44], percolation: "veryHigh", acid: [8.2, 60], feeds: [0.5, 0.4, 0], cohesionKPa: 0.3, halvesInMonths: null, dust: 2, unsafeToDig: true, skin: "never", cautions: ["dust", "weight"] },
  { id: "decomposedGranite", matter: "sand", look: ["grain", "#b7a48c"], looseKgPerL: 1.45, pores: [42, 24, 13, 5, 1], settlesPct: 10, pieces: [2, 41], percolation: "high", acid: [7, 4], feeds: [0.5, 0.2, 0], cohesionKPa: 4, halvesInMonths: null, dust: 3, cautions: ["dust", "weight"] },
  { id: "pumice", matter: "grit", look: ["pebble", "#c9c4bb"], looseKgPerL: 0.45, pores: [72, 30, 24, 10, 1], settlesPct: 10, pieces: [8, 45], percolation: "veryHigh", acid: [7, 2], feeds: [0, 0.1, 0], cohesionKPa: 0.3, halvesInMonths: null, dust: 2, cautions: ["dust"] },
  { id: "perlite", matter: "grit", look: ["pebble", "#e6e4de"], looseKgPerL: 0.1, pores: [86, 30, 22, 8, 0], settlesPct: 10, pieces: [4, 45], percolation: "veryHigh", acid: [7.2, 0.5], feeds: [0, 0.1, 0], cohesionKPa: 0.2, halvesInMonths: null, dust: 4, skin: "little", cautions: ["dust"] },
  { id: "vermiculite", matter: "grit", look: ["flake", "#a88b5c"], looseKgPerL: 0.12, pores: [92, 52, 34, 14, 2], settlesPct: 20, pieces: [4, 50], percolation: "high", acid: [7.3, 16], feeds: [0.5, 0.2, 0], cohesionKPa: 0.5, halvesInMonths: null, dust: 4, cautions: ["dust"] },
  { id: "lavaGrit", matter: "grit", look: ["pebble", "#7a4436"], looseKgPerL: 0.8, pores: [62, 20, 15, 6, 1], settlesPct: 10, pieces: [8, 46], percolation: "veryHigh", acid: [7.2, 2], feeds: [0, 0.1, 0], cohesionKPa: 0.3, halvesInMonths: null, dust: 2, unsafeToDig: true, skin: "little", cautions: ["dust"] },
  { id: "zeolite", matter: "grit", look: ["pebble", "#b4b59d"], looseKgPerL: 0.85, pores: [62, 28, 20, 12, 3], settlesPct: 8, pieces: [4, 45], percolation: "veryHigh", acid: [7.4, 60], feeds: [1, 0.4, 0], cohesionKPa: 0.3, halvesInMonths: null, dust: 3, skin: "little", cautions: ["dust"] },
  { id: "bakedClay", matter: "grit", look: ["pebble", "#b46a45"], looseKgPerL: 0.65, pores: [72, 36, 26, 14, 2], settlesPct: 6, pieces: [4, 45], percolation: "veryHigh", acid: [6.8, 8], feeds: [0.5, 0.2, 0], cohesionKPa: 0.3, halvesInMonths: null, dust: 2, cautions: ["dust"] },
  { id: "loamGranules", matter: "grit", look: ["pebble", "#8f6f4a"], looseKgPerL: 0.6, pores: [75, 46, 32, 18, 4], settlesPct: 8, pieces: [3, 46], percolation: "veryHigh", acid: [6.3, 16], feeds: [0.5, 0.2, 0.5], cohesionKPa: 0.5, halvesInMonths: null, dust: 3, cautions: ["dust"] },
  { id: "clayPowder", matter: "clay", look: ["crumb", "#b08a63"], looseKgPerL: 0.9, pores: [60, 48, 42, 27, 4], settlesPct: 25, pieces: [0.02, 55], percolation: "low", acid: [7.8, 60], feeds: [1, 0.6, 0], cohesionKPa: 40, halvesInMonths: null, dust: 5, cautions: ["dust"] },
  { id: "redClay", matter: "clay", look: ["crumb", "#a3532f"], looseKgPerL: 1, pores: [56, 44, 38, 25, 4], settlesPct: 22, pieces: [0.1, 52], percolation: "low", acid: [6.2, 34], feeds: [0.5, 0.3, 0], cohesionKPa: 32, halvesInMonths: null, dust: 4, cautions: ["dust", "weight"] },
  { id: "whiteClay", matter: "clay", look: ["crumb", "#d8cfc0"], looseKgPerL: 0.75, pores: [64, 46, 40, 22, 3], settlesPct: 25, pieces: [0.02, 55], percolation: "low", acid: [5.8, 12], feeds: [0, 0.1, 0], cohesionKPa: 20, halvesInMonths: null, dust: 5, cautions: ["dust"] },
  { id: "charcoal", matter: "char", look: ["chip", "#343536"], looseKgPerL: 0.25, pores: [78, 28, 20, 8, 2], settlesPct: 10, pieces: [7, 48], percolation: "veryHigh", acid: [8.2, 4], feeds: [0.5, 0.3, 0.5], cohesionKPa: 0.3, halvesInMonths: null, dust: 4, cautions: ["dust"] },
  { id: "biochar", matter: "char", look: ["crumb", "#2a2b2c"], looseKgPerL: 0.22, pores: [84, 55, 38, 15, 3], settlesPct: 15, pieces: [1.5, 50], percolation: "high", acid: [8.8, 12], feeds: [1, 0.8, 0.5], cohesionKPa: 1, halvesInMonths: null, dust: 5, skin: "little", cautions: ["dust"] },
];

export const mineral = rows.map(ingredient);
