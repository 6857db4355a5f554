import { practice } from "../../provenance";
import { animal, type AnimalRow } from "./row";

const deepBurrow = { soilDepthCm: { ...practice, note: "15 cm and more for burrowers" } };

/** Tarantulas, scorpions, mantids, millipedes, crabs. */
const rows: readonly AnimalRow[] = [
  ["redKneeTarantula", "Brachypelma hamorii", "tarantula", "centralAmerica", "semiArid", [15, 30], "burrowing", "night", [null, [25, 28], [22, 25], [20, 24]], [50, 65, 55, 70], 1, [40, 30, 25, 1, 1, 1], 12, "avoided", "none", "gentle", 1, 21, "alone", "bowl", ["insects"], "easy", { cautions: ["protectedSpecies"], roomTemperature: true }],
  ["pinkToeTarantula", "Caribena versicolor", "tarantula", "centralAmerica", "humidForest", [13, 15], "climbing", "night", [null, [25, 28], [22, 25], [21, 24]], [65, 80, 70, 85], 1, [25, 25, 35, 1, 1, 1], 5, "optional", "none", "gentle", 3, 28, "alone", "bowl", ["insects"], "fair", { synonyms: ["Avicularia versicolor"] }],
  ["greenbottleTarantula", "Chromatopelma cyaneopubescens", "tarantula", "southAmerica", "arid", [14, 15], "ground", "night", [null, [26, 29], [23, 26], [21, 25]], [40, 55, 45, 60], 1, [40, 30, 30, 1, 1, 1], 8, "avoided", "none", "gentle", 0, 21, "alone", "bowl", ["insects"], "easy"],
  ["curlyHairTarantula", "Tliltocatl albopilosus", "tarantula", "centralAmerica", "temperateMoist", [15, 30], "burrowing", "night", [null, [24, 27], [22, 25], [20, 24]], [60, 75, 65, 80], 1, [40, 30, 30, 1, 1, 1], 15, "optional", "none", "moderate", 2, 21, "alone", "bowl", ["insects"], "easy", { synonyms: ["Brachypelma albopilosum"], fieldFrom: deepBurrow }],
  ["emperorScorpion", "Pandinus imperator", "scorpion", "africa", "humidForest", [16, 30], "burrowing", "night", [null, [27, 30], [24, 27], [22, 26]], [70, 85, 75, 95], 1, [45, 30, 30, 1, 0.6, 3], 15, "optional", "none", "moderate", 3, 28, "group", "bowl", ["insects"], "easy", { cautions: ["protectedSpecies"], fieldFrom: deepBurrow }],
  ["desertHairyScorpion", "Hadrurus arizonensis", "scorpion", "northAmerica", "arid", [13, 12], "burrowing", "night", [null, [28, 33], [24, 28], [20, 26]], [20, 40, 25, 45], 1, [40, 30, 30, 1, 1, 1], 20, "avoided", "none", "gentle", 0, 21, "alone", "none", ["insects"], "fair"],
  ["orchidMantis", "Hymenopus coronatus", "mantis", "southeastAsia", "humidForest", [6, 2], "climbing", "day", [null, [26, 30], [23, 26], [20, 24]], [60, 85, 70, 90], 2, [20, 20, 30, 1, 1, 1], 4, "optional", "some", "gentle", 7, 21, "alone", "mist", ["smallInsects"], "fair"],
  ["ghostMantis", "Phyllocrania paradoxa", "mantis", "africa", "temperateMoist", [5, 1], "climbing", "day", [null, [24, 28], [21, 25], [18, 23]], [50, 70, 60, 80], 2, [20, 20, 30, 1, 0.5, 4], 4, "optional", "some", "gentle", 5, 21, "group", "mist", ["smallInsects"], "easy"],
  ["giantAfricanMillipede", "Archispirostreptus gigas", "millipede", "africa", "humidForest", [25, 60], "burrowing", "night", [null, [24, 28], [22, 25], [20, 24]], [70, 90, 75, 95], 1, [60, 40, 40, 2, 0.2, 6], 15, "optional", "none", "rough", 4, 28, "group", "bowl", ["rottenWood", "leaves", "fruit"], "easy", { fieldFrom: deepBurrow }],
  ["yellowBandedMillipede", "Anadenobolus monilicornis", "millipede", "centralAmerica", "humidForest", [7, 4], "burrowing", "night", [null, [23, 27], [21, 24], [20, 24]], [70, 90, 75, 95], 1, [30, 20, 20, 6, 0.05, 30], 8, "optional", "none", "gentle", 4, 21, "group", "mist", ["rottenWood", "leaves"], "easy", { cautions: ["neverRelease"], roomTemperature: true }],
  ["vampireCrab", "Geosesarma dennerle", "crab", "southeastAsia", "streamBank", [4, 5], "semiAquatic", "dusk", [null, [25, 28], [23, 25], [22, 25]], [75, 95, 80, 100], 1, [45, 30, 30, 3, 0.12, 8], 7.5, "wanted", "some", "gentle", 7, 28, "group", "halfWater", ["insects", "leaves"], "fair"],
  ["landHermitCrab", "Coenobita clypeatus", "crab", "centralAmerica", "streamBank", [8, 60], "burrowing", "night", [null, [26, 29], [24, 27], [23, 26]], [75, 90, 80, 95], 1, [60, 40, 40, 3, 0.15, 8], 15, "optional", "some", "rough", 3, 28, "group", "pool", ["insects", "fruit", "leaves"], "fair", { fieldFrom: deepBurrow }],
  ["moonCrab", "Gecarcinus quadratus", "crab", "centralAmerica", "streamBank", [10, 80], "burrowing", "night", [null, [25, 29], [23, 26], [22, 26]], [75, 90, 80, 95], 1, [75, 45, 45, 1, 1, 1], 20, "optional", "some", "rough", 3, 28, "alone", "pool", ["leaves", "fruit", "insects"], "fair", { fieldFrom: deepBurrow }],
];

export const invertebrates = rows.map(animal);
