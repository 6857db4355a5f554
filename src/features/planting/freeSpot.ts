import type { Plant } from "@/core/catalog";
import { entry } from "@/core/catalog";
import type { Habitat } from "@/core/habitat";

const TRIES = 9;

/** Low ones in front, tall ones and climbers at the back, at the width where the neighbours are farthest off. */
export function freeSpot({ shell, plants }: Habitat, plant: Plant): { xCm: number; yCm: number } {
  const atTheBack = plant.place !== "floor" && plant.place !== "waterEdge";
  const depthShare = atTheBack ? 0.92 : plant.grownHeightCm < shell.heightCm * 0.3 ? 0.3 : 0.72;
  const room = (xCm: number): number =>
    Math.min(xCm, shell.widthCm - xCm, ...plants.map((stand) => Math.abs(stand.xCm - xCm) - entry("plants", stand.plantId).grownSpreadCm / 4));
  const spots = Array.from({ length: TRIES }, (_, at) => (shell.widthCm * (at + 1)) / (TRIES + 1));
  const xCm = spots.reduce((best, spot) => (room(spot) > room(best) + 1e-9 ? spot : best));
  return { xCm: Math.round(xCm), yCm: Math.round(shell.depthCm * depthShare) };
}
