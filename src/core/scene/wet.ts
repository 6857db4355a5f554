import type { Animal, Range } from "../catalog";
import { leafKgPerS, type WetSurfaces } from "../climate";
import { grownSpreadCm, leavesOf } from "../grown";
import type { Design } from "../habitat";
import type { Library } from "../library";

const CM2_PER_M2 = 10_000;
/** Leaves fill a box only so far: so much of them over its floor. */
const LEAVES_MOST = 4;

type Of = { animal: Animal; habitat: Pick<Design, "shell" | "plants">; library: Library };

/** Water that lies open, of the animal's own: its share of the floor, in the middle. */
function openWaterM2({ animal, habitat }: Of): number {
  const share = animal.water.shareOfFloor;
  const { widthCm, depthCm } = habitat.shell;
  return share === null ? 0 : (((share[0] + share[1]) / 2) * widthCm * depthCm) / CM2_PER_M2;
}

type Leaf = { m2: number; day: Range; night: Range };

/** Leaves of each plant grown, with what they let through: the most closed first. */
const leaves = ({ habitat, library }: Of): Leaf[] =>
  habitat.plants.flatMap(({ plantId }) => {
    const plant = library.get("plants", plantId);
    const figures = leavesOf(plant);
    if (!figures) return [];
    const m2 = (Math.PI * (grownSpreadCm(plant) / 2) ** 2 * figures.areaIndex) / CM2_PER_M2;
    const gives = ([open, shut]: Range): Range => [leafKgPerS(m2, shut), leafKgPerS(m2, open)];
    return [{ m2, day: gives(figures.day), night: gives(figures.night) }];
  });

/** Leaves and open water of a habitat as the air in it sees them. */
export function wetOf(of: Of): WetSurfaces {
  const { widthCm, depthCm } = of.habitat.shell;
  const all = leaves(of);
  const m2 = all.reduce((sum, leaf) => sum + leaf.m2, 0);
  const fits = m2 > 0 ? Math.min(1, (LEAVES_MOST * widthCm * depthCm) / CM2_PER_M2 / m2) : 1;
  const total = (half: "day" | "night"): Range => [
    all.reduce((sum, leaf) => sum + leaf[half][0], 0) * fits,
    all.reduce((sum, leaf) => sum + leaf[half][1], 0) * fits,
  ];
  return {
    leavesM2: m2 * fits,
    leavesKgPerS: { day: total("day"), night: total("night") },
    waterM2: openWaterM2(of),
  };
}
