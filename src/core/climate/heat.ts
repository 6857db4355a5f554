import { floorOutline, type Design, type Shell } from "../habitat";
import type { Animal } from "../catalog";
import type { Library } from "../library";
import { areaCm2, perimeterCm } from "../shape";
import { airChangesPerH, openingsOf, type Still } from "./airChange";

const CM2_PER_M2 = 10_000;
const AIR_J_PER_M3K = 1.2 * 1006;
const SECONDS_AN_HOUR = 3600;

/** Surface resistances outside, m²K/W: ISO 6946, heat flowing sideways, up and down (recalled). */
const OUTSIDE = { walls: 0.13, lid: 0.1, base: 0.17 };
/** Air to glass or soil inside, W/m²K, in still air: from memory. */
const INSIDE_W_PER_M2K = 3;
const SOIL_W_PER_MK = 0.35;
/** A board or a mat under the box, m²K/W: from memory. */
const STAND_M2K_PER_W = 0.1;

/**
 * What goes out through walls, lid and stand, watts a degree.
 *
 * @param fillCm height of the ground: so much of the walls is not air behind glass
 * @example conductanceWPerK(shell, 6, library) // 2.74 for 60 x 40 x 50 cm of 5 mm glass under a pane
 */
export function conductanceWPerK(shell: Shell, fillCm: number, library: Library): number {
  const outline = floorOutline(shell);
  const floorM2 = areaCm2(outline) / CM2_PER_M2;
  const { conductsWPerMK } = library.get("boxBuilds", shell.buildId);
  const pane = shell.wallMm / 1000 / conductsWPerMK;
  const inside = 1 / INSIDE_W_PER_M2K;
  const wallsM2 = (perimeterCm(outline) * Math.max(0, shell.heightCm - fillCm)) / CM2_PER_M2;
  const closedM2 = shell.top.lid === "glass" ? floorM2 : (floorM2 * shell.top.coveredPct) / 100;
  const soil = fillCm / 100 / SOIL_W_PER_MK;
  return (
    wallsM2 / (inside + pane + OUTSIDE.walls) +
    closedM2 / (inside + pane + OUTSIDE.lid) +
    floorM2 / (inside + soil + pane + STAND_M2K_PER_W + OUTSIDE.base)
  );
}

/** What goes out with the air, watts a degree, at so many air changes an hour. */
const withAirWPerK = (changesPerH: number, roomM3: number): number =>
  (AIR_J_PER_M3K * roomM3 * changesPerH) / SECONDS_AN_HOUR;

/** Heat that goes out of a box that is so much warmer than its room, W. @example heatLossW(shell, 18, 5, STILL[0], library) */
export function heatLossW(shell: Shell, fillCm: number, warmerK: number, still: Still, library: Library): number {
  if (warmerK <= 0) return 0;
  const openings = openingsOf(shell, fillCm, library);
  const changes = airChangesPerH(openings, warmerK, still);
  return warmerK * (conductanceWPerK(shell, fillCm, library) + withAirWPerK(changes, openings.roomM3));
}

/** A quiet corner and a room that is walked through, from memory: between them a range is told. */
const STILL: readonly [Still, Still] = [
  { draughtMPerS: 0.001, leaksPerH: 0.3 },
  { draughtMPerS: 0.004, leaksPerH: 1 },
];

/** Watts that hold a box over its room by day and by night, from a quiet corner to a draughty one. */
export type HeatNeeded = { dayW: readonly [number, number]; nightW: readonly [number, number] };

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/**
 * First sizing of what warms a box, in closed form: a range, because it is one. By day the air's mean between the warm
 * and the cool end, by night the least the animal bears.
 *
 * @example heatNeeded(animal, habitat, 18, library).nightW // [9.1, 14.6] in a room of 15 °C
 */
export function heatNeeded(
  { temperatureC }: Animal,
  { brief, shell }: Pick<Design, "brief" | "shell">,
  fillCm: number,
  library: Library,
): HeatNeeded {
  const roomC = brief.room.temperatureC;
  const range = (boxC: number): [number, number] => {
    const [quiet, draughty] = STILL.map((still) => heatLossW(shell, fillCm, boxC - roomC, still, library));
    return [quiet ?? 0, draughty ?? 0];
  };
  return {
    dayW: range((middle(temperatureC.warm) + middle(temperatureC.cool)) / 2),
    nightW: range(temperatureC.night[0]),
  };
}
