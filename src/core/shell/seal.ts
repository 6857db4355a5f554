import { floorOutline, type Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2 } from "../shape";
import { wallLengthCm } from "./walls";

const CM2_PER_M2 = 10_000;
const SIDES = ["front", "back", "left", "right"] as const;

/** What sealing bare boards takes. */
export type Seal = { areaCm2: number; coats: number; paintL: number; dryDays: number; airDays: number };

/**
 * The inside of a box of bare boards, sealed coat by coat before anything else is built in it.
 *
 * @returns nothing for what needs no sealing
 * @example sealOf({ ...shell, buildId: "plywood" }, library)?.coats // 2
 */
export function sealOf(shell: Shell, library: Library): Seal | undefined {
  const { coats = 0, m2PerL = 0, coatDays = 0, airDays = 0 } = library.get("boxBuilds", shell.buildId);
  if (coats === 0) return undefined;
  const floor = Math.abs(areaCm2(floorOutline(shell)));
  const walls = SIDES.reduce((sum, wall) => sum + wallLengthCm(shell, wall) * shell.heightCm, 0);
  const inside = floor + walls;
  const paintL = m2PerL > 0 ? ((inside / CM2_PER_M2) * coats) / m2PerL : 0;
  return { areaCm2: inside, coats, paintL, dryDays: Math.ceil(coats * coatDays), airDays };
}
