import type { GearPiece } from "@/core/habitat";
import type { Figures } from "./figures";

/** Watts as they are told everywhere. @example wattsSaid(0.5, figures) // "0.5 W" */
export const wattsSaid = (watts: number, figures: Figures): string =>
  `${figures.number(watts, Number.isInteger(watts) ? 0 : 1)} W`;

/**
 * The sizes a kind of gear is wanted in, as one asks for it in the shop: watts, each once.
 *
 * @example gearSizesSaid(design.gear, "halogenLamp", figures) // "35 W, 75 W"
 */
export function gearSizesSaid(gear: readonly GearPiece[], kindId: string, figures: Figures): string {
  const watts = gear.flatMap((piece) => (piece.kindId === kindId && piece.powerW !== null ? [piece.powerW] : []));
  return [...new Set(watts)]
    .toSorted((a, b) => a - b)
    .map((one) => wattsSaid(one, figures))
    .join(", ");
}
