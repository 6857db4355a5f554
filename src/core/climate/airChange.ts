import { builtCm, floorOutline, type Opening, type Shell } from "../habitat";
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
const MESH_OPEN_SHARE = (HOLE_M / PITCH_M) ** 2;
const AIR_VISCOSITY_PA_S = 1.82e-5;
/** How much of the way down two streams pass one another through an open top, from memory. */
const EFFECTIVE_SHARE = 0.7;
/** Counter-flow through an opening in a roof, Q = 0.055 D^2.5 (g Δρ/ρ)^½: Epstein 1988, recalled. */
const EPSTEIN = 0.055;
/** Pressure lost at a sharp edge, in velocity heads, 1/0.61²: common practice. */
const EDGE_LOSS = 2.7;

/** Viscous resistance of a mesh to air, Pa s/m: Sampson 1891, a round hole of the square one's area. */
export const meshResistance = (): number =>
  (3 * AIR_VISCOSITY_PA_S * PITCH_M ** 2) / (HOLE_M / Math.sqrt(Math.PI)) ** 3;

/**
 * What lets air in and out, m² and m: the open top, vents low and high, how far low ones lie under what is open above
 * them, and the room that is aired.
 */
export type Openings = {
  topM2: number;
  /** Whether mesh lies over the open top; vents always have theirs. */
  topIsMesh: boolean;
  lowM2: number;
  highM2: number;
  stackM: number;
  roomM3: number;
  deepM: number;
};

type Vents = { areaM2: number; midM: number };
const NO_VENTS: Vents = { areaM2: 0, midM: 0 };

/** Vents together, at the middle of their area. */
function together(vents: readonly Opening[]): Vents {
  const areaOf = ({ widthCm, heightCm }: Opening) => (widthCm * heightCm) / CM2_PER_M2;
  const areaM2 = vents.reduce((sum, vent) => sum + areaOf(vent), 0);
  if (areaM2 <= 0) return NO_VENTS;
  const midCm = vents.reduce((sum, vent) => sum + areaOf(vent) * (vent.upCm + vent.heightCm / 2), 0) / areaM2;
  return { areaM2, midM: midCm / 100 };
}

/** Mesh walls count half to what is low, half to what is high. */
function sides(shell: Shell, deepM: number, library: Library): number {
  const openSides = library.get("boxBuilds", shell.buildId).openSidesPct / 100;
  return 2 * (shell.widthCm / 100 + shell.depthCm / 100) * deepM * openSides;
}

/** What of a box is open, over its fill. @example openingsOf(shell, 18, library).topM2 // 0.135 under a half covered top */
export function openingsOf(shell: Shell, fillCm: number, library: Library): Openings {
  const floorM2 = areaCm2(floorOutline(shell)) / CM2_PER_M2;
  const deepM = Math.max(0.01, (shell.heightCm - fillCm) / 100);
  const builtShare = 1 - builtCm(shell, "left", "right") / shell.widthCm;
  const halfUpCm = fillCm + (shell.heightCm - fillCm) / 2;
  const open = shell.openings.filter(({ kind, upCm, heightCm }) => kind === "vent" && upCm + heightCm > fillCm);
  const isHigh = ({ upCm, heightCm }: Opening) => upCm + heightCm / 2 > halfUpCm;
  const low = together(open.filter((vent) => !isHigh(vent)));
  const high = together(open.filter(isHigh));
  const halfSidesM2 = sides(shell, deepM, library) / 2;
  const topM2 = shell.top.lid === "glass" ? 0 : floorM2 * (1 - shell.top.coveredPct / 100);
  const aboveM = topM2 > 0 || high.areaM2 <= 0 ? shell.heightCm / 100 : high.midM;
  const lowM = low.areaM2 > 0 ? low.midM : (fillCm + (shell.heightCm - fillCm) / 4) / 100;
  return {
    topM2,
    topIsMesh: shell.top.lid === "mesh",
    lowM2: low.areaM2 + halfSidesM2,
    highM2: high.areaM2 + halfSidesM2,
    stackM: Math.max(0, aboveM - lowM),
    roomM3: floorM2 * deepM * Math.max(0.2, builtShare),
    deepM,
  };
}

/** What moves air besides warmth: draught in the room through each opening, m/s, and leaks, air changes an hour. */
export type Still = { draughtMPerS: number; leaksPerH: number };

/**
 * How often the air of a box is changed an hour: two streams through the open top, the light one up and the heavy one
 * down, held back by the mesh; from low vents to what is open above them; draught through every opening; leaks.
 *
 * @param warmerK how much lighter the box's air is, as degrees of virtual temperature; below nothing only draught and
 * what falls out of low vents move it
 * @param fanM3PerH what a fan moves besides
 * @example airChangesPerH(openings, 2, still) // 66.4 for a box of 45 x 45 x 60 cm with 6 cm of soil under mesh
 */
