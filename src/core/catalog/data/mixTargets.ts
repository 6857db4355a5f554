import { DE_BOODT_1972, memory, practice, published } from "../provenance";
import type { ClimateClass } from "../schema";
import type { MixTarget } from "../mixTargetSchema";

const recalled = { ...memory, note: "what soils of such boxes usually show, recalled; an opinion to start from" };
const ideal = published(DE_BOODT_1972, "ideal container medium: easily available water 20 to 30 %, air 20 to 30 % at 1 kPa");

/** What the soil of a climate class should be, by the meters of the mix. Ranges of volume in per cent, levels 0 to 5. */
export const mixTargets = {
  humidForest: {
    id: "humidForest", water: [45, 65], easyWater: [20, 30], air: [20, 30], drains: [3.5, 5], acid: [4.8, 6.8], nutrients: [0.5, 2.5], crewFood: [1.5, 5], lasts: [24, 60], dust: [0, 2],
    from: recalled, fieldFrom: { easyWater: ideal, air: ideal },
  },
  temperateMoist: {
    id: "temperateMoist", water: [30, 55], easyWater: [12, 30], air: [12, 30], drains: [3, 5], acid: [5.5, 7.2], nutrients: [1, 3], crewFood: [1.2, 5], lasts: [24, 60], dust: [0, 2.5], from: recalled,
  },
  streamBank: {
    id: "streamBank", water: [40, 70], easyWater: [18, 35], air: [15, 30], drains: [3.5, 5], acid: [5, 7], nutrients: [0.5, 2], crewFood: [1, 5], lasts: [24, 60], dust: [0, 2], from: recalled,
  },
  semiArid: {
    id: "semiArid", water: [18, 40], easyWater: [8, 25], air: [10, 28], drains: [3, 5], acid: [6, 8], nutrients: [0, 2], crewFood: [0.3, 4], lasts: [24, 60], dust: [0, 2.5], from: recalled,
  },
  arid: {
    id: "arid", water: [12, 35], easyWater: [4, 22], air: [10, 28], drains: [3, 5], acid: [6.5, 8.2], nutrients: [0, 1.5], crewFood: [0, 3], lasts: [24, 60], dust: [0, 3], from: recalled,
  },
} as const satisfies Record<ClimateClass, MixTarget>;

/** What a burrower's tunnels ask of the soil, whatever the climate. */
export const BURROW_TARGET = { id: "burrow", cohesionKPa: [6, 45], from: { ...practice, note: "about a tenth clay lets tunnels stand; the figure is what that recipe comes to" } } as const;
