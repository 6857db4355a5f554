import { DE_BOODT_1972, memory, practice, published } from "../provenance";
import type { ClimateClass } from "../schema";
import type { MixTarget } from "../mixTargetSchema";

const recalled = {
  ...memory,
  note: "what soils of such boxes show in a bed of 10 cm, by the recipes in use; an opinion to start from",
};
const ideal = published(
  DE_BOODT_1972,
  "ideal container medium: easily available water 20 to 30 %, air 20 to 30 % at 1 kPa; forests drain harder",
);

/**
 * What the soil of a climate class should be, by the meters of the mix, drained in its bed. Ranges of volume in per cent,
 * levels 0 to 5.
 */
export const mixTargets = {
  humidForest: {
    id: "humidForest",
    water: [40, 65], easyWater: [12, 30], air: [20, 50], drains: [3.5, 5], acid: [4.8, 6.8],
    nutrients: [0.5, 2.5], crewFood: [1.2, 5], lasts: [24, 60], dust: [0, 2],
    from: recalled,
    fieldFrom: { "easyWater.1": ideal, "air.0": ideal },
  },
  temperateMoist: {
    id: "temperateMoist",
    water: [35, 60], easyWater: [12, 30], air: [5, 30], drains: [2.5, 5], acid: [5.5, 7.2],
    nutrients: [1, 3], crewFood: [1.2, 5], lasts: [24, 60], dust: [0, 2.5],
    from: recalled,
  },
  streamBank: {
    id: "streamBank",
    water: [42, 75], easyWater: [12, 35], air: [12, 45], drains: [3.5, 5], acid: [4.5, 7],
    nutrients: [0.2, 2], crewFood: [0.8, 5], lasts: [24, 60], dust: [0, 2],
    from: recalled,
  },
  seasonalWoodland: {
    id: "seasonalWoodland",
    water: [30, 55], easyWater: [10, 28], air: [4, 30], drains: [2.5, 5], acid: [5.5, 7.5],
    nutrients: [0.5, 2.5], crewFood: [1, 5], lasts: [24, 60], dust: [0, 2.5],
    from: recalled,
  },
  semiArid: {
    id: "semiArid",
    water: [20, 50], easyWater: [8, 25], air: [2, 28], drains: [2.5, 5], acid: [6, 8],
    nutrients: [0, 2], crewFood: [0.1, 4], lasts: [24, 60], dust: [0, 2.5],
    from: recalled,
  },
  arid: {
    id: "arid",
    water: [12, 45], easyWater: [4, 22], air: [0.5, 28], drains: [2.5, 5], acid: [6, 8.2],
    nutrients: [0, 1.5], crewFood: [0, 3], lasts: [24, 60], dust: [0, 3],
    from: recalled,
  },
  coast: {
    id: "coast",
    water: [20, 55], easyWater: [8, 28], air: [1, 25], drains: [2.5, 5], acid: [6.2, 8.3],
    nutrients: [0, 2], crewFood: [0.1, 4], lasts: [24, 60], dust: [0, 2.5],
    from: recalled,
  },
} as const satisfies Record<ClimateClass, MixTarget>;

/** Ground that is eaten by what lives in it: rich, limed, and gone in a year or two. */
export const EATEN_GROUND_TARGET = {
  id: "eatenGround",
  water: [45, 70], easyWater: [10, 30], air: [12, 35], drains: [2, 5], acid: [6, 8],
  nutrients: [1, 4], crewFood: [3, 5], lasts: [6, 60], dust: [0, 2.5],
  from: recalled,
} as const satisfies MixTarget;

/** A tunnel stands in fine, dense soil: less air, slower drains and less food than in its climate's soils. */
export const TUNNELLED_GROUND = {
  id: "tunnelledGround",
  easyWater: [6, 30], air: [0, 30], drains: [2, 5], crewFood: [0, 5],
  from: { ...memory, note: "what burrow mixes of the trade show in a bed of 10 to 35 cm" },
} as const;

/** Ground for what builds a shell or grows heavy bones: never sour, whatever the climate. */
export const LIMED_GROUND = {
  id: "limedGround",
  air: [10, 50], acid: [6.2, 8],
  from: { ...memory, note: "shells are etched where it is sour" },
} as const;

/** What a burrower's tunnels ask of the soil, whatever the climate. */
export const BURROW_TARGET = { id: "burrow", cohesionKPa: [6, 45], from: { ...practice, note: "about a tenth clay lets tunnels stand; the figure is what that recipe comes to" } } as const;
