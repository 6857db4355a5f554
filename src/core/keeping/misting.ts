import type { Gear } from "../catalog";
import { fitted, isByHand } from "../gear";
import type { Scene } from "../scene";

const DAYS_A_WEEK = 7;

/** How often it is misted: every so many days, and so many times a day where it is daily; how long, where that is set. */
type Misting = { everyDays: number; timesADay: number; burstS?: number };

/**
 * Misting by hand as often a week as usually holds the band, worked out in one place for every page that tells it.
 *
 * @returns undefined where nothing is to be misted
 * @example mistingFor(animal) // { everyDays: 1, timesADay: 2 }
 */
export function mistingFor({ mistingsPerWeek }: Pick<Scene["animal"], "mistingsPerWeek">): Misting | undefined {
  const aWeek = (mistingsPerWeek[0] + mistingsPerWeek[1]) / 2;
  if (aWeek <= 0) return undefined;
  const timesADay = Math.round(aWeek / DAYS_A_WEEK);
  return timesADay >= 1 ? { everyDays: 1, timesADay } : { everyDays: Math.round(DAYS_A_WEEK / aWeek), timesADay: 0 };
}

/**
 * What a mister on its timer does: seconds at a time, times a day. Then misting is looked at, not done.
 *
 * @returns undefined where nothing mists by itself
 * @example mistingBy(scene) // { burstS: 20, timesADay: 2 }
 */
export const mistingBy = (scene: Setting): MistedBy | undefined => bursts(scene, (kind) => !isByHand(kind));

/** How a sprayer that stands ready is to be worked, as its keeper set it; undefined where none is. */
export function mistedByHand(scene: Setting): Misting | undefined {
  const set = bursts(scene, isByHand);
  return set && { everyDays: 1, ...set };
}

/** What the first sprayer of a sort is set to. */
function bursts({ habitat, library }: Setting, isOf: (kind: Gear) => boolean): MistedBy | undefined {
  for (const { piece, kind } of fitted(habitat.gear, library)) {
    if (kind.purpose !== "water" || piece.run.by !== "bursts" || !isOf(kind)) continue;
    return { burstS: piece.run.forS, timesADay: piece.run.atMin.length };
  }
  return undefined;
}

type Setting = Pick<Scene, "habitat" | "library">;
type MistedBy = { burstS: number; timesADay: number };
