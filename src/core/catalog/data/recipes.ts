import { practised, practice } from "../provenance";
import type { Recipe } from "../schema";
import { sharesRecalled } from "./from";

/** Known mixes, in parts as they are told: the sum may be anything. Within a family the most usual comes first. */
export const recipes: readonly Recipe[] = [
  {
    id: "treeFernForest", family: "forest",
    climates: ["humidForest", "streamBank"], soils: ["dampForest", "thinLitter"],
    parts: [
      { ingredientId: "treeFernFibre", parts: 2 }, { ingredientId: "fineBark", parts: 2 },
      { ingredientId: "peat", parts: 1 }, { ingredientId: "sphagnum", parts: 1 },
      { ingredientId: "charcoal", parts: 1 },
    ],
    from: practice,
  },
  {
    id: "peatFreeForest", family: "forest",
    climates: ["humidForest", "streamBank"], soils: ["dampForest", "thinLitter"],
    parts: [
      { ingredientId: "coir", parts: 3 }, { ingredientId: "treeFernFibre", parts: 3 },
      { ingredientId: "charcoal", parts: 1 }, { ingredientId: "sphagnum", parts: 1 },
      { ingredientId: "playSand", parts: 1 }, { ingredientId: "crushedLeaf", parts: 1 },
    ],
    unsure: ["parts"],
    from: practised("coir and tree fern as the base, the rest in smaller parts; these parts are one reading of it"),
  },
  {
    id: "peatFreeBark", family: "forest",
    climates: ["humidForest", "streamBank"], soils: ["dampForest", "thinLitter"],
    parts: [
      { ingredientId: "coir", parts: 3 }, { ingredientId: "fineBark", parts: 3 },
      { ingredientId: "sphagnum", parts: 1 }, { ingredientId: "charcoal", parts: 1 },
      { ingredientId: "leafMould", parts: 1 }, { ingredientId: "crushedLeaf", parts: 1 },
    ],
    unsure: ["parts"],
    from: practised("coir and bark as the base where tree fern is not to be had; the shares are one reading of it"),
  },
  {
    id: "soilBased", family: "soil",
    climates: ["temperateMoist", "humidForest", "seasonalWoodland", "semiArid"], soils: ["dampForest", "thinLitter"],
    parts: [
      { ingredientId: "topsoil", parts: 70 }, { ingredientId: "playSand", parts: 30 },
      { ingredientId: "coir", parts: 15 }, { ingredientId: "fineBark", parts: 15 },
      { ingredientId: "charcoal", parts: 5 },
    ],
    unsure: ["parts"], from: practised("topsoil 70 and sand 30, with charcoal, coir and bark added"),
  },
  {
    id: "burrow", family: "burrow",
    climates: ["temperateMoist", "semiArid", "seasonalWoodland"], soils: ["tunnelHolding"],
    parts: [
      { ingredientId: "topsoil", parts: 70 }, { ingredientId: "playSand", parts: 30 },
      { ingredientId: "clayPowder", parts: 10 },
    ],
    from: practised("told as 70 soil, 30 sand and 10 clay: 110 in all"),
  },
  {
    id: "limedForest", family: "soil",
    climates: ["humidForest", "streamBank", "temperateMoist", "seasonalWoodland"], soils: ["limedForest"],
    parts: [
      { ingredientId: "topsoil", parts: 4 }, { ingredientId: "leafMould", parts: 2 },
      { ingredientId: "coir", parts: 2 }, { ingredientId: "fineBark", parts: 2 },
      { ingredientId: "playSand", parts: 1 }, { ingredientId: "shellSand", parts: 0.5 },
    ],
    unsure: ["parts"], from: practised("forest soil with lime for snails, crabs and tortoises; the shares are ours"),
  },
  {
    id: "soilAndSand", family: "soil",
    climates: ["semiArid"], soils: ["dryCrumble"],
    parts: [{ ingredientId: "topsoil", parts: 7 }, { ingredientId: "playSand", parts: 3 }],
    from: practised("seven of plain topsoil to three of sand, dry above"),
  },
  {
    id: "dampSand", family: "sand",
    climates: ["arid", "semiArid"], soils: ["dampSand"],
    parts: [{ ingredientId: "playSand", parts: 9 }, { ingredientId: "clayPowder", parts: 1 }],
    unsure: ["parts"], from: practised("fine sand with a little clay, wetted below; the share of clay is ours"),
  },
  {
    id: "redDesert", family: "desert",
    climates: ["arid", "semiArid"], soils: ["dryCrumble"],
    parts: [
      { ingredientId: "redSand", parts: 6 }, { ingredientId: "decomposedGranite", parts: 3 },
      { ingredientId: "eucalyptBark", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "clayDesert", family: "desert",
    climates: ["arid", "semiArid"], soils: ["tunnelHolding", "dryCrumble"],
    parts: [
      { ingredientId: "tunnelClay", parts: 7 }, { ingredientId: "redSand", parts: 2 },
      { ingredientId: "peat", parts: 1 },
    ],
    unsure: ["parts"], from: practised("structural clay with peat; the shares are recalled"),
  },
  {
    id: "mossBed", family: "moss",
    climates: ["streamBank", "humidForest", "temperateMoist"], soils: ["dampForest"],
    parts: [
      { ingredientId: "milledSphagnum", parts: 3 }, { ingredientId: "coir", parts: 2 },
      { ingredientId: "pumice", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "waterMargin", family: "waterside",
    climates: ["streamBank"], soils: ["dampForest", "rockAndGrit"],
    parts: [
      { ingredientId: "coarseSand", parts: 3 }, { ingredientId: "bakedClay", parts: 2 },
      { ingredientId: "coir", parts: 2 }, { ingredientId: "sphagnum", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "bog", family: "bog",
    climates: ["streamBank", "temperateMoist", "humidForest"], soils: ["dampForest"],
    parts: [
      { ingredientId: "peat", parts: 3 }, { ingredientId: "milledSphagnum", parts: 1 },
      { ingredientId: "perlite", parts: 1 }, { ingredientId: "coarseSand", parts: 1 },
    ],
    unsure: ["soils", "parts"], from: sharesRecalled,
  },
  {
    id: "peatFreeBog", family: "bog",
    climates: ["streamBank", "temperateMoist", "humidForest"], soils: ["dampForest"],
    parts: [
      { ingredientId: "sphagnum", parts: 2 }, { ingredientId: "milledSphagnum", parts: 1 },
      { ingredientId: "softPumice", parts: 1 }, { ingredientId: "perlite", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "firedClayFloor", family: "clay",
    climates: ["humidForest", "streamBank"], soils: ["dampForest", "rockAndGrit"],
    parts: [
      { ingredientId: "calcinedClay", parts: 3 }, { ingredientId: "bakedClay", parts: 2 },
      { ingredientId: "loamGranules", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "millipedeSoil", family: "eaten",
    climates: ["humidForest", "temperateMoist", "seasonalWoodland"], soils: ["leafMouldEaten"],
    parts: [
      { ingredientId: "rottenHardwood", parts: 4 }, { ingredientId: "halfRottedLeaf", parts: 2 },
      { ingredientId: "leafMould", parts: 2 }, { ingredientId: "crushedLeaf", parts: 1 },
      { ingredientId: "fermentedWood", parts: 1 }, { ingredientId: "clayLoam", parts: 1 },
      { ingredientId: "limePowder", parts: 0.15 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "leafMouldWoodland", family: "woodland",
    climates: ["temperateMoist", "seasonalWoodland", "humidForest"], soils: ["dampForest", "leafMouldEaten"],
    parts: [
      { ingredientId: "leafMould", parts: 4 }, { ingredientId: "sievedLoam", parts: 2 },
      { ingredientId: "fineBark", parts: 2 }, { ingredientId: "coarseSand", parts: 1 },
      { ingredientId: "rottenWood", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "moultingSand", family: "sand",
    climates: ["coast", "humidForest"], soils: ["moultingSand"],
    parts: [{ ingredientId: "playSand", parts: 5 }, { ingredientId: "coir", parts: 1 }],
    from: sharesRecalled,
  },
  {
    id: "crabBurrow", family: "burrow",
    climates: ["coast", "humidForest", "streamBank"], soils: ["tunnelHolding", "moultingSand"],
    parts: [
      { ingredientId: "playSand", parts: 4 }, { ingredientId: "topsoil", parts: 3 },
      { ingredientId: "coir", parts: 2 }, { ingredientId: "clayPowder", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "looseSand", family: "sand",
    climates: ["arid"], soils: ["looseSand"],
    parts: [{ ingredientId: "fineSand", parts: 1 }],
    from: sharesRecalled,
  },
  {
    id: "stonyGround", family: "desert",
    climates: ["arid", "semiArid"], soils: ["rockAndGrit", "dryCrumble"],
    parts: [
      { ingredientId: "decomposedGranite", parts: 4 }, { ingredientId: "quartzGrit", parts: 3 },
      { ingredientId: "sandyLoam", parts: 2 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "tortoiseGround", family: "soil",
    climates: ["semiArid", "seasonalWoodland"], soils: ["dryCrumble"],
    parts: [
      { ingredientId: "topsoil", parts: 5 }, { ingredientId: "playSand", parts: 3 },
      { ingredientId: "coir", parts: 2 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "loessDryland", family: "burrow",
    climates: ["semiArid", "arid"], soils: ["tunnelHolding", "dryCrumble"],
    parts: [
      { ingredientId: "siltLoam", parts: 5 }, { ingredientId: "playSand", parts: 4 },
      { ingredientId: "decomposedGranite", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
  {
    id: "spiderTunnel", family: "burrow",
    climates: ["humidForest", "temperateMoist", "seasonalWoodland"], soils: ["tunnelHolding", "dampForest"],
    parts: [
      { ingredientId: "topsoil", parts: 4 }, { ingredientId: "coir", parts: 3 },
      { ingredientId: "clayPowder", parts: 1 }, { ingredientId: "playSand", parts: 1 },
    ],
    unsure: ["parts"], from: sharesRecalled,
  },
];
