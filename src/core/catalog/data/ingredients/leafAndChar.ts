import type { Ingredient } from "../../ingredientSchema";
import { recalled, usual } from "./from";

/** Leaf and charcoal. */
export const leafAndChar: readonly Ingredient[] = [
  {
    id: "crushedLeaf", matter: "leaf", look: { texture: "leaf", color: "#b07b3c" },
    pouredKgPerL: 0.065, settlesPct: 22,
    laid: {
      kgPerL: 0.0833, totalPorosityPct: 94.4, at1kPaPct: 34, at5kPaPct: 23, at10kPaPct: 19, wiltingPct: 8,
      airDryPct: 0.9, conductivity: "veryHigh",
    },
    closedPoresPct: 0, sizes: { medianMm: 10, geometricDeviation: 2 }, betweenPct: 66, springiness: 0.35,
    reposeDeg: 40,
    pH: 5.8, bufferMmolPerL: 12, freeLimePct: 0, swells: "no", peat: "no", wets: "easily",
    nutrients: 1.5, saltMsPerCm: 0.4, crewFood: 5, cohesionKPa: 0.5, halvesInMonths: 8, dust: 1,
    soldAs: "gathered",
    safeToDig: true, amphibianSkin: "fine", cautions: ["ovenWatched"],
    unsure: [
      "bufferMmolPerL", "cohesionKPa", "halvesInMonths", "laid.at10kPaPct", "laid.wiltingPct",
      "sizes.geometricDeviation", "springiness",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "beechLeaf", matter: "leaf", look: { texture: "leaf", color: "#c08a4e" },
    pouredKgPerL: 0.05, settlesPct: 28,
    laid: {
      kgPerL: 0.0694, totalPorosityPct: 95.4, at1kPaPct: 30, at5kPaPct: 20, at10kPaPct: 17, wiltingPct: 7,
      airDryPct: 0.8, conductivity: "veryHigh",
    },
    closedPoresPct: 0, sizes: { medianMm: 20, geometricDeviation: 2 }, betweenPct: 72, springiness: 0.35,
    reposeDeg: 40,
    pH: 5.6, bufferMmolPerL: 10, freeLimePct: 0, swells: "no", peat: "no", wets: "reluctant",
    nutrients: 1.5, saltMsPerCm: 0.4, crewFood: 4, cohesionKPa: 0.5, halvesInMonths: 12, dust: 1,
    soldAs: "gathered",
    safeToDig: true, amphibianSkin: "fine", cautions: ["ovenWatched"],
    unsure: [
      "betweenPct", "bufferMmolPerL", "cohesionKPa", "halvesInMonths", "laid.at10kPaPct", "laid.wiltingPct",
      "sizes.geometricDeviation", "springiness",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "pineNeedles", matter: "leaf", look: { texture: "leaf", color: "#96643a" },
    pouredKgPerL: 0.06, settlesPct: 22,
    laid: {
      kgPerL: 0.0769, totalPorosityPct: 94.9, at1kPaPct: 22, at5kPaPct: 15, at10kPaPct: 12, wiltingPct: 6,
      airDryPct: 0.8, conductivity: "veryHigh",
    },
    closedPoresPct: 0, sizes: { medianMm: 15, geometricDeviation: 2 }, betweenPct: 68, springiness: 0.35,
    reposeDeg: 40,
    pH: 4.8, bufferMmolPerL: 7, freeLimePct: 0, swells: "no", peat: "no", wets: "reluctant",
    nutrients: 0.5, saltMsPerCm: 0.3, crewFood: 2, cohesionKPa: 0.5, halvesInMonths: 18, dust: 1,
    soldAs: "gathered",
    safeToDig: true, amphibianSkin: "little", cautions: ["ovenWatched"],
    unsure: [
      "betweenPct", "bufferMmolPerL", "cohesionKPa", "halvesInMonths", "laid.at10kPaPct", "laid.wiltingPct",
      "sizes.geometricDeviation", "springiness",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "halfRottedLeaf", matter: "leaf", look: { texture: "leaf", color: "#6e4d2a" },
    pouredKgPerL: 0.13, settlesPct: 22,
    laid: {
      kgPerL: 0.167, totalPorosityPct: 89, at1kPaPct: 50, at5kPaPct: 34, at10kPaPct: 28, wiltingPct: 13,
      airDryPct: 1.8, conductivity: "high",
    },
    closedPoresPct: 0, sizes: { medianMm: 6, geometricDeviation: 2.2 }, betweenPct: 56, springiness: 0.45,
    reposeDeg: 40,
    pH: 6, bufferMmolPerL: 26, freeLimePct: 0, swells: "no", peat: "no", wets: "easily",
    nutrients: 2, saltMsPerCm: 0.5, crewFood: 5, cohesionKPa: 1, halvesInMonths: 12, dust: 1,
    soldAs: "gathered",
    safeToDig: true, amphibianSkin: "fine", cautions: ["handWashing"],
    unsure: [
      "bufferMmolPerL", "cohesionKPa", "halvesInMonths", "laid.at10kPaPct", "laid.wiltingPct", "pouredKgPerL",
      "sizes.geometricDeviation", "springiness",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "leafMould", matter: "leaf", look: { texture: "crumb", color: "#4a3621" },
    pouredKgPerL: 0.28, settlesPct: 16,
    laid: {
      kgPerL: 0.333, totalPorosityPct: 78.9, at1kPaPct: 60, at5kPaPct: 42, at10kPaPct: 35, wiltingPct: 19,
      airDryPct: 3.5, conductivity: "high",
    },
    closedPoresPct: 0, sizes: { medianMm: 2, geometricDeviation: 2.5 }, betweenPct: 48, springiness: 0.65,
    reposeDeg: 42,
    pH: 6.3, bufferMmolPerL: 45, freeLimePct: 0, swells: "no", peat: "no", wets: "easily",
    nutrients: 2.5, saltMsPerCm: 0.7, crewFood: 4, cohesionKPa: 2, halvesInMonths: 18, dust: 1,
    soldAs: "gathered",
    safeToDig: true, amphibianSkin: "fine", cautions: ["handWashing"],
    unsure: [
      "bufferMmolPerL", "cohesionKPa", "halvesInMonths", "laid.at10kPaPct", "laid.wiltingPct",
      "sizes.geometricDeviation", "springiness",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "charcoal", matter: "char", look: { texture: "chip", color: "#343536" },
    pouredKgPerL: 0.22, settlesPct: 8,
    laid: {
      kgPerL: 0.239, totalPorosityPct: 78.6, at1kPaPct: 28, at5kPaPct: 20, at10kPaPct: 17, wiltingPct: 9,
      airDryPct: 1.5, conductivity: "veryHigh",
    },
    closedPoresPct: 6, sizes: { medianMm: 10, geometricDeviation: 1.8 }, betweenPct: 50, springiness: 0.9,
    reposeDeg: 40,
    pH: 8.2, bufferMmolPerL: 5, freeLimePct: 0.5, swells: "no", peat: "no", wets: "reluctant",
    nutrients: 0.5, saltMsPerCm: 0.3, crewFood: 0.5, cohesionKPa: 0.3, halvesInMonths: null, dust: 4,
    soldAs: "bag",
    safeToDig: true, amphibianSkin: "fine", cautions: ["dust"],
    unsure: [
      "bufferMmolPerL", "closedPoresPct", "cohesionKPa", "freeLimePct", "laid.at10kPaPct", "laid.wiltingPct",
      "springiness", "wets",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
  {
    id: "biochar", matter: "char", look: { texture: "crumb", color: "#2a2b2c" },
    pouredKgPerL: 0.18, settlesPct: 14,
    laid: {
      kgPerL: 0.209, totalPorosityPct: 84.9, at1kPaPct: 54, at5kPaPct: 38, at10kPaPct: 32, wiltingPct: 17,
      airDryPct: 2, conductivity: "high",
    },
    closedPoresPct: 2, sizes: { medianMm: 1.5, geometricDeviation: 2.2 }, betweenPct: 50, springiness: 0.9,
    reposeDeg: 42,
    pH: 8.8, bufferMmolPerL: 12, freeLimePct: 1, swells: "no", peat: "no", wets: "easily",
    nutrients: 1, saltMsPerCm: 0.8, crewFood: 0.5, cohesionKPa: 1, halvesInMonths: null, dust: 5,
    soldAs: "bag",
    safeToDig: true, amphibianSkin: "little", cautions: ["dust"],
    unsure: [
      "bufferMmolPerL", "closedPoresPct", "cohesionKPa", "freeLimePct", "laid.at10kPaPct", "laid.wiltingPct", "pH",
      "springiness", "wets",
    ],
    from: recalled, fieldFrom: { ...usual },
  },
];
