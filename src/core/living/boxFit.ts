import type { Animal } from "../catalog";
import type { Design } from "../habitat";
import { areaCm2 } from "../shape";
import { groundBounds, groundOutline } from "../shell";
import { floorAreaCm2 } from "../strata";

export const BOX_CODES = ["enough", "floorShort", "tooLow", "tooMany", "tooFlat", "tooUpright"] as const;
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

/**
 * The least inner size for so many of an animal. The floor grows with the group by widening.
 *
 * @example leastBox(entry("animals", "crocodileSkink"), 2) // { widthCm: 60, depthCm: 45, heightCm: 40 }
 */
export function leastBox(
  { box }: Pick<Animal, "box">,
  count: number,
): { widthCm: number; depthCm: number; heightCm: number } {
  const more = Math.max(0, count - box.forCount);
  return { widthCm: box.widthCm * (1 + more * box.eachMoreFloorShare), depthCm: box.depthCm, heightCm: box.heightCm };
}

/**
 * Says whether a box is big enough, and upright or flat enough, for its animal and number.
 *
 * @example boxFit(animal, design)[0]?.code // "enough"
 */
export function boxFit(animal: Animal, { brief, shell }: Pick<Design, "brief" | "shell">): BoxReason[] {
  const least = leastBox(animal, brief.count);
  const reasons: BoxReason[] = [];
  const free = groundBounds(shell);
  const [freeWidthCm, freeDepthCm] = [free.right - free.left, free.back - free.front];
  const longSideCm = Math.max(freeWidthCm, freeDepthCm) + NEAR_ENOUGH_CM;
  const sizes = {
    needWidthCm: least.widthCm,
    needDepthCm: least.depthCm,
    haveWidthCm: freeWidthCm,
    haveDepthCm: freeDepthCm,
    count: brief.count,
  };
  // What the walls' builds take is no floor to the animal.
  const floorShort =
    areaCm2(groundOutline(shell)) < floorAreaCm2(least) * FLOOR_NEAR_ENOUGH || longSideCm < animal.box.widthCm;
  if (floorShort) reasons.push({ code: "floorShort", weight: "harm", ...sizes });
  if (shell.heightCm + NEAR_ENOUGH_CM < least.heightCm) {
    reasons.push({ code: "tooLow", weight: "harm", needCm: least.heightCm, haveCm: shell.heightCm });
  }
  if (brief.count > animal.box.mostTogether) {
    reasons.push({ code: "tooMany", weight: "harm", mostCount: animal.box.mostTogether, count: brief.count });
  }
  if (animal.habit === "climbing" && shell.heightCm < Math.min(shell.widthCm, shell.depthCm)) {
    reasons.push({ code: "tooFlat", weight: "look", heightCm: shell.heightCm, widthCm: shell.widthCm });
  }
  if (animal.habit !== "climbing" && shell.heightCm > longSideCm * UPRIGHT) {
    reasons.push({ code: "tooUpright", weight: "look", heightCm: shell.heightCm, widthCm: shell.widthCm });
  }
  return reasons.length > 0
    ? reasons
    : [{ code: "enough", weight: "good", ...sizes, needCm: least.heightCm, haveCm: shell.heightCm }];
}