export function airChangesPerH(openings: Openings, warmerK: number, still: Still, fanM3PerH = 0): number {
  const { topM2, lowM2, highM2, roomM3 } = openings;
  const draught = still.draughtMPerS * (topM2 + lowM2 + highM2);
  const rising = stackM3PerS(openings, Math.abs(warmerK));
  // What rises from below takes the way of the two streams.
  const passing = Math.max(0, twoWay(openings, Math.max(0, warmerK)) - rising);
  const flow = rising + passing + draught;
  return (flow * SECONDS_AN_HOUR + fanM3PerH) / roomM3 + still.leaksPerH;
}

/** The flow at which a resistance that grows with it, and one with its square, take up a pressure. */
const flowAt = (pressurePa: number, linear: number, square: number): number =>
  (Math.sqrt(linear ** 2 + 4 * square * pressurePa) - linear) / (2 * square);

/**
 * Air that warmth drives from low vents to what is open above them, m³/s: mesh by Sampson, edges by the square of the
 * speed.
 *
 * @example stackM3PerS(openings, 2) // 4.24e-4 for a vent of 90 cm² 49 cm under the mesh top of 45 x 45 cm
 */
export function stackM3PerS({ topM2, topIsMesh, lowM2, highM2, stackM }: Openings, warmerK: number): number {
  const upperM2 = topM2 + highM2;
  if (lowM2 <= 0 || upperM2 <= 0 || stackM <= 0 || warmerK <= 0) return 0;
  const pressurePa = (AIR_KG_PER_M3 * G_M_PER_S2 * stackM * warmerK) / MEAN_K;
  // Above, the bare part of the opening holds nothing back by its holes, and is open as a whole.
  const bareShare = topIsMesh ? 0 : topM2 / upperM2;
  const linear = meshResistance() * (1 / lowM2 + (1 - bareShare) / upperM2);
  const upperOpen = MESH_OPEN_SHARE + (1 - MESH_OPEN_SHARE) * bareShare;
  const square =
    ((AIR_KG_PER_M3 * EDGE_LOSS) / 2) * (1 / (MESH_OPEN_SHARE * lowM2) ** 2 + 1 / (upperOpen * upperM2) ** 2);
  return flowAt(pressurePa, linear, square);
}

/** Air through an open top by its own lightness, m³/s: mesh resists in proportion to the speed, turning to its square. */
function twoWay({ topM2, topIsMesh, deepM }: Openings, warmerK: number): number {
  if (topM2 <= 0 || warmerK <= 0) return 0;
  const acrossM = Math.sqrt((4 * topM2) / Math.PI);
  const freePerK = (2 * EPSTEIN * acrossM ** 2.5 * Math.sqrt(G_M_PER_S2 / MEAN_K)) / topM2;
  const pushPerK = (AIR_KG_PER_M3 * G_M_PER_S2 * EFFECTIVE_SHARE * Math.min(deepM, acrossM)) / MEAN_K;
  // So that without a mesh the flow is Epstein's.
  const square = pushPerK / freePerK ** 2;
  const speed = flowAt(pushPerK * warmerK, topIsMesh ? 2 * meshResistance() : 0, square);
  return (speed * topM2) / 2;
}

/** Round vents as they are usual in wooden boxes, low and high, with fine mesh: common practice. */
export const ROUND_VENTS_CM = { low: 2.5, high: 4 };
const roundM2 = (acrossCm: number): number => Math.PI * (acrossCm / 200) ** 2;
const MOST_PAIRS = 60;

/**
 * How many pairs of round vents, 2.5 cm low and 4 cm high, air a closed box so often an hour by its own warmth.
 *
 * @param changesPerH wanted
 * @returns undefined where no number of them does
 * @example ventPairs(openings, 3, 2) // 4
 */
export function ventPairs(openings: Openings, warmerK: number, changesPerH: number): number | undefined {
  const wantedM3PerS = (changesPerH * openings.roomM3) / SECONDS_AN_HOUR;
  const stackM = openings.deepM * 0.8;
  for (let count = 1; count <= MOST_PAIRS; count++) {
    const lowM2 = count * roundM2(ROUND_VENTS_CM.low);
    const highM2 = count * roundM2(ROUND_VENTS_CM.high);
    if (stackM3PerS({ ...openings, topM2: 0, lowM2, highM2, stackM }, warmerK) >= wantedM3PerS) return count;
  }
  return undefined;
}
