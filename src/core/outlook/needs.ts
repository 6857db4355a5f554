import type { Range } from "../catalog";
import { LEAST_CHANGES, openingsOf, ventPairs } from "../climate";
import type { MeteredState } from "../light";
import type { Scene } from "../scene";
import { outlookOf, type Outlook } from "./outlook";
import { middle } from "../range";

/** The least air the animal's kind of box has, and how many pairs of round vents would give it where it has less. */
export type AirNeed = { leastPerH: number; isStill: boolean; pairs: number | undefined };

const LEAST_WARMER_K = 1;

/**
 * Changes of air by day against those usual for the animal.
 *
 * @example airNeed(scene, outlook) // { leastPerH: 2, isStill: true, pairs: 3 }
 */
export function airNeed({ animal, habitat, library }: Scene, { sizing, fillCm }: Outlook): AirNeed {
  const leastPerH = LEAST_CHANGES[animal.air.movement];
  const isStill = sizing.day.changesPerH[1] < leastPerH;
  const warmerK = Math.max(LEAST_WARMER_K, middle(sizing.day.temperatureC) - habitat.brief.room.temperatureC);
  const openings = openingsOf(habitat.shell, fillCm, library);
  return { leastPerH, isStill, pairs: isStill ? ventPairs(openings, warmerK, leastPerH) : undefined };
}

const HALF_PCT = 50;

/** What another top would make of a box: half covered, or where it is so already, open. Nothing under a pane of glass. */
export function underOtherTop(
  scene: Scene,
  state: MeteredState,
  on: string,
): { coveredPct: number; day: Day } | undefined {
  const { habitat } = scene;
  const { shell } = habitat;
  if (shell.top.lid === "glass") return undefined;
  const coveredPct = shell.top.coveredPct >= HALF_PCT ? 0 : HALF_PCT;
  const other = { ...habitat, shell: { ...shell, top: { ...shell.top, coveredPct } } };
  return { coveredPct, day: outlookOf({ ...scene, habitat: other }, state, on).sizing.day };
}

type Day = Outlook["sizing"]["day"];

/** Water that all misters and foggers give, litres a day. */
export const sprayedL = ({ vessels }: Outlook): Range =>
  vessels.reduce<Range>((sum, { waterL }) => [sum[0] + waterL[0], sum[1] + waterL[1]], [0, 0]);
