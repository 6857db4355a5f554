import { memory, practice } from "../provenance";
import type { FalseBottom, PieceKind, Supply, WallFinish, WallTreatment } from "../structureSchema";

const plateRecalled = { ...memory, note: "short-term stiffness and a cautious lasting stress of polystyrene and polypropylene, recalled" };

/** What carries the soil over open water. */
export const falseBottoms: readonly FalseBottom[] = [
  {
    id: "diffuserGrid", look: { texture: "mesh", color: "#d8dcda" }, thicknessCm: 1.2, openPct: 85, kgPerM2: 1.8, elasticGPa: 3, lastingMPa: 5, solidPct: 12,
    legMm: 21, legWallMm: 2.7, cautions: ["blades"], from: plateRecalled,
  },
  {
    id: "filterPlate", look: { texture: "mesh", color: "#7b8a86" }, thicknessCm: 0.8, openPct: 20, kgPerM2: 3.2, elasticGPa: 2.2, lastingMPa: 5, solidPct: 45,
    legMm: 25, legWallMm: 3, cautions: [], from: plateRecalled,
  },
  {
    id: "gridOnFoam", look: { texture: "mesh", color: "#54645f" }, thicknessCm: 1.2, openPct: 85, kgPerM2: 3, elasticGPa: 3, lastingMPa: 5, solidPct: 12,
    legMm: 50, legWallMm: 25, cautions: ["blades"], from: { ...plateRecalled, note: "divider grid over pillars of filter foam, 5 cm square" },
  },
];

const handed = { ...memory, note: "order of size; the label of what you buy goes first" };
const usualWait = (note: string) => ({ ...practice, note });

/** Conduction: ISO 10456 tells polyurethane 0.025 to 0.03, polystyrene 0.035, expanded cork 0.04 to 0.05 W/mK (recalled). */
const built = { ...memory, note: "order of size, the label goes first; conduction by ISO 10456" };

/** What builders put on the walls. */
export const wallTreatments: readonly WallTreatment[] = [
  {
    id: "foam", look: { texture: "crumb", color: "#3b3733" }, usualCm: 5, kgPerM2PerCm: 0.35, conductsWPerMK: 0.03, inside: true, takesFinish: true, foamLPerCan: 18, wastePct: 35,
    beadEveryCm: 0, coats: 0, m2PerL: 0, setDays: 1, airDays: 1, cautions: ["fumes", "blades"], from: built,
    fieldFrom: { setDays: usualWait("sets in 12 to 24 hours") },
  },
  {
    id: "corkPanel", look: { texture: "flake", color: "#7a5638" }, usualCm: 2.5, kgPerM2PerCm: 1.8, conductsWPerMK: 0.045, inside: true, takesFinish: false, foamLPerCan: 0, wastePct: 0,
    beadEveryCm: 15, coats: 0, m2PerL: 0, setDays: 1, airDays: 1, cautions: ["fumes", "blades"], from: built,
    fieldFrom: { airDays: usualWait("one day's cure in another room, because of fumes") },
  },
  {
    id: "sculptedClay", look: { texture: "crumb", color: "#8a5a3c" }, usualCm: 3, kgPerM2PerCm: 12, conductsWPerMK: 0.8, inside: true, takesFinish: false, foamLPerCan: 0, wastePct: 5,
    beadEveryCm: 0, coats: 0, m2PerL: 0, setDays: 1, airDays: 0, cautions: ["dust", "weight"], from: built,
    fieldFrom: { setDays: usualWait("hard in 24 hours") },
  },
  {
    id: "removablePanel", look: { texture: "flake", color: "#6b5a48" }, usualCm: 3, kgPerM2PerCm: 0.5, conductsWPerMK: 0.035, inside: true, takesFinish: false, foamLPerCan: 0, wastePct: 0,
    beadEveryCm: 0, coats: 0, m2PerL: 0, setDays: 0, airDays: 0, cautions: ["blades"], from: built,
  },
  {
    id: "blackedGlass", look: { texture: "grain", color: "#23231f" }, usualCm: 0, kgPerM2PerCm: 0, conductsWPerMK: 1, inside: false, takesFinish: false, foamLPerCan: 0, wastePct: 0,
    beadEveryCm: 0, coats: 2, m2PerL: 9, setDays: 1, airDays: 0, cautions: ["fumes"], from: built,
  },
];

