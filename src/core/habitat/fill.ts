import { rule, type Animal, type SoilType } from "../catalog";
import type { Library } from "../library";

/** What a box is filled with to begin, from the glass up, cm; 0 for what is not laid. */
export type Fill = { drainageCm: number; soilCm: number; dressingCm: number };

const fillCm = ({ drainageCm, soilCm, dressingCm }: Fill): number => drainageCm + soilCm + dressingCm;

const USUAL_DRESSING_CM = 2;
const LEAST_DRESSING_CM = 1;
/** What drainage is begun with. */
export const STARTING_MEDIUM = "clayPebbles";
/** Room left under the sill, so that the ground may lie a little unevenly. */
const EASE_CM = 0.5;

/** Ground that is not covered: sand to swim in, and no ground at all. */
const BARE: readonly SoilType[] = ["looseSand", "none"];

const halfUp = (cm: number): number => Math.ceil(cm * 2) / 2;

/** Height above standing water that stays out of its reach: what it climbs in the medium, and a gap of air. */
export const dryAboveCm = (library: Library): number =>
  library.get("drainageMedia", STARTING_MEDIUM).capillaryRiseCm + rule("safeGapCm");

/** What an animal's ground is begun with where there is room for it, and the least that serves. */
function wanted({ soil, drainage }: Animal, library: Library): { usual: Fill; least: Fill } {
  const living = Math.min(rule("soilDepthCm"), soil.goodDepthCm);
  const dressed = !BARE.includes(soil.type);
  const none = soil.type === "none";
  return {
    usual: {
      drainageCm: drainage === "wanted" ? halfUp(rule("keptWaterLineCm") + dryAboveCm(library)) : 0,
      soilCm: none ? 0 : Math.max(soil.leastDepthCm, living),
      dressingCm: dressed ? USUAL_DRESSING_CM : 0,
    },
    least: {
      drainageCm: drainage === "wanted" ? rule("drainageDepthCm") : 0,
      soilCm: none ? 0 : soil.leastDepthCm,
      dressingCm: dressed ? LEAST_DRESSING_CM : 0,
    },
  };
}

type Box = { heightCm: number; sillCm: number };

/** How high a fill may come: under the sill, and leaving the animal its clear height. */
const roomCm = (animal: Animal, { heightCm, sillCm }: Box): number =>
  Math.min(heightCm - animal.box.clearHeightCm, sillCm > 0 ? sillCm - EASE_CM : Infinity);

const tenth = (cm: number): number => Math.floor(cm * 10 + 1e-6) / 10;

/**
 * What a box is filled with to begin: as usual for the animal, and where that is too much, first less soil, then less
 * dressing and drainage, down to the least that serves. Where even that is too much, the least.
 *
 * @example fillFor(library.get("animals", "crocodileSkink"), { heightCm: 45, sillCm: 20 }, STOCK) // 6, 11.5 and 2 cm
 */
export function fillFor(animal: Animal, box: Box, library: Library): Fill {
  const { usual, least } = wanted(animal, library);
  let over = fillCm(usual) - roomCm(animal, box);
  if (over <= 0) return usual;
  const less = (from: number, to: number): number => {
    const taken = Math.max(0, Math.min(over, from - to));
    over -= taken;
    return tenth(from - taken);
  };
  const soilCm = less(usual.soilCm, least.soilCm);
  const dressingCm = less(usual.dressingCm, least.dressingCm);
  return { drainageCm: less(usual.drainageCm, least.drainageCm), soilCm, dressingCm };
}

/** What is in the way of the least fill: a sill too low, a box too low; each with what it must be, cm. */
type FillProblem = { code: "sillTooLow" | "boxTooLow"; needCm: number; haveCm: number };

/**
 * Whether a box takes the least an animal's ground needs, and which box would.
 *
 * @returns nothing where it does
 * @example fillProblems(library.get("animals", "ackieMonitor"), { heightCm: 60, sillCm: 15 }, STOCK)[0]?.code // "sillTooLow"
 */
export function fillProblems(animal: Animal, { heightCm, sillCm }: Box, library: Library): FillProblem[] {
  const leastCm = fillCm(wanted(animal, library).least);
  const needSillCm = leastCm + EASE_CM;
  const needHeightCm = leastCm + animal.box.clearHeightCm;
  return [
    ...(sillCm > 0 && sillCm < needSillCm ? [{ code: "sillTooLow", needCm: needSillCm, haveCm: sillCm } as const] : []),
    ...(heightCm < needHeightCm ? [{ code: "boxTooLow", needCm: needHeightCm, haveCm: heightCm } as const] : []),
  ];
}
