import { floorOutline, type Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2 } from "../shape";

const AIR_KG_PER_M3 = 1.2;
const G_M_PER_S2 = 9.81;
const MEAN_K = 294;
const SECONDS_AN_HOUR = 3600;
const CM2_PER_M2 = 10_000;

/** Fine mesh of a lid: holes of 1.0 mm at a pitch of 1.35 mm, from memory. */
const HOLE_M = 0.001;
const PITCH_M = 0.00135;
const AIR_VISCOSITY_PA_S = 1.82e-5;
/** How much of the way down two streams pass one another through an open top, from memory. */
const EFFECTIVE_SHARE = 0.7;
/** Counter-flow through an opening in a roof, Q = 0.055 D^2.5 (g Δρ/ρ)^½: Epstein 1988, recalled. */
const EPSTEIN = 0.055;

/** Viscous resistance of a mesh to air, Pa s/m: Sampson 1891, a round hole of the square one's area. */
export const meshResistance = (): number =>
  (3 * AIR_VISCOSITY_PA_S * PITCH_M ** 2) / (HOLE_M / Math.sqrt(Math.PI)) ** 3;

/** What lets air in and out: the open top and vents with how far down the box reaches, m² and m. */
export type Openings = { topM2: number; ventsM2: number; roomM3: number; deepM: number };

/** What of a box is open, over its fill. @example openingsOf(shell, 18, library).topM2 // 0.135 under a half covered top */
export function openingsOf(shell: Shell, fillCm: number, library: Library): Openings {
  const floorM2 = areaCm2(floorOutline(shell)) / CM2_PER_M2;
  const deepM = Math.max(0.01, (shell.heightCm - fillCm) / 100);
  const openSides = library.get("boxBuilds", shell.buildId).openSidesPct / 100;
  const sidesM2 = 2 * (shell.widthCm / 100 + shell.depthCm / 100) * deepM * openSides;
  const vents = shell.openings.filter(({ kind }) => kind === "vent");
  const ventsM2 = vents.reduce((sum, { widthCm, heightCm }) => sum + widthCm * heightCm, 0) / CM2_PER_M2;
  const topM2 = shell.top.lid === "glass" ? 0 : floorM2 * (1 - shell.top.coveredPct / 100);
  return { topM2, ventsM2: ventsM2 + sidesM2, roomM3: floorM2 * deepM, deepM };
}

/** What moves air besides warmth: draught in the room through each opening, m/s, and leaks, air changes an hour. */
export type Still = { draughtMPerS: number; leaksPerH: number };

/**
 * How often the air of a box is changed an hour: two streams through the open top, the light one up and the heavy one
 * down, held back by the mesh; draught through every opening; leaks.
 *
 * @param warmerK how much lighter the box's air is, as degrees of virtual temperature; below nothing only draught moves it
 * @example airChangesPerH(openings, 2, still) // 66.4 for a box of 45 x 45 x 60 cm with 6 cm of soil under mesh
 */
export function airChangesPerH({ topM2, ventsM2, roomM3, deepM }: Openings, warmerK: number, still: Still): number {
  const draught = still.draughtMPerS * (topM2 + ventsM2);
  const flow = twoWay(topM2, deepM, Math.max(0, warmerK)) + draught;
  return (flow * SECONDS_AN_HOUR) / roomM3 + still.leaksPerH;
}

/** Air through an open top by its own lightness, m³/s: mesh resists in proportion to the speed, turning to its square. */
function twoWay(topM2: number, deepM: number, warmerK: number): number {
  if (topM2 <= 0 || warmerK <= 0) return 0;
  const acrossM = Math.sqrt((4 * topM2) / Math.PI);
  const freePerK = (2 * EPSTEIN * acrossM ** 2.5 * Math.sqrt(G_M_PER_S2 / MEAN_K)) / topM2;
  const pushPerK = (AIR_KG_PER_M3 * G_M_PER_S2 * EFFECTIVE_SHARE * Math.min(deepM, acrossM)) / MEAN_K;
  // So that without a mesh the flow is Epstein's.
  const square = pushPerK / freePerK ** 2;
  const linear = 2 * meshResistance();
  const speed = (Math.sqrt(linear ** 2 + 4 * square * pushPerK * warmerK) - linear) / (2 * square);
  return (speed * topM2) / 2;
}