const airing = usualWait("24 hours' cure, then two to four weeks of airing until no smell is left");

/** The schools of finishing a foam wall. */
export const wallFinishes: readonly WallFinish[] = [
  {
    id: "siliconeFibre", look: { texture: "fibre", color: "#5a4531" }, cartridgesPerM2: 6.6, fibreLPerM2: 8, coats: 0, m2PerL: 0, kgPerM2: 2.6, coatDays: 0, cureDays: 1, airDays: 21,
    cautions: ["fumes", "dust"], from: handed,
    fieldFrom: { cartridgesPerM2: usualWait("one and a half cartridges for a wall of 76 by 30 cm"), cureDays: airing, airDays: airing },
  },
  {
    id: "cementPaint", look: { texture: "crumb", color: "#82786a" }, cartridgesPerM2: 0, fibreLPerM2: 0, coats: 4, m2PerL: 2.5, kgPerM2: 4, coatDays: 1, cureDays: 7, airDays: 7,
    cautions: ["dust", "fumes"], from: handed,
    fieldFrom: { coats: usualWait("three to five coats with drying between") },
  },
  {
    id: "plasterPaint", look: { texture: "crumb", color: "#a08f78" }, cartridgesPerM2: 0, fibreLPerM2: 0, coats: 3, m2PerL: 6, kgPerM2: 6, coatDays: 1, cureDays: 7, airDays: 7,
    cautions: ["dust", "fumes", "weight"], from: handed,
  },
  {
    id: "epoxyPutty", look: { texture: "crumb", color: "#6d6352" }, cartridgesPerM2: 0, fibreLPerM2: 0, coats: 2, m2PerL: 8, kgPerM2: 8, coatDays: 1, cureDays: 3, airDays: 7,
    cautions: ["fumes", "dust"], from: handed,
  },
];

const measured = { ...memory, note: "a usual size and the density of its stuff, recalled; measure and weigh yours" };
const wood = { texture: "fibre", color: "#7b5b3e" } as const;
const cork = { texture: "flake", color: "#86694b" } as const;
const stone = { texture: "grain", color: "#8d8577" } as const;

