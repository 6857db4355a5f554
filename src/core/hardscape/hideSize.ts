import type { Animal } from "../catalog";
import type { Design } from "../habitat";

export type Stage = Design["brief"]["stage"];

const SNAKES: readonly Animal["kind"][] = ["boa", "python", "colubrid"];
/** A snake lies coiled in a hide a sixth of its length; what has a tail leaves half of itself outside: from memory. */
const COILED = 1 / 6;
const WITHOUT_TAIL = 0.5;
const LEGS_DRAWN_IN = 0.8;
/** Young ones start about half as long, as their boxes do: from memory. */
const YOUNG = 0.5;

function shareInside({ kind, length }: Pick<Animal, "kind" | "length">): number {
  if (SNAKES.includes(kind)) return COILED;
  if (length.measure === "total") return WITHOUT_TAIL;
  return length.measure === "legSpan" ? LEGS_DRAWN_IN : 1;
}

/** How long an animal is from end to end, of the larger sex at the least length it grows to, cm. */
export const wholeCm = ({ length }: Pick<Animal, "length">, stage: Stage): number =>
  Math.max(length.maleCm[0], length.femaleCm[0]) * (stage === "young" ? YOUNG : 1);

/**
 * How long a hide must be for an animal to lie in it whole, cm: common practice asks for snug ones, touched on all
 * sides; this is what the larger sex needs at the least length it grows to.
 *
 * @example leastHideCm(library.get("animals", "cornSnake"), undefined) // 15 for a snake of 90 cm
 */
export function leastHideCm(animal: Pick<Animal, "kind" | "length">, stage: Stage): number {
  return wholeCm(animal, stage) * shareInside(animal);
}
