import { practice, memory } from "../provenance";
import type { Recipe } from "../schema";

const part = (ingredientId: string, parts: number) => ({ ingredientId, parts });

/** Starting recipes, in parts as they are told: the sum may be anything. */
export const recipes: readonly Recipe[] = [
  {
    id: "treeFernForest", climates: ["humidForest", "streamBank"], from: practice,
    parts: [part("treeFernFibre", 2), part("fineBark", 2), part("peat", 1), part("sphagnum", 1), part("charcoal", 1)],
  },
  {
    id: "peatFreeForest", climates: ["humidForest", "streamBank"],
    from: { ...practice, note: "coir and tree fern as the base, the rest in smaller parts; these parts are one reading of it" },
    parts: [
      part("coir", 3), part("treeFernFibre", 3), part("charcoal", 1), part("sphagnum", 1), part("playSand", 1), part("crushedLeaf", 1),
    ],
  },
  {
    id: "peatFreeBark", climates: ["humidForest", "streamBank"],
    from: { ...practice, note: "coir and bark as the base where tree fern is not to be had; the shares are one reading of it" },
    parts: [part("coir", 3), part("fineBark", 3), part("sphagnum", 1), part("charcoal", 1), part("leafMould", 1), part("crushedLeaf", 1)],
  },
  {
    id: "soilBased", climates: ["temperateMoist", "humidForest"],
    from: { ...practice, note: "topsoil 70 and sand 30, with charcoal, coir and bark added" },
    parts: [part("topsoil", 70), part("playSand", 30), part("coir", 15), part("fineBark", 15), part("charcoal", 5)],
  },
  {
    id: "burrow", climates: ["temperateMoist", "semiArid"],
    from: { ...practice, note: "told as 70 soil, 30 sand and 10 clay: 110 in all" },
    parts: [part("topsoil", 70), part("playSand", 30), part("clayPowder", 10)],
  },
  {
    id: "redDesert", climates: ["arid", "semiArid"],
    from: { ...memory, note: "red sand, decomposed granite and fine eucalypt bark is common; the shares are recalled" },
    parts: [part("redSand", 6), part("decomposedGranite", 3), part("eucalyptBark", 1)],
  },
  {
    id: "clayDesert", climates: ["arid", "semiArid"],
    from: { ...practice, note: "structural clay with peat; the shares are recalled" },
    parts: [part("tunnelClay", 7), part("redSand", 2), part("peat", 1)],
  },
  {
    id: "mossBed", climates: ["streamBank", "humidForest"],
    from: { ...memory, note: "an acid, even bed for mosses; the shares are recalled" },
    parts: [part("milledSphagnum", 3), part("coir", 2), part("pumice", 1)],
  },
  {
    id: "waterMargin", climates: ["streamBank"],
    from: { ...memory, note: "drains back into the water and does not cloud it; the shares are recalled" },
    parts: [part("coarseSand", 3), part("bakedClay", 2), part("coir", 2), part("sphagnum", 1)],
  },
];
