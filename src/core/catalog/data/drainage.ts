import { practised } from "../provenance";
import type { Drainage } from "../schema";
import { usual, weighed } from "./from";

/** What lies at the very bottom and takes the water the soil cannot hold. */
export const drainageMedia: readonly Drainage[] = [
  {
    id: "clayPebbles", look: { texture: "pebble", color: "#b06a44" }, kgPerL: 0.38, voidPct: 45, settlesPct: 5,
    waterHeldKgPerL: 0.1, capillaryRiseCm: 4, grainMm: [8, 16], closedPoresPct: 25, wicksInto: "slightly",
    reposeDeg: 32, pH: 7.2, cautions: ["dust"], unsure: ["capillaryRiseCm", "closedPoresPct", "waterHeldKgPerL"],
    from: weighed,
    fieldFrom: { ...usual, voidPct: practised("45 % voids is the usual figure for 8 to 16 mm pebbles") },
  },
  {
    id: "lavaRock", look: { texture: "pebble", color: "#7a4436" }, kgPerL: 0.75, voidPct: 50, settlesPct: 5,
    waterHeldKgPerL: 0.12, capillaryRiseCm: 5, grainMm: [8, 25], closedPoresPct: 8, wicksInto: "slightly",
    reposeDeg: 38, pH: 7.2, cautions: ["dust", "weight", "blades"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"],
    from: weighed, fieldFrom: usual,
  },
  {
    id: "washedGravel", look: { texture: "pebble", color: "#9b978c" }, kgPerL: 1.5, voidPct: 43, settlesPct: 4,
    waterHeldKgPerL: 0.03, capillaryRiseCm: 3, grainMm: [4, 16], closedPoresPct: 0, wicksInto: "slightly",
    reposeDeg: 35, pH: 7, cautions: ["weight"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"], from: weighed,
    fieldFrom: usual,
  },
  {
    id: "peaGravel", look: { texture: "pebble", color: "#a99f8d" }, kgPerL: 1.55, voidPct: 41, settlesPct: 3,
    waterHeldKgPerL: 0.05, capillaryRiseCm: 4, grainMm: [4, 8], closedPoresPct: 0, wicksInto: "slightly",
    reposeDeg: 33, pH: 7, cautions: ["weight"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"], from: weighed,
    fieldFrom: usual,
  },
  {
    id: "plasticBioMedia", look: { texture: "pebble", color: "#5f6f78" }, kgPerL: 0.14, voidPct: 85, settlesPct: 3,
    waterHeldKgPerL: 0.03, capillaryRiseCm: 1, grainMm: [10, 40], closedPoresPct: 0, wicksInto: "none", reposeDeg: 30,
    pH: 7, cautions: [], unsure: ["capillaryRiseCm", "kgPerL", "waterHeldKgPerL"], from: weighed, fieldFrom: usual,
  },
  {
    id: "pumiceGravel", look: { texture: "pebble", color: "#c9c4bb" }, kgPerL: 0.46, voidPct: 48, settlesPct: 5,
    waterHeldKgPerL: 0.25, capillaryRiseCm: 5, grainMm: [7, 14], closedPoresPct: 12, wicksInto: "readily",
    reposeDeg: 36, pH: 7, cautions: ["dust"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"], from: weighed,
    fieldFrom: usual,
  },
  {
    id: "foamedGlassGravel", look: { texture: "pebble", color: "#8f9391" }, kgPerL: 0.17, voidPct: 44, settlesPct: 5,
    waterHeldKgPerL: 0.06, capillaryRiseCm: 3, grainMm: [10, 30], closedPoresPct: 48, wicksInto: "slightly",
    reposeDeg: 40, pH: 8.5, cautions: ["dust", "blades"],
    unsure: ["capillaryRiseCm", "closedPoresPct", "pH", "waterHeldKgPerL"], from: weighed, fieldFrom: usual,
  },
  {
    id: "openCellFoam", look: { texture: "mesh", color: "#3f4a50" }, kgPerL: 0.028, voidPct: 97, settlesPct: 2,
    waterHeldKgPerL: 0.2, capillaryRiseCm: 2, grainMm: [1.3, 2.5], closedPoresPct: 0, wicksInto: "slightly",
    reposeDeg: 90, pH: 7, cautions: ["blades"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"], from: weighed,
    fieldFrom: usual,
  },
  {
    id: "drainageMat", look: { texture: "mesh", color: "#4b5257" }, kgPerL: 0.06, voidPct: 93, settlesPct: 2,
    waterHeldKgPerL: 0.02, capillaryRiseCm: 0.5, grainMm: [10, 20], closedPoresPct: 0, wicksInto: "none",
    reposeDeg: 90, pH: 7, cautions: ["blades"], unsure: ["capillaryRiseCm", "kgPerL", "voidPct", "waterHeldKgPerL"],
    from: weighed, fieldFrom: usual,
  },
  {
    id: "crocks", look: { texture: "pebble", color: "#b0613e" }, kgPerL: 0.85, voidPct: 48, settlesPct: 5,
    waterHeldKgPerL: 0.12, capillaryRiseCm: 4, grainMm: [15, 50], closedPoresPct: 0, wicksInto: "slightly",
    reposeDeg: 38, pH: 7.2, cautions: ["blades", "weight"], unsure: ["capillaryRiseCm", "waterHeldKgPerL"],
    from: weighed, fieldFrom: usual,
  },
  {
    id: "expandedShale", look: { texture: "pebble", color: "#6f6863" }, kgPerL: 0.7, voidPct: 48, settlesPct: 4,
    waterHeldKgPerL: 0.08, capillaryRiseCm: 4, grainMm: [8, 16], closedPoresPct: 14, wicksInto: "slightly",
    reposeDeg: 36, pH: 7.2, cautions: ["dust", "weight"],
    unsure: ["capillaryRiseCm", "closedPoresPct", "waterHeldKgPerL"], from: weighed, fieldFrom: usual,
  },
];
