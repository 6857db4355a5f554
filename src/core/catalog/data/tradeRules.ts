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
  waterChangeDays: { id: "waterChangeDays", value: 7, from: { ...practice, note: "a part of the water, weekly" } },
  siliconeCartridgeL: { id: "siliconeCartridgeL", value: 0.31, from: { ...practice, note: "the usual cartridge, 310 ml" } },
  siliconeBeadMm: { id: "siliconeBeadMm", value: 6, from: { ...memory, note: "a bead of 6 mm holds a panel" } },
  roughenBeadLPerM2: { id: "roughenBeadLPerM2", value: 0.12, from: { ...memory, note: "a scribble of silicone on the glass, so that foam grips" } },
  heavyPieceKg: { id: "heavyPieceKg", value: 2, from: { ...memory, note: "from this mass on a stone that slips crushes a small animal" } },
  lastingGlassMPa: {
    id: "lastingGlassMPa", value: 7,
    from: published("EN 16612, Glass in building: lateral load resistance of glass panes", "annealed float 45 MPa times 0.29 for permanent load, over 1.8; recalled, rounded down"),
  },
  plasticCreepShare: { id: "plasticCreepShare", value: 0.33, from: { ...memory, note: "share of a plastic's short-term stiffness that is left under a load for years" } },
  sagSpanShare: { id: "sagSpanShare", value: 200, from: { ...memory, note: "a plate may sag by a two-hundredth of its span" } },
  barrierOverlapCm: { id: "barrierOverlapCm", value: 5, from: { ...practice, note: "strips lie over one another by about 5 cm" } },
  edgeStripCm: { id: "edgeStripCm", value: 6, from: { ...practice, note: "strips tucked along the walls where the sheet is not turned up" } },
  panelEaseCm: { id: "panelEaseCm", value: 0.3, from: { ...memory, note: "a rigid panel wants this much play to go in" } },
  vesselFillShare: { id: "vesselFillShare", value: 0.8, from: { ...memory, note: "a vessel filled so far still lets a mix be turned over" } },
  dustLayingShare: { id: "dustLayingShare", value: 0.1, from: { ...memory, note: "share of squeeze-ready water that lays the dust of a lift kept dry" } },
  humusShare: { id: "humusShare", value: 0.2, from: { ...memory, note: "share of what rots that stays as fine droppings and humus" } },
  plantQuarantineDays: { id: "plantQuarantineDays", value: 14, from: { ...memory, note: "new plants are kept apart two weeks, for pests and sprays" } },
  pruneOftenDays: { id: "pruneOftenDays", value: 30, from: { ...memory, note: "vines and floating plants" } },
  pruneSometimesDays: { id: "pruneSometimesDays", value: 60, from: { ...memory, note: "bushy plants, ferns, grasses" } },
  pruneSeldomDays: { id: "pruneSeldomDays", value: 180, from: { ...memory, note: "rosettes, mosses, succulents, palms: only what has withered" } },
  potDividesInto: { id: "potDividesInto", value: 10, from: { ...practice, note: "a big nursery pot is divided into about ten" } },
  overplantFactor: { id: "overplantFactor", value: 1.4, from: { ...memory, note: "safety in numbers under heavy or digging animals; the figure is recalled" } },
  topUpLeastCm: { id: "topUpLeastCm", value: 2.5, from: { ...practice, note: "old soil is topped with 2.5 to 5 cm of fresh, not thrown out" } },
  topUpMostCm: { id: "topUpMostCm", value: 5, from: { ...practice, note: "old soil is topped with 2.5 to 5 cm of fresh, not thrown out" } },
  clayWaterShare: { id: "clayWaterShare", value: 0.35, from: { ...memory, note: "litres of water that make a litre of dry sculpting clay workable" } },
  mossPadL: { id: "mossPadL", value: 0.1, from: { ...memory, note: "a handful of moss round the roots of what is tied to wood" } },
  leakTestDays: { id: "leakTestDays", value: 1, from: { ...memory, note: "filled and left standing overnight" } },
} as const satisfies Record<string, TradeRule>;

export type TradeRuleId = keyof typeof tradeRules;
