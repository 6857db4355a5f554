import type { Animal } from "../catalog";
import { fillProblems, type Design, type Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2 } from "../shape";
import { groundBounds, groundOutline } from "../shell";
import { floorAreaCm2 } from "../strata";
import { leastBox } from "./boxFit";

/** A room a little warmer than an animal's warm end is still a room for it. */
const WARMER_C = 1;

/**
 * Whether a box and a room could serve an animal: floor, clear height over the least fill, and no room hotter than it
 * bears. What is colder can be heated, but for those who must never be.
 *
 * @example suited(library.get("animals", "fireSalamander"), { shell, room }, library) // false in a warm room
 */
export function suited(
  animal: Animal,
  { shell, room }: { shell: Shell; room: Design["brief"]["room"] },
  library: Library,
): boolean {
  const least = leastBox(animal, animal.box.forCount);
  const { left, right, front, back } = groundBounds(shell);
  const roomy =
    areaCm2(groundOutline(shell)) >= floorAreaCm2(least) && Math.max(right - left, back - front) >= animal.box.widthCm;
  const { heating, warm, highestForDays } = animal.temperatureC;
  const mostC = heating === "never" ? warm[1] + WARMER_C : highestForDays;
  return roomy && room.temperatureC <= mostC && fillProblems(animal, shell, library).length === 0;
}
