import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Succulents of Europe and North Africa. */
export const succulentsOfEurope: readonly Plant[] = [
  {
    id: "houseleek", scientificName: "Sempervivum tectorum", synonyms: [],
    kind: "succulent", form: "rosette", color: "#6f8c5e", regions: ["europe", "westAsia"],
    temperatureC: { tolerated: [2, 36], preferred: [9, 27] }, nightLowC: -25, winterRest: true,
    humidityRh: { tolerated: [10, 75], preferred: [20, 60] }, wantsMovingAir: true,
    ppfd: { tolerated: [150, 1800], preferred: [300, 1000] }, light: "sun",
    roots: "desert", rootDepth: { leastCm: 4, goodCm: 7 }, places: ["floor", "pot"],
    grown: { heightCm: [4, 10], spreadCm: [10, 20], climbsCm: null, inMonths: 14 }, boughtShare: 0.7,
    dividesInto: [3, 10],
    sturdy: "fair", leaf: "fine",
    toxicity: { mammals: "safe", leafEatingReptiles: "eaten", grazers: "safe", skin: false },
    hazards: [], law: { cites: null, invasiveIn: [] },
    method: "divide", pruning: "seldom", ease: "easy",
    leaves: { kind: "succulent", dayResistance: [1000, 5000], nightResistance: [2000, 8000], areaIndex: [1.5, 3] },
    unsure: ["leaves.dayResistance"],
    from: recalled,
  },
];