/** Kinds of things that stand in the box. Sizes are a start; every piece has its own. */
export const pieceKinds: readonly PieceKind[] = [
  { id: "branch", look: wood, plan: "block", form: "log", widthCm: 45, depthCm: 6, heightCm: 22, kgPerL: 0.7, solidPct: 14, rests: "ground", roles: ["climb", "basking"], cautions: ["ovenWatched"], from: measured },
  { id: "log", look: wood, plan: "block", form: "log", widthCm: 35, depthCm: 10, heightCm: 10, kgPerL: 0.65, solidPct: 78, rests: "ground", roles: ["retaining", "basking"], cautions: ["ovenWatched"], from: measured },
  { id: "corkFlat", look: cork, plan: "block", form: "cave", widthCm: 22, depthCm: 16, heightCm: 6, kgPerL: 0.25, solidPct: 100, hollow: { wallCm: 1.5, opensTo: "nothing" }, rests: "ground", roles: ["hide"], cautions: [], from: measured },
  { id: "corkTube", look: cork, plan: "round", form: "tube", widthCm: 14, depthCm: 14, heightCm: 32, kgPerL: 0.25, solidPct: 100, hollow: { wallCm: 1.5, opensTo: "soil" }, rests: "ground", roles: ["hide", "climb", "deepTube"], cautions: [], from: measured },
  { id: "boulder", look: stone, plan: "round", form: "stone", widthCm: 18, depthCm: 15, heightCm: 12, kgPerL: 2.65, solidPct: 70, rests: "glass", roles: ["heavy", "basking"], cautions: ["weight", "stacked"], from: { ...measured, note: "2.65 kg a litre, granite and quartzite" } },
  { id: "slabStack", look: { texture: "grain", color: "#74675b" }, plan: "block", form: "slabs", widthCm: 35, depthCm: 25, heightCm: 28, kgPerL: 2.7, solidPct: 80, rests: "glass", roles: ["heavy", "hide", "basking"], cautions: ["weight", "stacked"], from: { ...measured, note: "2.7 kg a litre, slate; a slab fills four fifths of the block around it" } },
  { id: "planterPot", look: { texture: "crumb", color: "#a8633f" }, plan: "round", form: "pot", widthCm: 12, depthCm: 12, heightCm: 11, kgPerL: 1.9, solidPct: 100, hollow: { wallCm: 0.6, opensTo: "soil" }, rests: "ground", roles: ["planter"], cautions: [], from: measured },
  { id: "dryHide", look: { texture: "crumb", color: "#6f6353" }, plan: "block", form: "cave", widthCm: 18, depthCm: 14, heightCm: 8, kgPerL: 1.4, solidPct: 100, hollow: { wallCm: 0.8, opensTo: "nothing" }, rests: "ground", roles: ["hide"], cautions: [], from: measured },
  { id: "humidHide", look: { texture: "moss", color: "#7d8a4c" }, plan: "block", form: "cave", widthCm: 18, depthCm: 14, heightCm: 10, kgPerL: 0.95, solidPct: 100, hollow: { wallCm: 0.3, opensTo: "nothing" }, rests: "ground", roles: ["hide", "humidHide"], cautions: [], from: measured },
  { id: "waterBowl", look: { texture: "grain", color: "#6e7f80" }, plan: "round", form: "bowl", widthCm: 16, depthCm: 16, heightCm: 5, kgPerL: 2.2, solidPct: 100, hollow: { wallCm: 0.8, opensTo: "nothing" }, rests: "ground", roles: ["bowl"], cautions: ["handWashing"], from: measured },
  { id: "ledge", look: cork, plan: "block", form: "ledge", widthCm: 20, depthCm: 9, heightCm: 3, kgPerL: 0.4, solidPct: 90, rests: "wall", roles: ["climb", "basking"], cautions: ["fumes"], from: measured },
  { id: "pumpColumn", look: { texture: "mesh", color: "#40484a" }, plan: "block", form: "column", widthCm: 9, depthCm: 9, heightCm: 20, kgPerL: 1.2, solidPct: 100, hollow: { wallCm: 0.4, opensTo: "water" }, rests: "glass", roles: ["column"], cautions: ["electricityWater"], from: measured },
  { id: "corkWall", look: cork, plan: "block", form: "flat", widthCm: 40, depthCm: 3, heightCm: 14, kgPerL: 0.25, solidPct: 95, rests: "glass", roles: ["retaining"], cautions: [], from: measured },
  { id: "stoneRow", look: stone, plan: "block", form: "stone", widthCm: 40, depthCm: 8, heightCm: 12, kgPerL: 2.65, solidPct: 75, rests: "glass", roles: ["retaining", "heavy"], cautions: ["weight", "stacked"], from: measured },
  { id: "clayPocket", look: { texture: "crumb", color: "#8a5a3c" }, plan: "round", form: "pot", widthCm: 15, depthCm: 10, heightCm: 10, kgPerL: 1.7, solidPct: 100, hollow: { wallCm: 1.5, opensTo: "soil" }, rests: "wall", roles: ["planter"], mouldedOf: "sculptingClay", cautions: ["dust"], from: measured },
  { id: "clayFace", look: { texture: "crumb", color: "#8a5a3c" }, plan: "block", form: "flat", widthCm: 30, depthCm: 4, heightCm: 25, kgPerL: 1.7, solidPct: 85, rests: "wall", roles: ["climb"], mouldedOf: "sculptingClay", cautions: ["dust", "weight"], from: measured },
  { id: "rootPocket", look: wood, plan: "block", form: "pot", widthCm: 26, depthCm: 16, heightCm: 13, kgPerL: 0.7, solidPct: 100, hollow: { wallCm: 3, opensTo: "soil" }, rests: "ground", roles: ["planter", "climb"], cautions: ["ovenWatched"], from: measured },
  { id: "rockPocket", look: stone, plan: "round", form: "pot", widthCm: 24, depthCm: 20, heightCm: 14, kgPerL: 2.65, solidPct: 100, hollow: { wallCm: 4, opensTo: "soil" }, rests: "glass", roles: ["planter", "heavy"], cautions: ["weight", "stacked"], from: measured },
  { id: "liana", look: { texture: "fibre", color: "#6a5138" }, plan: "block", form: "log", widthCm: 60, depthCm: 5, heightCm: 30, kgPerL: 0.6, solidPct: 6, rests: "wall", roles: ["climb"], cautions: [], from: measured },
  { id: "cane", look: { texture: "fibre", color: "#b59b5c" }, plan: "round", form: "log", widthCm: 3, depthCm: 3, heightCm: 50, kgPerL: 0.65, solidPct: 45, rests: "ground", roles: ["climb"], cautions: [], from: measured },
  { id: "artificialPlant", look: { texture: "moss", color: "#4f7d43" }, plan: "block", form: "log", widthCm: 24, depthCm: 5, heightCm: 25, kgPerL: 0.9, solidPct: 12, rests: "ground", roles: ["leaves"], cautions: [], from: measured },
  { id: "acrylicStrip", look: { texture: "mesh", color: "#9fb4b2" }, plan: "block", form: "flat", widthCm: 40, depthCm: 0.6, heightCm: 14, kgPerL: 1.19, solidPct: 100, rests: "glass", roles: ["retaining"], cautions: ["blades"], from: measured },
];

