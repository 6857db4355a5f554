import type { Solution } from "../solve";
import { countOf, coverCm2, coverOn } from "./model";
import { stratumOf, type HeightStratum, type PaletteCandidate, type PaletteQuestion } from "./question";

/** A planting: what, and how many; what it covers, and what it leaves wanting. */
export type Palette = {
  picks: { plantId: string; count: number }[];
  floorShare: number;
  wallShare: number;
  missing: HeightStratum[];
  cost: number | undefined;
};

type Chosen = { item: PaletteCandidate; count: number };

/** The sum of the prices; undefined when one of them is not known. */
function costOf(chosen: readonly Chosen[]): number | undefined {
  if (chosen.some(({ item }) => item.price === undefined)) return undefined;
  return chosen.reduce((sum, { item, count }) => sum + count * (item.price ?? 0), 0);
}

/**
 * Reads a planting out of a solution; undefined when the constraints left none.
 *
 * @example paletteOf(question, solution)?.picks.length // 7
 */
export function paletteOf(
  { candidates, floorCm2, wallCm2, months, strata }: PaletteQuestion,
  { status, values }: Solution,
): Palette | undefined {
  if (status !== "solved") return undefined;
  const chosen = candidates
    .map((item): Chosen => ({ item, count: Math.round(values[countOf(item)] ?? 0) }))
    .filter(({ count }) => count > 0);
  const coveredShare = (surface: "floor" | "wall", areaCm2: number): number => {
    if (areaCm2 <= 0) return 0;
    const there = coverOn(candidates, surface);
    const covering = chosen.filter(({ item }) => there.includes(item));
    return covering.reduce((sum, { item, count }) => sum + count * coverCm2(item.plant, months), 0) / areaCm2;
  };
  return {
    picks: chosen.map(({ item, count }) => ({ plantId: item.plant.id, count })),
    floorShare: coveredShare("floor", floorCm2),
    wallShare: coveredShare("wall", wallCm2),
    missing: strata.filter((stratum) => !chosen.some(({ item }) => stratumOf(item.plant) === stratum)),
    cost: costOf(chosen),
  };
}
