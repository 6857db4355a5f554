import { rule, type PieceRole } from "../catalog";
import type { Setting } from "../scene";

export const FURNISHING_CODES = ["hideWarm", "hideCool", "humidHide", "climb", "basking"] as const;
export type FurnishingCode = (typeof FURNISHING_CODES)[number];

/** Something an animal wants to find in its box, and how much of it there is. */
export type Furnishing = { code: FurnishingCode; needCount: number; haveCount: number };

const CLIMB_SPANS = 2;
/** Basking places this far apart in height count as two temperatures; in a low box a tenth of its height does. */
const HEIGHTS_APART_CM = 5;
export const heightsApartCm = (boxHeightCm: number): number => Math.min(HEIGHTS_APART_CM, boxHeightCm / 10);

/** How many clearly different heights there are among some. */
function distinctHeights(heightsCm: readonly number[], apartCm: number): number {
  return heightsCm
    .toSorted((a, b) => a - b)
    .reduce<number[]>(
      (kept, cm) => (kept.length === 0 || cm - (kept.at(-1) ?? 0) >= apartCm ? [...kept, cm] : kept),
      [],
    ).length;
}

/**
 * What the animal's habit asks of the hardscape against what stands there: a hide at both ends (the warm end is on the
 * left), a humid hide in a dry build, spans to climb, basking places, at two heights for a climber. Common practice.
 *
 * @example furnishing(scene) // [{ code: "hideWarm", needCount: 1, haveCount: 0 }, …]
 */
export function furnishing({ habitat, ground, animal }: Setting): Furnishing[] {
  const middleCm = habitat.shell.widthCm / 2;
  const having = (role: PieceRole) => ground.solids.filter((solid) => solid.piece && solid.kind.roles.includes(role));
  const hides = having("hide");
  const climbs = animal.habit === "climbing";
  const wanted: (Furnishing | false)[] = [
    animal.habit !== "semiAquatic" && {
      code: "hideWarm",
      needCount: 1,
      haveCount: hides.filter(({ piece }) => piece && piece.xCm <= middleCm).length,
    },
    animal.habit !== "semiAquatic" && {
      code: "hideCool",
      needCount: 1,
      haveCount: hides.filter(({ piece }) => piece && piece.xCm > middleCm).length,
    },
    (animal.humidityRh[0] + animal.humidityRh[1]) / 2 < rule("moistNeedRh") && {
      code: "humidHide",
      needCount: 1,
      haveCount: having("humidHide").length,
    },
    climbs && { code: "climb", needCount: CLIMB_SPANS, haveCount: having("climb").length },
    animal.temperatureC.basking !== undefined && {
      code: "basking",
      needCount: climbs ? 2 : 1,
      haveCount: climbs
        ? distinctHeights(
            having("basking").map((solid) => solid.topCm),
            heightsApartCm(habitat.shell.heightCm),
          )
        : having("basking").length,
    },
  ];
  return wanted.filter((want) => want !== false);
}
