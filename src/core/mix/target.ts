import {
  BURROW_TARGET,
  EATEN_GROUND_TARGET,
  mixTargets,
  type MixTarget,
  type Animal,
  type Range,
  type SoilType,
} from "../catalog";
import type { Aims } from "./meters";

/**
 * With a crew seeded, the soil itself should feed it. From memory: what a box with a tenth of leaf in its soil comes
 * to.
 */
const CREW_FOOD_WANTED = 1.5;

/** Ground that must stand when it is dug. */
const TUNNELLED: readonly SoilType[] = ["tunnelHolding"];

/**
 * What a habitat asks of its soil: the ranges of its animal's climate class, tunnels that stand when the animal digs
 * them, food when a crew lives in it.
 *
 * @param hasCrew whether a crew is to live in it
 * @example mixTarget(animal, false).air // [20, 30]
 */
export function mixTarget(animal: Pick<Animal, "climate" | "soil">, hasCrew: boolean): Aims {
  const eaten = animal.soil.type === "leafMouldEaten";
  const target: MixTarget = eaten ? EATEN_GROUND_TARGET : mixTargets[animal.climate];
  const { water, easyWater, air, drains, acid, nutrients, crewFood, lasts, dust } = target;
  const fed: Range = [
    hasCrew ? Math.max(crewFood[0], Math.min(CREW_FOOD_WANTED, crewFood[1])) : crewFood[0],
    crewFood[1],
  ];
  return {
    water,
    easyWater,
    air,
    drains,
    acid,
    nutrients,
    crewFood: fed,
    lasts,
    dust,
    ...(TUNNELLED.includes(animal.soil.type) ? { burrow: BURROW_TARGET.cohesionKPa } : {}),
  };
}
