import type { Design } from "../habitat";
import type { Fit, Verdict } from "./reason";

const WORST_FIRST: readonly Verdict[] = ["misfit", "fair", "good"];

/**
 * How the worst placed of a species fits where it stands, so that a list of plants does not call fit what a finding
 * blames.
 *
 * @param fits by the id of each that stands in the box
 * @returns undefined where none stands there
 * @example worstStanding(habitat, derived.plantFits, "nervePlant")?.verdict // "misfit"
 */
export const worstStanding = (
  { plants }: Pick<Design, "plants">,
  fits: ReadonlyMap<string, Fit>,
  plantId: string,
): Fit | undefined =>
  plants
    .filter((stand) => stand.plantId === plantId)
    .flatMap(({ id }) => fits.get(id) ?? [])
    .toSorted((a, b) => WORST_FIRST.indexOf(a.verdict) - WORST_FIRST.indexOf(b.verdict))[0];
