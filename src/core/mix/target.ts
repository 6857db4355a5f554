import {
  BURROW_TARGET,
  EATEN_GROUND_TARGET,
  LIMED_GROUND,
  mixTargets,
  TUNNELLED_GROUND,
  type Animal,
  type MixTarget,
  type SoilType,
} from "../catalog";
import type { Aims } from "./meters";

type Wanted = Omit<MixTarget, "id" | "from" | "fieldFrom" | "unsure">;

/** What a kind of ground asks for, whatever the climate over it. */
const OF_GROUND: Partial<Record<SoilType, Partial<Wanted>>> = {
  leafMouldEaten: EATEN_GROUND_TARGET,
  tunnelHolding: TUNNELLED_GROUND,
  dampSand: TUNNELLED_GROUND,
  limedForest: LIMED_GROUND,
};

/**
 * What a habitat asks of its soil: the ranges of its animal's climate class and its kind of ground, tunnels that stand
 * when the animal digs them, food where a crew is to live in it.
 *
 * @param hasCrew whether a crew is to live in it
 * @example mixTarget(animal, false).air // [20, 50]
 */
export function mixTarget(animal: Pick<Animal, "climate" | "soil">, hasCrew: boolean): Aims {
  const { type } = animal.soil;
  const { water, easyWater, air, drains, acid, nutrients, crewFood, lasts, dust }: Wanted = {
    ...mixTargets[animal.climate],
    ...OF_GROUND[type],
  };
  const eaten = type === "leafMouldEaten";
  return {
    ...{ water, easyWater, air, drains, acid, nutrients, lasts, dust },
    ...(hasCrew || eaten ? { crewFood } : {}),
    ...(type === "tunnelHolding" ? { burrow: BURROW_TARGET.cohesionKPa } : {}),
  };
}
