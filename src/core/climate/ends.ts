import { rootOf } from "../solve";
import { withAirWPerK, AIR_J_PER_KGK, AIR_KG_PER_M3 } from "./heat";
import { heatOf, type Settled, type Shut } from "./balance";
import { relativeHumidity } from "./psychrometrics";
import type { Working } from "./working";

/** Flow through a doorway by its warmth: Brown and Solvason 1962, recalled; pieces and plants leave half of it. */
const DOORWAY = 0.45 / 3;
const LEFT_OPEN = 0.5;
const G_M_PER_S2 = 9.81;
const MEAN_K = 294;
const MOST_APART_K = 40;
/** Long waves from one half of a box to the other, W/m²K. */
const SHINES_W_PER_M2K = 4.9;

type Inside = { widthCm: number; depthCm: number; heightCm: number; fillCm: number };

/**
 * How far the heat of a box hangs to one side: 1 all of it at the left glass, -1 all at the right, 0 in the middle. Each
 * piece counts by its heat and its place.
 *
 * @example leanOf([lampAt10of60], 60) // 0.67
 */
export function leanOf(works: readonly Working[], widthCm: number): number {
  const watts = ({ gives, share }: Working) => heatOf(gives.heat[1]) * share;
  const all = works.reduce((sum, work) => sum + watts(work), 0);
  const leftOf = (work: Working) => 1 - (2 * Math.min(widthCm, Math.max(0, work.fixture.xCm))) / widthCm;
  return all > 0 ? works.reduce((sum, work) => sum + watts(work) * leftOf(work), 0) / all : 0;
}

/**
 * How far one half stands over the other: what is put in at one of them more than at the other goes out through its own
 * panes, and over to the other through the air between and by long waves.
 *
 * @param unevenW heat that one half gets more than the other
 */
export function apartK(inside: Inside, box: Shut, unevenW: number, changesPerH: number): number {
  if (unevenW <= 0) return 0;
  const highM = Math.max(0.05, (inside.heightCm - inside.fillCm) / 100);
  const areaM2 = (inside.depthCm / 100) * highM;
  const doorway = AIR_KG_PER_M3 * DOORWAY * LEFT_OPEN * areaM2 * Math.sqrt((G_M_PER_S2 * highM) / MEAN_K);
  const outWPerK =
    box.faces.reduce((sum, { outWPerK: out }) => sum + out, 0) +
    box.openWPerK +
    withAirWPerK(changesPerH, box.openings.roomM3);
  const perK = outWPerK / 2 + 2 * areaM2 * SHINES_W_PER_M2K;
  const over = (k: number) => perK * k + 2 * doorway * AIR_J_PER_KGK * Math.sqrt(k) * k - unevenW;
  return rootOf(over, 0, MOST_APART_K, 0.01);
}

/** Air at the cool and at the warm end: as much water in it at both, and so drier where it is warmer. */
export type Ends = { coolC: number; warmC: number; coolRh: number; warmRh: number };

export function endsOf({ temperatureC, ratio }: Settled, apart: number): Ends {
  const [coolC, warmC] = [temperatureC - apart / 2, temperatureC + apart / 2];
  return { coolC, warmC, coolRh: relativeHumidity(coolC, ratio), warmRh: relativeHumidity(warmC, ratio) };
}
