import { rule, type Plant } from "../catalog";
import type { Design } from "../habitat";
import type { Library } from "../library";
import type { LogState } from "../log";
import { daysAfter } from "../units";
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
 * The work for every plant in the box: rinse, quarantine, divide, fix, first trim. Those planted already are counted
 * from their day.
 *
 * @param startOn calendar day the plants are bought, ISO 8601
 * @example plantWorks(habitat, library, "2026-03-01")[0]?.quarantineUntilOn // "2026-03-15"
 */
export const plantWorks = ({ plants }: Pick<Design, "plants">, library: Library, startOn: string): PlantWork[] =>
  plants.map((stand) => {
    const plant = library.get("plants", stand.plantId);
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

/** How often a plant died in this habitat before. @example lossesOf(state, "nervePlant") // 2 */
export const lossesOf = ({ lostPlants }: Pick<LogState, "lostPlants">, plantId: string): number =>
  lostPlants.filter((lost) => lost.plantId === plantId && lost.how === "died").length;