const starter = { ...memory, note: "what gives the soil its life a start is common practice; the amount is recalled" };

/** What is bought to build with, each in its own unit. */
export const supplies: readonly Supply[] = [
  { id: "foamCan", unit: "pieces", cautions: ["fumes"], from: practice },
  { id: "siliconeCartridge", unit: "pieces", cautions: ["fumes"], from: practice },
  { id: "wallPaint", unit: "litres", cautions: ["fumes"], from: practice },
  { id: "cementPaint", unit: "litres", cautions: ["dust"], from: practice },
  { id: "putty", unit: "litres", cautions: ["fumes"], from: practice },
  { id: "woodSealer", unit: "litres", cautions: ["fumes"], from: practice },
  { id: "sculptingClay", unit: "litres", cautions: ["dust"], from: practice },
  { id: "corkSheet", unit: "sheet", cautions: ["blades"], from: practice },
  { id: "rigidPanel", unit: "sheet", cautions: ["blades"], from: practice },
  { id: "plate", unit: "sheet", cautions: ["blades"], from: practice },
  { id: "legPipe", unit: "length", cautions: ["blades"], from: practice },
  { id: "filterWater", unit: "litres", startsPerM2: 2, cautions: ["handWashing"], from: starter },
  { id: "bottledCulture", unit: "litres", startsPerM2: 0.2, cautions: ["handWashing"], from: starter },
  { id: "ripeCompost", unit: "litres", startsPerM2: 1, cautions: ["handWashing", "dust"], from: starter },
  { id: "mossSlurry", unit: "litres", startsPerM2: 0.8, startsOn: "surfaces", cautions: ["handWashing", "protectedSpecies"], from: starter },
  { id: "mossSpores", unit: "pieces", startsPerM2: 2, startsOn: "surfaces", cautions: [], from: starter },
  { id: "mixedSeed", unit: "pieces", startsPerM2: 2, cautions: [], from: starter },
  { id: "shedSkin", unit: "pieces", startsPerM2: 4, cautions: ["handWashing"], from: starter },
];
