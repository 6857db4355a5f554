import type { Animal, Plant } from "../catalog";
import { GOOD_FROM, reason, type FitReason } from "./reason";

/** They bite a leaf now and then, and live on insects, fruit or nectar. */
const NIBBLES: readonly Animal["kind"][] = ["chameleon", "geckoHumid", "geckoDry", "anole"];

/**
 * Whether an animal lives on plants, so that what stands in its box is fodder: tortoises, iguanas, spiny-tailed lizards.
 * That a chameleon nibbled a leaf unharmed tells nothing of them.
 *
 * @example grazes(library.get("animals", "hermannsTortoise")) // true
 */
const grazes = ({ group, kind, plants, food }: Pick<Animal, "group" | "kind" | "plants" | "food">): boolean =>
  plants.eatsLiving && group === "reptile" && !NIBBLES.includes(kind) && food.foods.includes("livingGreens");

/** What comes of one that nibbles eating it, by what their keepers see. Rincon's own scale. */
const NIBBLED: Record<Plant["toxicity"]["leafEatingReptiles"], number> = {
  eaten: 1,
  nibbledUnharmed: 0.85,
  unknown: 0.4,
  avoid: 0.1,
};

/** What comes of one that grazes making a meal of it: a bite without harm is no fodder. Rincon's own scale. */
const GRAZED: Record<NonNullable<Plant["toxicity"]["grazers"]>, number> = {
  safe: 1,
  nibbleOnly: 0.6,
  unknown: 0.4,
  irritant: 0.2,
  toxic: 0.05,
};

/** What it does to an animal that eats of it; nothing where it eats no leaves. */
export function grazing({ toxicity }: Plant, animal: Animal): FitReason[] {
  if (!animal.plants.eatsLiving) return [];
  const isGrazer = grazes(animal);
  const { grazers = "unknown", leafEatingReptiles } = toxicity;
  const score = isGrazer ? GRAZED[grazers] : NIBBLED[leafEatingReptiles];
  const isUnknown = (isGrazer ? grazers : leafEatingReptiles) === "unknown";
  const eater = isGrazer ? "grazed" : "nibbled";
  if (score >= GOOD_FROM) return [reason("grazing.good", score, { animalId: animal.id })];
  if (isUnknown) return [reason("grazing.unknown", score, { animalId: animal.id })];
  if (isGrazer && grazers === "nibbleOnly") return [reason("grazing.noFodder", score, { animalId: animal.id })];
  return [reason("grazing.harmful", score, { animalId: animal.id, eater })];
}
