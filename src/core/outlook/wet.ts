import type { Range } from "../catalog";
import { SOIL_MOISTURE, type Sizing } from "../climate";
import type { Scene } from "../scene";
import { lastsDays, type Days } from "./water";

const HOURS_A_DAY = 24;
const G_PER_L = 1000;

const litresADay = (
  { day, night }: Sizing,
  daylightShare: number,
  gPerH: (half: Sizing["day"], at: 0 | 1) => number,
): Range => {
  const at = (n: 0 | 1) =>
    ((gPerH(day, n) * daylightShare + gPerH(night, n) * (1 - daylightShare)) * HOURS_A_DAY) / G_PER_L;
  return [at(0), at(1)];
};

/** Water the ground gets over what it and the leaves give off, litres a day; below nothing, it dries. */
export function groundGainsL(sizing: Sizing, daylightShare: number): Range {
  const [leastDown, mostDown] = litresADay(sizing, daylightShare, ({ downGPerH }, at) => downGPerH[at]);
  const [leastOff, mostOff] = litresADay(sizing, daylightShare, ({ givenOffGPerH }, at) => givenOffGPerH[at]);
  return [leastDown - mostOff, mostDown - leastOff];
}

/** What the ground cannot hold in the long run goes down into the drainage, litres a day. */
export const runsDownL = ([least, most]: Range): Range => [Math.max(0, least), Math.max(0, most)];

/** Days until ground that is given nothing by hand has dried from the damp end of its band to the dry one. */
export function driesInDays({ animal, ground }: Pick<Scene, "animal" | "ground">, gainsL: Range): Days | undefined {
  const [dry, damp] = SOIL_MOISTURE[animal.soil.surface];
  const holdsL = Math.max(0, ground.wetKg - ground.dryKg - (ground.water?.keptL ?? 0));
  return lastsDays(holdsL * (damp - dry), [Math.max(0, -gainsL[1]), Math.max(0, -gainsL[0])]);
}
