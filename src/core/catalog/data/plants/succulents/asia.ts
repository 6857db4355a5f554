import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Succulents of Asia. */
export const succulentsOfAsia: readonly Plant[] = [
  {
    id: "trueAloe", scientificName: "Aloe vera", synonyms: ["Aloe barbadensis"],
    kind: "succulent", form: "succulent", color: "#84a27c", regions: ["westAsia"],
    temperatureC: { tolerated: [12, 42], preferred: [18, 34] }, nightLowC: 5, winterRest: false,
    humidityRh: { tolerated: [10, 75], preferred: [20, 55] }, wantsMovingAir: true,
    ppfd: { tolerated: [100, 1600], preferred: [250, 900] }, light: "sun",
    roots: "desert", rootDepth: { leastCm: 10, goodCm: 15 }, places: ["floor", "pot"],
    grown: { heightCm: [35, 60], spreadCm: [35, 60], climbsCm: null, inMonths: 20 }, boughtShare: 0.4,
    dividesInto: [2, 5],
    sturdy: "tough", leaf: "bold",
    toxicity: { mammals: "toxic", leafEatingReptiles: "nibbledUnharmed", grazers: "irritant", skin: true },
    hazards: ["sap", "spines"],
    law: { cites: null, invasiveIn: ["europe", "northAfrica", "southAmerica", "caribbean"] },
    method: "potOut", pruning: "seldom", ease: "easy",
    leaves: { kind: "succulent", dayResistance: [6000, 20000], nightResistance: [900, 3000], areaIndex: [1.2, 2.5] },
    unsure: ["toxicity.leafEatingReptiles", "law.invasiveIn", "toxicity.grazers"],
    from: recalled,
  },
];
