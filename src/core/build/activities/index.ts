import type { Scene } from "../../scene";
import { resolved, whole, type Activity } from "./activity";
import { gearDrafts } from "./gear";
import { bottomDrafts, dressingDrafts, soilDrafts } from "./ground";
import { arrivalDrafts, plantDrafts, wetDrafts } from "./living";
import { boxDrafts, wallDrafts } from "./walls";

export { JOBS } from "./activity";
export type { About, Activity } from "./activity";

/**
 * The build as this habitat needs it, each step as fine as the work, in working order; steps that do not apply are left
 * out, and so is an amount of nothing.
 *
 * @example activities(scene).map(({ id }) => id) // ["leakTest", "buildWalls:back", …, "laySoil:soil-1", …, "moveIn"]
 */
export function activities(scene: Scene): Activity[] {
  const drafts = [
    ...boxDrafts(scene),
    ...wallDrafts(scene),
    ...bottomDrafts(scene),
    ...soilDrafts(scene),
    ...plantDrafts(scene),
    ...dressingDrafts(scene),
    ...wetDrafts(scene),
    ...gearDrafts(scene),
    ...arrivalDrafts(scene),
  ];
  return resolved(drafts.map(whole));
}
