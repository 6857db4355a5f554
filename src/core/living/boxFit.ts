import type { Animal } from "../catalog";
import type { Design } from "../habitat";
import { areaCm2 } from "../shape";
import type { Scene } from "../scene";
import { groundBounds, groundOutline } from "../shell";
import { floorAreaCm2 } from "../strata";

export const BOX_CODES = [
  "enough",
  "floorShort",
  "tooLow",
  "tooMany",
  "oneToABox",
  "tooFlat",
  "tooUpright",
  "farToFall",
  "tooLarge",
] as const;
type BoxCode = (typeof BOX_CODES)[number];

/** What is right or wrong with a box for its animal. `harm` means too small; `look` is a matter of shape. */
export type BoxReason = { code: BoxCode; weight: "good" | "look" | "harm" } & Record<string, number | string>;

/** A box much taller than it is long is upright. */
const UPRIGHT = 1.5;

/**
 * Sizes typed in inches come out a hair under their round centimetres (18 in is 45.72): half a centimetre is no
 * shortage.
 */
const NEAR_ENOUGH_CM = 0.5;
/** The same half centimetre on both sides of a small floor. */
const FLOOR_NEAR_ENOUGH = 0.98;

type Room = { widthCm: number; depthCm: number; clearCm: number };

/**
 * The least inner floor and clear height over the fill for so many of an animal. The floor grows with the group by
 * widening, up to as many as live together at all: more than that no box is large enough for.
 *
 * @example leastBox(library.get("animals", "vampireCrab"), 8) // { widthCm: 60, depthCm: 40, clearCm: 25 }
 */
export function leastBox({ box }: Pick<Animal, "box">, count: number): Room {
  const more = Math.max(0, Math.min(count, box.mostTogether) - box.forCount);
  return {
    widthCm: box.widthCm * (1 + more * box.eachMoreFloorShare),
    depthCm: box.depthCm,
    clearCm: box.clearHeightCm,
  };
}

type Judged = Pick<Scene, "animal" | "ground"> & { habitat: Pick<Design, "brief" | "shell"> };

/** Height from the highest ground to the rim, cm. */
const clearOver = ({ ground }: Judged): number => Math.max(0, ground.underRimCm);

/** A young one in a box in which it loses sight of its food. */
function tooLarge({ animal, habitat: { brief, shell } }: Judged): BoxReason[] {
  const largest = brief.stage === "young" ? animal.young.largestBox : undefined;
  if (!largest || floorAreaCm2(shell) <= floorAreaCm2(largest) / FLOOR_NEAR_ENOUGH) return [];
  return [{ code: "tooLarge", weight: "look", ...largest }];
}

/**
 * Says whether a box is big enough over its fill, and upright or flat enough, for its animal and number.
 *
 * @example boxFit(scene)[0]?.code // "enough"
 */
export function boxFit(scene: Judged): BoxReason[] {
  const { brief, shell } = scene.habitat;
  const { animal } = scene;
  const least = leastBox(animal, brief.count);
  const free = groundBounds(shell);
  const [freeWidthCm, freeDepthCm] = [free.right - free.left, free.back - free.front];
  const longSideCm = Math.max(freeWidthCm, freeDepthCm) + NEAR_ENOUGH_CM;
  const clearCm = clearOver(scene);
  const sizes = {
    needWidthCm: least.widthCm,
    needDepthCm: least.depthCm,
    haveWidthCm: freeWidthCm,
    haveDepthCm: freeDepthCm,
    count: brief.count,
  };
  const reasons: BoxReason[] = [];
  // What the walls' builds take is no floor to the animal.
  const floorShort =
    areaCm2(groundOutline(shell)) < floorAreaCm2(least) * FLOOR_NEAR_ENOUGH || longSideCm < animal.box.widthCm;
  if (floorShort) reasons.push({ code: "floorShort", weight: "harm", ...sizes });
  if (clearCm + NEAR_ENOUGH_CM < least.clearCm) {
    reasons.push({ code: "tooLow", weight: "harm", needCm: least.clearCm, haveCm: clearCm });
  }
  if (brief.count > animal.box.mostTogether) {
    const code = animal.box.mostTogether === 1 ? "oneToABox" : "tooMany";
    reasons.push({ code, weight: "harm", mostCount: animal.box.mostTogether, count: brief.count });
  }
  const climbs = animal.lives === "climbing";
  if (climbs && shell.heightCm < Math.min(shell.widthCm, shell.depthCm)) {
    reasons.push({ code: "tooFlat", weight: "look", heightCm: shell.heightCm, widthCm: shell.widthCm });
  }
  if (!climbs && clearCm > longSideCm * UPRIGHT) {
    reasons.push({ code: "tooUpright", weight: "look", heightCm: shell.heightCm, widthCm: shell.widthCm });
  }
  const { greatestFallCm } = animal.box;
  if (greatestFallCm !== null && clearCm > greatestFallCm + NEAR_ENOUGH_CM) {
    reasons.push({ code: "farToFall", weight: "look", mostCm: greatestFallCm, haveCm: clearCm });
  }
  reasons.push(...tooLarge(scene));
  return reasons.length > 0
    ? reasons
    : [{ code: "enough", weight: "good", ...sizes, needCm: least.clearCm, haveCm: clearCm }];
}
