import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Foliage of North America. */
export const foliageOfNorthAmerica: readonly Plant[] = [
  {
    id: "creosoteBush", scientificName: "Larrea tridentata", synonyms: [],
    kind: "foliage", form: "bushy", color: "#8a9a5a", regions: ["northAmerica", "centralAmerica"],
    temperatureC: { tolerated: [5, 48], preferred: [18, 38] }, nightLowC: -12, winterRest: false,
    humidityRh: { tolerated: [5, 55], preferred: [12, 40] }, wantsMovingAir: true,
    ppfd: { tolerated: [200, 2200], preferred: [450, 1500] }, light: "sun",
    roots: "desert", rootDepth: { leastCm: 15, goodCm: 25 }, places: ["floor", "pot"],
    grown: { heightCm: [50, 100], spreadCm: [40, 80], climbsCm: null, inMonths: 36 }, boughtShare: 0.3,
    dividesInto: [1, 1],
    sturdy: "tough", leaf: "fine", toxicity: { mammals: "irritant", leafEatingReptiles: "avoid", skin: true },
    hazards: ["sap"], law: { cites: null, invasiveIn: [] },
    method: "potOut", pruning: "sometimes", ease: "hard",
    from: recalled,
  },
  {
    id: "desertMarigold", scientificName: "Baileya multiradiata", synonyms: [],
    kind: "foliage", form: "bushy", color: "#a7b08c", regions: ["northAmerica", "centralAmerica"],
    temperatureC: { tolerated: [5, 44], preferred: [16, 35] }, nightLowC: -10, winterRest: false,
    humidityRh: { tolerated: [5, 55], preferred: [12, 40] }, wantsMovingAir: true,
    ppfd: { tolerated: [200, 2000], preferred: [400, 1300] }, light: "sun",
    roots: "desert", rootDepth: { leastCm: 10, goodCm: 15 }, places: ["floor", "pot"],
    grown: { heightCm: [25, 45], spreadCm: [20, 35], climbsCm: null, inMonths: 6 }, boughtShare: 0.4,
    dividesInto: [1, 1],
    sturdy: "tender", leaf: "fine", toxicity: { mammals: "toxic", leafEatingReptiles: "avoid", skin: false },
    hazards: ["hairs"], law: { cites: null, invasiveIn: [] },
    method: "sow", pruning: "sometimes", ease: "fair",
    from: recalled,
  },
  {
    id: "partridgeberry", scientificName: "Mitchella repens", synonyms: [],
    kind: "foliage", form: "moss", color: "#3f6b45", regions: ["northAmerica"],
    temperatureC: { tolerated: [2, 30], preferred: [9, 24] }, nightLowC: -28, winterRest: true,
    humidityRh: { tolerated: [50, 100], preferred: [65, 90] }, wantsMovingAir: false,
    ppfd: { tolerated: [8, 250], preferred: [20, 100] }, light: "low",
    roots: "moist", rootDepth: { leastCm: 4, goodCm: 7 }, places: ["floor", "pot"],
    grown: { heightCm: [2, 6], spreadCm: [20, 40], climbsCm: null, inMonths: 14 }, boughtShare: 0.5,
    dividesInto: [3, 8],
    sturdy: "fair", leaf: "fine", toxicity: { mammals: "safe", leafEatingReptiles: "eaten", skin: false },
    hazards: [], law: { cites: null, invasiveIn: [] },
    method: "divide", pruning: "seldom", ease: "fair",
    unsure: ["toxicity.mammals", "toxicity.leafEatingReptiles"], from: recalled,
  },
];
