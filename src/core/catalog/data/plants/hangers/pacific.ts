import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Hangers of the Pacific. */
export const hangersOfPacific: readonly Plant[] = [
  {
    id: "goldenPothos", scientificName: "Epipremnum aureum",
    synonyms: ["Scindapsus aureus", "Rhaphidophora aurea", "Pothos aureus"],
    kind: "hanger", form: "trailing", color: "#5f9a4c", regions: ["pacificIslands"],
    temperatureC: { tolerated: [16, 34], preferred: [20, 30] }, nightLowC: 12, winterRest: false,
    humidityRh: { tolerated: [35, 100], preferred: [50, 90] }, wantsMovingAir: false,
    ppfd: { tolerated: [10, 450], preferred: [30, 200] }, light: "low",
    roots: "moist", rootDepth: { leastCm: 8, goodCm: 12 },
    places: ["hanging", "floor", "pot", "wall", "wood", "waterEdge"],
    grown: { heightCm: [25, 80], spreadCm: [30, 60], climbsCm: 200, inMonths: 8 }, boughtShare: 0.4,
    dividesInto: [2, 5],
    sturdy: "tough", leaf: "bold",
    toxicity: { mammals: "irritant", leafEatingReptiles: "nibbledUnharmed", grazers: "irritant", skin: true },
    hazards: ["sap"],
    law: { cites: null, invasiveIn: ["northAmerica", "pacificIslands", "southAsia"] },
    method: "cutting", pruning: "often", ease: "easy",
    leaves: { kind: "leathery", dayResistance: [700, 1800], nightResistance: [4000, 10000], areaIndex: [1.5, 3] },
    unsure: ["toxicity.leafEatingReptiles", "toxicity.grazers"],
    from: recalled,
  },
];
