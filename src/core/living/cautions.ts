import type { Animal, Caution, Plant } from "../catalog";

/** Cautions that go with any animal of its class, whatever its entry says besides. */
const WITH_CLASS: Record<Animal["group"], readonly Caution[]> = {
  amphibian: ["handWashing", "quarantineVet", "amphibianSkin"],
  reptile: ["handWashing", "quarantineVet"],
  invertebrate: ["handWashing"],
};

/** What a keeper of an animal is told to mind. @example animalCautions(library.get("animals", "rosyBoa")) */
export const animalCautions = ({ cautions, group, temperatureC }: Animal): Caution[] => [
  ...new Set<Caution>([
    ...cautions,
    // The one about Salmonella says to wash hands, too.
    ...WITH_CLASS[group].filter((code) => code !== "handWashing" || !cautions.includes("salmonella")),
    ...(temperatureC.baskingSurface ? (["heat"] as const) : []),
    ...(cautions.includes("invasive") ? (["neverRelease"] as const) : []),
  ]),
];

const HAZARD: Record<Plant["hazards"][number], Caution> = {
  sap: "sap",
  spines: "sharpSpines",
  awns: "awns",
  hairs: "hairs",
};

/** What who plants a plant is told to mind. @example plantCautions(library.get("plants", "goldenPothos")) // ["sap"] */
export const plantCautions = ({ hazards, law, toxicity }: Pick<Plant, "hazards" | "law" | "toxicity">): Caution[] => [
  ...new Set<Caution>([
    ...hazards.map((hazard) => HAZARD[hazard]),
    ...(toxicity.skin || toxicity.mammals === "toxic" ? (["sap"] as const) : []),
    ...(law.cites === null ? [] : (["protectedSpecies"] as const)),
    ...(law.invasiveIn.length > 0 ? (["neverRelease"] as const) : []),
  ]),
];
