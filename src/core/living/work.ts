import type { Plant } from "../catalog";
import { rule } from "../catalog";
import { daysAfter } from "../units";
import { plantOf, type Habitat } from "../habitat";
import { grownShare } from "./growth";

/** What is to be done with a plant from the shop to its first trim. */
export type PlantWork = {
  standId: string;
  plantId: string;
  /** How it is put in its place. */
  method: Plant["method"];
  /** Kept apart until then. */
  quarantineUntilOn: string;
  /** One pot gives about so many; 1 where it is not divided. */
  dividesInto: number;
  /** When scissors are first wanted. */
  firstTrimOn: string;
  pruning: Plant["pruning"];
};

const DAYS_A_MONTH = 30;
const MONTHS_LOOKED_AT = 36;
/** It is trimmed when it has most of its grown size. */
const TRIM_AT_SHARE = 0.85;

function firstTrimMonths(plant: Plant): number {
  const months = Array.from({ length: MONTHS_LOOKED_AT }, (_, at) => at + 1).find(
    (month) => grownShare(plant, month) >= TRIM_AT_SHARE,
  );
  return months ?? MONTHS_LOOKED_AT;
}

/**
 * The work for every plant in the box: rinse, quarantine, divide, fix, first trim. Those planted already are counted from their day.
 *
 * @param startOn calendar day the plants are bought, ISO 8601
 * @example plantWorks(habitat, "2026-03-01")[0]?.quarantineUntilOn // "2026-03-15"
 */
export const plantWorks = (habitat: Habitat, startOn: string): PlantWork[] =>
  habitat.plants.map((stand) => {
    const plant = plantOf(habitat, stand.plantId);
    const boughtOn = stand.plantedOn === null ? startOn : daysAfter(stand.plantedOn, -rule("plantQuarantineDays"));
    const plantedOn = stand.plantedOn ?? daysAfter(startOn, rule("plantQuarantineDays"));
    return {
      standId: stand.id,
      plantId: plant.id,
      method: plant.method,
      pruning: plant.pruning,
      quarantineUntilOn: daysAfter(boughtOn, rule("plantQuarantineDays")),
      dividesInto: plant.method === "divide" ? rule("potDividesInto") : 1,
      firstTrimOn: daysAfter(plantedOn, firstTrimMonths(plant) * DAYS_A_MONTH),
    };
  });

/** Plants that died in this habitat before, and how often, the most first. @example lossesOf(habitat, "nervePlant") // 2 */
export const lossesOf = (habitat: Pick<Habitat, "keeping">, plantId: string): number =>
  habitat.keeping.lostPlants.filter((lost) => lost.plantId === plantId && lost.how === "died").length;
