import { floorOutline, sideLengthCm, type Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2, perimeterCm } from "../shape";
import type { Still } from "./airChange";

const CM2_PER_M2 = 10_000;
export const AIR_J_PER_KGK = 1006;
export const AIR_KG_PER_M3 = 1.2;
const SECONDS_AN_HOUR = 3600;

/** Surface resistances outside, m²K/W: ISO 6946, heat flowing sideways, up and down (recalled). */
const OUTSIDE = { walls: 0.13, lid: 0.1, base: 0.17 };
/** Air to glass or soil inside, W/m²K, in still air: from memory. */
const INSIDE_W_PER_M2K = 3;
/** Air and the shine of all other surfaces together to a wall: ISO 6946, heat flowing sideways (recalled). */
const WITH_SHINE_M2K_PER_W = 0.13;
const CLEAR_BUILDS: readonly string[] = ["glass", "meshSided"];
const SOIL_W_PER_MK = 0.35;
/** A board or a mat under the box, m²K/W: from memory. */
const STAND_M2K_PER_W = 0.1;

/**
 * What goes through a box's walls, lid and stand: all of it together from air to room, watts a degree, and by the square
 * metre from each inner face on.
 */
export type Panes = {
  wPerK: number;
  wallWPerM2K: number;
  lidWPerM2K: number;
  baseWPerM2K: number;
  /** What is built on walls inside. */
  built: readonly { m2: number; wPerM2K: number }[];
  /** Whether light goes out through the walls. */
  isClear: boolean;
  /** Walls that are bare inside: only on them does water settle. */
  wallsM2: number;
  closedM2: number;
  floorM2: number;
  /** Of what the box is warmer than its room, the share the inner face of its walls still has. */
  faceShare: number;
};

/**
 * Panes of a box over its fill.
 *
 * @param fillCm height of the ground: so much of the walls is not air behind glass
 * @example panesOf(shell, 6, library).wPerK // 2.74 for 60 x 40 x 50 cm of 5 mm glass under a pane
 */
export function panesOf(shell: Shell, fillCm: number, library: Library): Panes {
  const outline = floorOutline(shell);
  const floorM2 = areaCm2(outline) / CM2_PER_M2;
  const { conductsWPerMK } = library.get("boxBuilds", shell.buildId);
  const pane = shell.wallMm / 1000 / conductsWPerMK;
  const inside = 1 / INSIDE_W_PER_M2K;
  const allM2 = (perimeterCm(outline) * Math.max(0, shell.heightCm - fillCm)) / CM2_PER_M2;
  const builtOn = shell.treatments.map(({ wall, treatmentId, thicknessCm }) => {
    const { inside: isInside, conductsWPerMK: builtWPerMK } = library.get("wallTreatments", treatmentId);
    const share = sideLengthCm(shell, wall) / (2 * (shell.widthCm + shell.depthCm));
    const m2 = isInside ? allM2 * share : 0;
    return { m2, keepsM2KPerW: thicknessCm / 100 / builtWPerMK };
  });
  const wallsM2 = Math.max(0, allM2 - builtOn.reduce((sum, { m2 }) => sum + m2, 0));
  const closedM2 = shell.top.lid === "glass" ? floorM2 : (floorM2 * shell.top.coveredPct) / 100;
  const soil = fillCm / 100 / SOIL_W_PER_MK;
  const [wall, lid] = [pane + OUTSIDE.walls, pane + OUTSIDE.lid];
  const base = soil + pane + STAND_M2K_PER_W + OUTSIDE.base;
  return {
    wPerK:
      wallsM2 / (inside + wall) +
      builtOn.reduce((sum, { m2, keepsM2KPerW }) => sum + m2 / (inside + wall + keepsM2KPerW), 0) +
      closedM2 / (inside + lid) +
      floorM2 / (inside + base),
    wallWPerM2K: 1 / wall,
    lidWPerM2K: 1 / lid,
    baseWPerM2K: 1 / base,
    built: builtOn
      .filter(({ m2 }) => m2 > 0)
      .map(({ m2, keepsM2KPerW }) => ({ m2, wPerM2K: 1 / (wall + keepsM2KPerW) })),
    isClear: CLEAR_BUILDS.includes(shell.buildId),
    wallsM2,
    closedM2,
    floorM2,
    faceShare: wall / (WITH_SHINE_M2K_PER_W + wall),
  };
}

/** What goes out through walls, lid and stand, watts a degree: see {@link panesOf}. */
export const conductanceWPerK = (shell: Shell, fillCm: number, library: Library): number =>
  panesOf(shell, fillCm, library).wPerK;

/** What goes out with the air, watts a degree, at so many air changes an hour. */
export const withAirWPerK = (changesPerH: number, roomM3: number): number =>
  (AIR_KG_PER_M3 * AIR_J_PER_KGK * roomM3 * changesPerH) / SECONDS_AN_HOUR;

/** A quiet corner and a room that is walked through, from memory: between them a range is told. */
export const STILL: readonly [quiet: Still, draughty: Still] = [
  { draughtMPerS: 0.001, leaksPerH: 0.3 },
  { draughtMPerS: 0.004, leaksPerH: 1 },
];
