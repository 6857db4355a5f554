import type { Animal, Range, WaterKind } from "../catalog";
import type { Shell } from "../habitat";
import { floorAreaCm2 } from "../strata";

/** The water an animal lives in or by: share of the floor, 0 to 1, depth in cm, and what that comes to in litres. */
export type WaterBody = { shareOfFloor: Range; depthCm: Range; litres: Range };

const CM3_PER_L = 1000;
const OF_THE_BOX: readonly WaterKind[] = ["partLand", "aquatic"];

/**
 * How much water an animal wants in this box, from least share and depth to most, and never deeper than the box.
 *
 * @returns undefined where its figures tell neither share nor depth
 * @example waterBody(library.get("animals", "axolotl"), shell)?.depthCm // [20, 30]
 */
export function waterBody({ water }: Pick<Animal, "water">, shell: Shell): WaterBody | undefined {
  const { shareOfFloor, depthCm } = water;
  if (!shareOfFloor || !depthCm) return undefined;
  const inBox: Range = [Math.min(depthCm[0], shell.heightCm), Math.min(depthCm[1], shell.heightCm)];
  const litres = (end: 0 | 1): number => (floorAreaCm2(shell) * shareOfFloor[end] * inBox[end]) / CM3_PER_L;
  return { shareOfFloor, depthCm: inBox, litres: [litres(0), litres(1)] };
}

/**
 * The water the box itself holds for its animal, in litres from least to most: none where bowls hold it, as those are
 * pieces of their own.
 */
export const waterInBoxL = (animal: Pick<Animal, "water">, shell: Shell): Range =>
  (OF_THE_BOX.includes(animal.water.kind) ? waterBody(animal, shell)?.litres : undefined) ?? [0, 0];

/** Glass left over the water, so that nothing jumps or climbs out. Rincon's own choice. */
const HAND_CM = 8;

/**
 * Where the water of a wholly aquatic box stands over the glass, cm: at the middle of what the animal wants over the
 * ground, with a hand's breadth of glass over it.
 *
 * @returns undefined for a box with land
 */
export function aquaticLineCm(animal: Pick<Animal, "water">, shell: Shell, groundCm: number): number | undefined {
  if (animal.water.kind !== "aquatic") return undefined;
  const body = waterBody(animal, shell);
  if (!body) return undefined;
  const wantedCm = groundCm + (body.depthCm[0] + body.depthCm[1]) / 2;
  return Math.max(0, Math.min(wantedCm, shell.heightCm - HAND_CM));
}
