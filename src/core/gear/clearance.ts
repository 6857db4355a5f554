import type { Gear } from "../catalog";

/** A lamp's clearance by its watts, cm: 15 for 25 W, 25 for 50, 35 for 100, from memory. */
export const clearanceCm = (watts: number): number => 5 + 10 * Math.log2(Math.max(1, watts / 12.5));

/** What shines from a whole face and not from a point may hang half as near: from memory. */
const FACE_SHARE = 0.5;

const SHINES: readonly Gear["purpose"][] = ["dayHeat", "nightHeat", "uv"];

/** Whether a kind gets hot and shines it on what is before it: a lamp, an emitter, a panel; no mat, cable or tube. */
export const shinesHeat = ({ purpose, reference, sizes }: Gear): boolean =>
  SHINES.includes(purpose) &&
  reference.radiantShare !== undefined &&
  reference.beamDeg !== undefined &&
  sizes.every(({ lengthCm }) => lengthCm === undefined);

/** How far a kind of heater is kept from what it shines on, cm. @example clearanceOf(radiantPanel, 80) // 16 */
export const clearanceOf = ({ sizes }: Pick<Gear, "sizes">, watts: number): number =>
  clearanceCm(watts) * (sizes.some(({ widthCm }) => widthCm !== undefined) ? FACE_SHARE : 1);
