import type { Plant } from "../../schema";
import { recalled } from "./from";

/** Liverworts. */
export const liverworts: readonly Plant[] = [
  {
    id: "roundLiverwort", scientificName: "Marchantia polymorpha", synonyms: [],
    kind: "liverwort", form: "moss", color: "#5f9048", regions: ["europe", "northAmerica", "eastAsia", "westAsia"],
    temperatureC: { tolerated: [4, 28], preferred: [10, 24] }, nightLowC: -15, winterRest: false,
    humidityRh: { tolerated: [70, 100], preferred: [80, 100] }, wantsMovingAir: false,
    ppfd: { tolerated: [20, 350], preferred: [50, 180] }, light: "medium",
    roots: "wet", rootDepth: { leastCm: 1, goodCm: 2 }, places: ["floor", "waterEdge", "drippingWall", "pot"],
    grown: { heightCm: [1, 3], spreadCm: [10, 30], climbsCm: null, inMonths: 4 }, boughtShare: 0.8,
    dividesInto: [5, 15],
    sturdy: "fair", leaf: "medium", toxicity: { mammals: "unknown", leafEatingReptiles: "unknown", skin: false },
    hazards: [], law: { cites: null, invasiveIn: [] },
    method: "lay", pruning: "seldom", ease: "easy",
    from: recalled,
  },
  {
    id: "crystalwort", scientificName: "Riccia fluitans", synonyms: [],
    kind: "liverwort", form: "moss", color: "#8fc255",
    regions: ["europe", "northAmerica", "southAsia", "eastAsia", "africa"],
    temperatureC: { tolerated: [12, 30], preferred: [17, 27] }, nightLowC: 5, winterRest: false,
    humidityRh: { tolerated: [80, 100], preferred: [90, 100] }, wantsMovingAir: false,
    ppfd: { tolerated: [40, 500], preferred: [80, 250] }, light: "bright",
    roots: "floating", rootDepth: { leastCm: 0, goodCm: 0 }, places: ["inWater"],
    grown: { heightCm: [1, 3], spreadCm: [10, 40], climbsCm: null, inMonths: 4 }, boughtShare: 0.8,
    dividesInto: [10, 20],
    sturdy: "fair", leaf: "fine", toxicity: { mammals: "safe", leafEatingReptiles: "eaten", skin: false },
    hazards: [], law: { cites: null, invasiveIn: [] },
    method: "float", pruning: "often", ease: "easy",
    from: recalled,
  },
  {
    id: "wallLiverwort", scientificName: "Monosolenium tenerum", synonyms: [],
    kind: "liverwort", form: "moss", color: "#3f6f3d", regions: ["eastAsia", "southAsia"],
    temperatureC: { tolerated: [12, 29], preferred: [17, 26] }, nightLowC: 10, winterRest: false,
    humidityRh: { tolerated: [85, 100], preferred: [90, 100] }, wantsMovingAir: false,
    ppfd: { tolerated: [5, 140], preferred: [15, 70] }, light: "low",
    roots: "wet", rootDepth: { leastCm: 0, goodCm: 1 }, places: ["drippingWall", "waterEdge", "inWater"],
    grown: { heightCm: [1, 3], spreadCm: [10, 20], climbsCm: null, inMonths: 6 }, boughtShare: 0.8,
    dividesInto: [6, 15],
    sturdy: "fair", leaf: "medium", toxicity: { mammals: "unknown", leafEatingReptiles: "unknown", skin: false },
    hazards: [], law: { cites: null, invasiveIn: [] },
    method: "lay", pruning: "seldom", ease: "easy",
    from: recalled,
  },
];
