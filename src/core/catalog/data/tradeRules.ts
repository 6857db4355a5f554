import { memory, practice, published } from "../provenance";
import type { TradeRule } from "../schema";

/** The numbers computations lean on that belong to no single material. */
export const tradeRules = {
  keptWaterLineCm: { id: "keptWaterLineCm", value: 1.3, from: { ...practice, note: "half an inch of water kept at the very bottom" } },
  drainageDepthCm: { id: "drainageDepthCm", value: 5, from: { ...practice, note: "5 cm is usual" } },
  soilDepthCm: { id: "soilDepthCm", value: 7.5, from: { ...practice, note: "the least that works as a living soil" } },
  barrierTurnUpCm: { id: "barrierTurnUpCm", value: 2.5, from: { ...practice, note: "2 to 3 cm a side" } },
  safeGapCm: { id: "safeGapCm", value: 0.5, from: { ...memory, note: "air left between the wetted pebbles and the barrier" } },
  squeezeReadyShare: {
    id: "squeezeReadyShare", value: 0.7,
    from: { ...memory, note: "share of the water a mix can hold at which a squeezed handful keeps its shape and does not drip" },
  },
  twoPersonLiftKg: {
    id: "twoPersonLiftKg", value: 25,
    from: published("HSE Manual Handling Operations Regulations guidance L23", "guideline figure for one person lifting at waist height"),
  },
  moistNeedRh: { id: "moistNeedRh", value: 60, from: { ...memory, note: "a band whose middle is above this counts as a wet build" } },
  litterTopUpDays: { id: "litterTopUpDays", value: 60, from: { ...practice, note: "about every two months" } },
  crewTopUpDays: { id: "crewTopUpDays", value: 60, from: { ...practice, note: "about every two months" } },
  lampYears: { id: "lampYears", value: 1, from: { ...practice, note: "replace UV lamps yearly, or when a meter says so" } },
  waterLineCheckDays: { id: "waterLineCheckDays", value: 7, from: practice },
  glassCleanDays: { id: "glassCleanDays", value: 7, from: memory },
  crewSeedDays: { id: "crewSeedDays", value: 14, from: { ...practice, note: "two to four weeks before the animal, better six" } },
  gearLogDays: { id: "gearLogDays", value: 7, from: { ...practice, note: "readings in band for a week" } },
  spotCleanDays: { id: "spotCleanDays", value: 1, from: practice },
  freshWaterDays: { id: "freshWaterDays", value: 1, from: practice },
  leakTestDays: { id: "leakTestDays", value: 1, from: { ...memory, note: "filled and left standing overnight" } },
} as const satisfies Record<string, TradeRule>;

export type TradeRuleId = keyof typeof tradeRules;
