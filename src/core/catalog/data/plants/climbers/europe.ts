import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Climbers of Europe and North Africa. */
export const climbersOfEurope: readonly Plant[] = [
  {
    id: "commonIvy", scientificName: "Hedera helix", synonyms: [],
    kind: "climber", form: "trailing", color: "#3f6f3f", regions: ["europe", "westAsia", "northAfrica"],
    temperatureC: { tolerated: [3, 29], preferred: [10, 24] }, nightLowC: -15, winterRest: false,
    humidityRh: { tolerated: [40, 95], preferred: [50, 85] }, wantsMovingAir: false,
    ppfd: { tolerated: [10, 600], preferred: [25, 200] }, light: "low",
    roots: "moist", rootDepth: { leastCm: 8, goodCm: 12 }, places: ["wall", "floor", "pot", "hanging"],
    grown: { heightCm: [8, 20], spreadCm: [30, 80], climbsCm: 200, inMonths: 10 }, boughtShare: 0.4,
    dividesInto: [3, 6],
    sturdy: "tough", leaf: "medium",
    toxicity: { mammals: "toxic", leafEatingReptiles: "avoid", grazers: "toxic", skin: true },
    hazards: ["sap"], law: { cites: null, invasiveIn: ["northAmerica", "australia", "newZealand"] },
    method: "cutting", pruning: "often", ease: "easy",
    leaves: { kind: "leathery", dayResistance: [700, 1800], nightResistance: [4000, 10000], areaIndex: [2, 4] },
    from: recalled,
  },
  {
    id: "bramble", scientificName: "Rubus fruticosus", synonyms: ["Rubus plicatus"],
    kind: "climber", form: "trailing", color: "#3f6b3a", regions: ["europe", "westAsia"],
    temperatureC: { tolerated: [3, 30], preferred: [11, 24] }, nightLowC: -20, winterRest: true,
    humidityRh: { tolerated: [35, 95], preferred: [45, 85] }, wantsMovingAir: true,
    ppfd: { tolerated: [50, 1400], preferred: [120, 600] }, light: "bright",
    roots: "moist", rootDepth: { leastCm: 12, goodCm: 20 }, places: ["pot"],
    grown: { heightCm: [40, 100], spreadCm: [40, 80], climbsCm: 150, inMonths: 8 }, boughtShare: 0.3,
    dividesInto: [1, 2],
    sturdy: "tough", leaf: "medium",
    toxicity: { mammals: "safe", leafEatingReptiles: "eaten", grazers: "safe", skin: false },
    hazards: ["spines"],
    law: { cites: null, invasiveIn: ["northAmerica", "australia", "newZealand", "southAmerica"] },
    method: "potOut", pruning: "often", ease: "easy",
    leaves: { kind: "thin", dayResistance: [120, 400], nightResistance: [1000, 3000], areaIndex: [2.5, 4.5] },
    unsure: ["scientificName"], from: recalled,
  },
];
