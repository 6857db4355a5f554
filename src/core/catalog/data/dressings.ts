import type { Dressing } from "../schema";
import { weighed } from "./from";

/** What lies on the soil. */
export const dressings: readonly Dressing[] = [
  {
    id: "oakLitter", look: { texture: "leaf", color: "#a9793f" }, kgPerL: 0.045, loosePerPressed: 2.2,
    waterHeldPct: 12, reposeDeg: 40,
    climates: ["humidForest", "temperateMoist", "streamBank", "seasonalWoodland", "semiArid"], rotsMonths: [8, 14],
    crewFood: 4, pH: 5.6, cautions: ["ovenWatched"], unsure: ["kgPerL", "rotsMonths"], from: weighed,
  },
  {
    id: "magnoliaLitter", look: { texture: "leaf", color: "#8f6334" }, kgPerL: 0.04, loosePerPressed: 2.5,
    waterHeldPct: 8, reposeDeg: 40,
    climates: ["humidForest", "temperateMoist", "streamBank", "seasonalWoodland", "semiArid"], rotsMonths: [12, 24],
    crewFood: 2.5, pH: 5.6, cautions: ["ovenWatched"], unsure: ["kgPerL", "rotsMonths"], from: weighed,
  },
  {
    id: "tropicalAlmondLitter", look: { texture: "leaf", color: "#8a5330" }, kgPerL: 0.04, loosePerPressed: 2.4,
    waterHeldPct: 10, reposeDeg: 40, climates: ["humidForest", "streamBank"], rotsMonths: [4, 8], crewFood: 4,
    pH: 5.2, cautions: [], unsure: ["kgPerL", "pH", "rotsMonths"], from: weighed,
  },
  {
    id: "beechLitter", look: { texture: "leaf", color: "#c08a4e" }, kgPerL: 0.05, loosePerPressed: 2.3,
    waterHeldPct: 11, reposeDeg: 40, climates: ["temperateMoist", "humidForest", "seasonalWoodland", "streamBank"],
    rotsMonths: [10, 18], crewFood: 3.5, pH: 5.6, cautions: ["ovenWatched"], unsure: ["kgPerL", "rotsMonths"],
    from: weighed,
  },
  {
    id: "mapleLitter", look: { texture: "leaf", color: "#c29a5a" }, kgPerL: 0.04, loosePerPressed: 2.5,
    waterHeldPct: 12, reposeDeg: 40, climates: ["temperateMoist", "humidForest", "seasonalWoodland", "streamBank"],
    rotsMonths: [3, 6], crewFood: 5, pH: 6, cautions: ["ovenWatched"], unsure: ["kgPerL", "rotsMonths"],
    from: weighed,
  },
  {
    id: "seaGrapeLitter", look: { texture: "leaf", color: "#a0623d" }, kgPerL: 0.05, loosePerPressed: 2.4,
    waterHeldPct: 8, reposeDeg: 40, climates: ["humidForest", "coast", "seasonalWoodland"], rotsMonths: [10, 18],
    crewFood: 2.5, pH: 5.8, cautions: [], unsure: ["crewFood", "kgPerL", "rotsMonths"], from: weighed,
  },
  {
    id: "bambooLitter", look: { texture: "leaf", color: "#bfae79" }, kgPerL: 0.04, loosePerPressed: 2.2,
    waterHeldPct: 8, reposeDeg: 42, climates: ["humidForest", "temperateMoist", "seasonalWoodland"],
    rotsMonths: [8, 14], crewFood: 2, pH: 5.8, cautions: [], unsure: ["crewFood", "kgPerL", "rotsMonths"],
    from: weighed,
  },
  {
    id: "sheetMoss", look: { texture: "moss", color: "#7f9a53" }, kgPerL: 0.06, loosePerPressed: 1.3,
    waterHeldPct: 45, reposeDeg: 60, climates: ["humidForest", "temperateMoist", "streamBank"], rotsMonths: [12, 30],
    crewFood: 1.5, pH: 5.5, cautions: ["protectedSpecies"], unsure: ["kgPerL", "rotsMonths", "waterHeldPct"],
    from: weighed,
  },
  {
    id: "wrungSphagnum", look: { texture: "moss", color: "#a9a36a" }, kgPerL: 0.0245, loosePerPressed: 1.6,
    waterHeldPct: 55, reposeDeg: 60, climates: ["humidForest", "temperateMoist", "streamBank"], rotsMonths: [18, 30],
    crewFood: 1.5, pH: 4.2, cautions: ["gloves", "handWashing"], unsure: ["kgPerL", "rotsMonths"], from: weighed,
  },
  {
    id: "livingMoss", look: { texture: "moss", color: "#5f8f3d" }, kgPerL: 0.08, loosePerPressed: 1.15,
    waterHeldPct: 50, reposeDeg: 70, climates: ["humidForest", "temperateMoist", "streamBank"], rotsMonths: null,
    crewFood: 1, pH: 5.8, cautions: ["protectedSpecies", "handWashing"], unsure: ["kgPerL", "waterHeldPct"],
    from: weighed,
  },
  {
    id: "podDressing", look: { texture: "chip", color: "#7a4f2e" }, kgPerL: 0.12, loosePerPressed: 1.1,
    waterHeldPct: 6, reposeDeg: 32,
    climates: ["humidForest", "temperateMoist", "streamBank", "seasonalWoodland", "semiArid"], rotsMonths: [20, 40],
    crewFood: 2, pH: 5.2, cautions: ["handWashing"], unsure: ["kgPerL", "pH", "rotsMonths"], from: weighed,
  },
  {
    id: "barkFlakes", look: { texture: "flake", color: "#86694b" }, kgPerL: 0.17, loosePerPressed: 1.15,
    waterHeldPct: 14, reposeDeg: 40,
    climates: ["humidForest", "temperateMoist", "streamBank", "seasonalWoodland", "semiArid"], rotsMonths: [36, 72],
    crewFood: 1, pH: 5, cautions: [], unsure: ["kgPerL", "rotsMonths"], from: weighed,
  },
  {
    id: "stoneChips", look: { texture: "pebble", color: "#b9a283" }, kgPerL: 1.45, loosePerPressed: 1.05,
    waterHeldPct: 3, reposeDeg: 36, climates: ["semiArid", "arid", "coast"], rotsMonths: null, crewFood: 0, pH: 7,
    cautions: ["weight"], from: weighed,
  },
  {
    id: "slateChips", look: { texture: "flake", color: "#5c6066" }, kgPerL: 1.35, loosePerPressed: 1.08,
    waterHeldPct: 2, reposeDeg: 38, climates: ["semiArid", "arid", "streamBank", "temperateMoist"], rotsMonths: null,
    crewFood: 0, pH: 7, cautions: ["weight", "blades"], from: weighed,
  },
  {
    id: "fineGravel", look: { texture: "pebble", color: "#a99f8d" }, kgPerL: 1.55, loosePerPressed: 1.03,
    waterHeldPct: 4, reposeDeg: 33, climates: ["streamBank", "arid", "semiArid", "coast"], rotsMonths: null,
    crewFood: 0, pH: 7, cautions: ["weight", "impaction"], from: weighed,
  },
  {
    id: "sandTopping", look: { texture: "grain", color: "#d9c28a" }, kgPerL: 1.5, loosePerPressed: 1.06,
    waterHeldPct: 30, reposeDeg: 34, climates: ["arid", "semiArid", "coast"], rotsMonths: null, crewFood: 0, pH: 7,
    cautions: ["dust", "silicaDust", "weight"], from: weighed,
  },
  {
    id: "charcoalLayer", look: { texture: "chip", color: "#343536" }, kgPerL: 0.22, loosePerPressed: 1.09,
    waterHeldPct: 12, reposeDeg: 40, climates: [], rotsMonths: null, crewFood: 0, pH: 8.2, under: "soil",
    boughtAs: "charcoal", cautions: ["dust"], from: weighed,
  },
  {
    id: "twigLitter", look: { texture: "fibre", color: "#7b5b3e" }, kgPerL: 0.09, loosePerPressed: 1.3,
    waterHeldPct: 6, reposeDeg: 45,
    climates: ["humidForest", "temperateMoist", "streamBank", "seasonalWoodland", "semiArid", "arid"],
    rotsMonths: [24, 48], crewFood: 2, pH: 5.6, cautions: ["ovenWatched"], unsure: ["kgPerL", "rotsMonths"],
    from: weighed,
  },
];
