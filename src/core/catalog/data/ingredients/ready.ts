import { memory } from "../../provenance";
import { ingredient, type Row } from "./row";

const from = { ...memory, note: "what such bags commonly hold, reckoned from their parts; each make differs" };
const fieldFrom = { looseKgPerL: from, totalPorosityPct: from, waterHeldPct: from, heldAt5kPaPct: from, pH: from };

/** Mixes bought ready in a bag, by kind. */
const rows: readonly Row[] = [
  { id: "readyForest", matter: "ready", look: ["flake", "#63472f"], looseKgPerL: 0.17, pores: [87, 44, 28, 13, 6], settlesPct: 15, pieces: [5, 52], percolation: "veryHigh", acid: [5.2, 6], feeds: [0.5, 0.3, 2], cohesionKPa: 1.2, halvesInMonths: 40, dust: 1, fieldFrom },
  { id: "readyMoist", matter: "ready", look: ["crumb", "#5b4531"], looseKgPerL: 0.55, pores: [70, 45, 31, 14, 8], settlesPct: 16, pieces: [2, 46], percolation: "high", acid: [6.2, 15], feeds: [2, 0.6, 2], cohesionKPa: 4, halvesInMonths: null, dust: 2, cautions: ["handWashing"], fieldFrom },
  { id: "readyDesert", matter: "ready", look: ["grain", "#b6784c"], looseKgPerL: 1.35, pores: [45, 27, 18, 9, 2], settlesPct: 12, pieces: [0.4, 44], percolation: "moderatelyHigh", acid: [7.2, 10], feeds: [0.5, 0.3, 0.5], cohesionKPa: 10, halvesInMonths: null, dust: 3, cautions: ["dust", "weight"], fieldFrom },
  { id: "tunnelClay", matter: "ready", look: ["grain", "#a85f38"], looseKgPerL: 1.25, pores: [50, 36, 30, 18, 3], settlesPct: 15, pieces: [0.2, 48], percolation: "moderatelyLow", acid: [7, 24], feeds: [0.5, 0.4, 0], cohesionKPa: 35, halvesInMonths: null, dust: 3, cautions: ["dust", "weight"], fieldFrom },
];

export const ready = rows.map(ingredient);
