import { rule } from "../catalog";
import { blend, firstWettingL, litresFor, type Pantry, type Parts } from "./blend";

/** Loose litres to mix, and litres in place that are laid moist and dry. */
export type Laying = { looseL: number; moistL: number; dryL: number };

/** Water for a mix, litres: for what is laid moist and dry, what soaked bricks bring of it, what is still poured on. */
type MixWater = { moistL: number; dryL: number; brickL: number; addL: number };

/** Litres that a brick makes, in the mean. */
const makesL = ({ makesL: [low, high] }: { makesL: readonly [number, number] }): number => (low + high) / 2;

/**
 * The water a mix is wetted with, worked out in one place for every page that tells it: squeeze-ready for what is laid
 * moist, a little against dust for what is laid dry, less what the bricks were soaked in.
 *
 * @returns nothing at all for an empty mix
 * @example mixWater(parts, { looseL: 27, moistL: 23, dryL: 0 }, pantry).addL // 2.1
 */
export function mixWater(parts: Parts, laying: Laying, pantry: Pantry): MixWater {
  const mixture = blend(parts, pantry);
  if (!mixture) return { moistL: 0, dryL: 0, brickL: 0, addL: 0 };
  const moistL = firstWettingL(mixture, laying.moistL);
  const dryL = firstWettingL(mixture, laying.dryL) * rule("dustLayingShare");
  const soakedL = litresFor(parts, laying.looseL, pantry).reduce((sum, { ingredientId, litres }) => {
    const { brick } = pantry(ingredientId);
    return brick ? sum + (litres / makesL(brick)) * brick.waterL : sum;
  }, 0);
  const brickL = Math.min(soakedL, moistL + dryL);
  return { moistL, dryL, brickL, addL: moistL + dryL - brickL };
}
