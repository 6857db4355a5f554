import type { Plant } from "../../../schema";
import { recalled } from "../from";

/** Succulents of Madagascar. */
export const succulentsOfMadagascar: readonly Plant[] = [
  {
    id: "motherOfThousands", scientificName: "Kalanchoe daigremontiana", synonyms: ["Bryophyllum daigremontianum"],
    kind: "succulent", form: "succulent", color: "#6f8a70", regions: ["madagascar"],
    temperatureC: { tolerated: [10, 40], preferred: [17, 33] }, nightLowC: 5, winterRest: false,
    humidityRh: { tolerated: [10, 80], preferred: [25, 60] }, wantsMovingAir: false,
    ppfd: { tolerated: [80, 1500], preferred: [250, 800] }, light: "sun",
    roots: "desert", rootDepth: { leastCm: 5, goodCm: 8 }, places: ["pot"],
    grown: { heightCm: [30, 80], spreadCm: [15, 30], climbsCm: null, inMonths: 8 }, boughtShare: 0.3,
    dividesInto: [1, 1],
    sturdy: "fair", leaf: "bold",
    toxicity: { mammals: "toxic", leafEatingReptiles: "avoid", grazers: "toxic", skin: false },
    hazards: [],
    law: {
      cites: null,
      invasiveIn: ["australia", "northAmerica", "africa", "pacificIslands", "caribbean", "southAmerica", "europe"],
    },
    method: "cutting", pruning: "often", ease: "easy",
    leaves: { kind: "succulent", dayResistance: [6000, 20000], nightResistance: [900, 3000], areaIndex: [1, 2.5] },
    from: recalled,
  },
];
