import { memory, practice } from "../provenance";
import type { Barrier, Drainage, Dressing } from "../schema";

const recalled = { ...memory, note: "recalled; weigh a litre of your own" };
const usual = { settlesPct: { ...practice, note: "loose media bed down; buy 10 to 25 % more than the geometry says" } };

/** What lies at the very bottom and takes the water the soil cannot hold. */
export const drainageMedia: readonly Drainage[] = [
  {
    id: "clayPebbles", look: { texture: "pebble", color: "#b06a44" }, looseKgPerL: 0.38, voidPct: 45, settlesPct: 10,
    capillaryRiseCm: 0.5, grainMm: 12, reposeDeg: 32, cautions: ["dust"], from: recalled,
    fieldFrom: { ...usual, voidPct: { ...practice, note: "45 % voids is the usual figure for 8 to 16 mm pebbles" } },
  },
  {
    id: "lavaRock", look: { texture: "pebble", color: "#7a4436" }, looseKgPerL: 0.75, voidPct: 50, settlesPct: 10,
    capillaryRiseCm: 1, grainMm: 15, reposeDeg: 38, cautions: ["dust", "weight"], from: recalled, fieldFrom: usual,
  },
  {
    id: "washedGravel", look: { texture: "pebble", color: "#9b978c" }, looseKgPerL: 1.5, voidPct: 40, settlesPct: 10,
    capillaryRiseCm: 1.5, grainMm: 8, reposeDeg: 35, cautions: ["weight"], from: recalled, fieldFrom: usual,
  },
  {
    id: "plasticBioMedia", look: { texture: "pebble", color: "#5f6f78" }, looseKgPerL: 0.15, voidPct: 85, settlesPct: 5,
    capillaryRiseCm: 0.2, grainMm: 25, reposeDeg: 30, cautions: [], from: recalled, fieldFrom: usual,
  },
  {
    id: "pumiceGravel", look: { texture: "pebble", color: "#c9c4bb" }, looseKgPerL: 0.5, voidPct: 48, settlesPct: 10,
    capillaryRiseCm: 1, grainMm: 10, reposeDeg: 36, cautions: ["dust"], from: recalled, fieldFrom: usual,
  },
];

/** What keeps the soil out of the drainage. */
export const barriers: readonly Barrier[] = [
  { id: "insectScreen", look: { texture: "mesh", color: "#5c6a62" }, thicknessCm: 0.03, kgPerM2: 0.12, rollWidthCm: 120, cautions: ["blades"], from: recalled },
  { id: "landscapeFabric", look: { texture: "mesh", color: "#3c3f41" }, thicknessCm: 0.05, kgPerM2: 0.1, rollWidthCm: 100, cautions: ["blades"], from: recalled },
  { id: "steelMesh", look: { texture: "mesh", color: "#8a9296" }, thicknessCm: 0.05, kgPerM2: 0.6, rollWidthCm: 100, cautions: ["blades"], from: recalled },
  { id: "filterFoam", look: { texture: "mesh", color: "#4a5961" }, thicknessCm: 1, kgPerM2: 0.3, rollWidthCm: 100, cautions: ["blades"], from: recalled },
];

/** What lies on top of the soil. */
export const dressings: readonly Dressing[] = [
  {
    id: "oakLitter", look: { texture: "leaf", color: "#a9793f" }, looseKgPerL: 0.05, loosePerPressed: 2.2, waterHeldPct: 12, reposeDeg: 40,
    climates: ["humidForest", "temperateMoist", "streamBank", "semiArid"], cautions: ["ovenWatched"], from: recalled,
  },
  {
    id: "magnoliaLitter", look: { texture: "leaf", color: "#8f6334" }, looseKgPerL: 0.04, loosePerPressed: 2.6, waterHeldPct: 8, reposeDeg: 40,
    climates: ["humidForest", "temperateMoist", "streamBank", "semiArid"], cautions: ["ovenWatched"], from: recalled,
  },
  {
    id: "sheetMoss", look: { texture: "moss", color: "#7f9a53" }, looseKgPerL: 0.06, loosePerPressed: 1.3, waterHeldPct: 45, reposeDeg: 60,
    climates: ["humidForest", "temperateMoist", "streamBank"], cautions: [], from: recalled,
  },
  {
    id: "wrungSphagnum", look: { texture: "moss", color: "#a9a36a" }, looseKgPerL: 0.03, loosePerPressed: 1.6, waterHeldPct: 55, reposeDeg: 60,
    climates: ["humidForest", "temperateMoist", "streamBank"], cautions: [], from: recalled,
  },
  {
    id: "stoneChips", look: { texture: "pebble", color: "#b9a283" }, looseKgPerL: 1.45, loosePerPressed: 1.1, waterHeldPct: 3, reposeDeg: 36,
    climates: ["semiArid", "arid"], cautions: ["weight"], from: recalled,
  },
];
