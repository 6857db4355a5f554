import type { Shell } from "../habitat";
import { areaCm2 } from "../shape";
import type { Ground } from "./ground";

/** Without a sill a mix is turned over up to this share of the box's height. Rincon's own. */
const OPEN_SHARE = 0.5;

/**
 * Room in the box itself to mix in: over its drainage and barrier, up to the sill, or half way up where there is none.
 *
 * @returns litres; 0 where the drainage reaches so high
 * @example mixRoomL(ground, shell) // 34.5 over 6 cm of pebbles, under a sill of 18 cm on 60 x 48 cm
 */
export function mixRoomL({ terrain, levels }: Ground, { sillCm, heightCm }: Shell): number {
  const below = levels.filter(({ kind }) => kind === "drainage" || kind === "falseBottom" || kind === "barrier");
  const footCm = Math.max(0, ...below.map(({ top }) => Math.max(top.frontCm, top.backCm)));
  const topCm = sillCm > 0 ? sillCm : heightCm * OPEN_SHARE;
  return (areaCm2(terrain.outline) * Math.max(0, topCm - footCm)) / 1000;
}
