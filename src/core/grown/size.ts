import type { Animal, Plant } from "../catalog";
import { middle } from "../range";

type Sized = Pick<Animal, "length">;

/** The largest a species grows, of either sex, cm. @example longestCm(library.get("animals", "rosyBoa")) // 95 */
export const longestCm = ({ length }: Sized): number => Math.max(length.maleCm[1], length.femaleCm[1]);
/** The smallest a grown one is, of either sex, cm. */
export const shortestCm = ({ length }: Sized): number => Math.min(length.maleCm[0], length.femaleCm[0]);

/** Climbers are kept to so much of a wall with scissors: Rincon's own. */
const TRIMMED_CM = 40;

type Grows = Pick<Plant, "grown" | "places">;
const climbs = ({ places }: Grows): boolean => places[0] === "wall" || places[0] === "wood";

/** Height a plant is reckoned with once grown: for climbers what is left of their run, for hangers their fall. */
export const grownHeightCm = (plant: Grows): number => {
  const { heightCm, climbsCm } = plant.grown;
  return climbsCm !== null && climbs(plant) ? Math.min(climbsCm, TRIMMED_CM) : middle(heightCm);
};

/** Spread a plant is reckoned with once grown. */
export const grownSpreadCm = (plant: Grows): number => {
  const { spreadCm, climbsCm } = plant.grown;
  return climbsCm !== null && climbs(plant) ? Math.min(middle(spreadCm), TRIMMED_CM) : middle(spreadCm);
};
