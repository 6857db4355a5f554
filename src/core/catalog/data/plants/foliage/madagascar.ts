import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Foliage of Madagascar. */
export const foliageOfMadagascar: readonly Plant[] = [
  {
    id: "polkaDotPlant", scientificName: "Hypoestes phyllostachya", synonyms: ["Hypoestes sanguinolenta"],
    kind: "foliage", form: "bushy", color: "#a96f80", regions: ["madagascar"],
    temperatureC: { tolerated: [14, 31], preferred: [18, 27] }, nightLowC: 12, winterRest: false,
    humidityRh: { tolerated: [45, 95], preferred: [55, 85] }, wantsMovingAir: false,
    ppfd: { tolerated: [30, 400], preferred: [70, 200] }, light: "bright",
    roots: "moist", rootDepth: { leastCm: 5, goodCm: 8 }, places: ["floor", "pot"],
    grown: { heightCm: [15, 30], spreadCm: [18, 28], climbsCm: null, inMonths: 4 }, boughtShare: 0.5,
    dividesInto: [1, 2],
    sturdy: "fair", leaf: "medium",
    toxicity: { mammals: "safe", leafEatingReptiles: "nibbledUnharmed", grazers: "nibbleOnly", skin: false },
    hazards: [], law: { cites: null, invasiveIn: ["australia", "pacificIslands"] },
    method: "cutting", pruning: "often", ease: "easy",
    leaves: { kind: "thin", dayResistance: [350, 800], nightResistance: [1200, 3500], areaIndex: [2, 3.5] },
    unsure: ["law.invasiveIn"], from: recalled,
  },
  {
    id: "songOfIndia", scientificName: "Dracaena reflexa", synonyms: ["Pleomele reflexa"],
    kind: "foliage", form: "bushy", color: "#7fa053", regions: ["madagascar"],
    temperatureC: { tolerated: [17, 35], preferred: [20, 31] }, nightLowC: 13, winterRest: false,
    humidityRh: { tolerated: [35, 95], preferred: [45, 80] }, wantsMovingAir: false,
    ppfd: { tolerated: [25, 500], preferred: [70, 250] }, light: "bright",
    roots: "dryBetween", rootDepth: { leastCm: 10, goodCm: 15 }, places: ["floor", "pot"],
    grown: { heightCm: [50, 90], spreadCm: [30, 50], climbsCm: null, inMonths: 24 }, boughtShare: 0.5,
    dividesInto: [1, 1],
    sturdy: "tough", leaf: "medium",
    toxicity: { mammals: "toxic", leafEatingReptiles: "nibbledUnharmed", grazers: "toxic", skin: false }, hazards: [],
    law: { cites: null, invasiveIn: [] },
    method: "potOut", pruning: "sometimes", ease: "easy",
    leaves: { kind: "leathery", dayResistance: [700, 1800], nightResistance: [4000, 10000], areaIndex: [2, 3.5] },
    unsure: ["toxicity.leafEatingReptiles", "toxicity.grazers"],
    from: recalled,
  },
];
