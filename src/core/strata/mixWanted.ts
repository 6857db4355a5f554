import type { Design } from "../habitat";
import { pouredFor, type Laying } from "../mix";
import type { Ground } from "./ground";

/**
 * How much of a mix a habitat wants: its lifts, laid moist or dry, and what hollow pieces are filled with.
 *
 * @param settlesPct of the mix
 * @returns litres loose and as they lie, and how deep its lifts are together, in the mean
 * @example mixWanted(habitat, ground, "mix-1", 18).laying.looseL // 28.7
 */
export function mixWanted(
  habitat: Design,
  ground: Ground,
  mixId: string,
  settlesPct: number,
): { laying: Laying; volumeL: number; depthCm: number } {
  const lifts = ground.levels.flatMap((level) => {
    const layer = habitat.strata.layers.find((other) => other.id === level.layerId);
    return layer?.kind === "soil" && layer.mixId === mixId ? [{ layer, level }] : [];
  });
  const fillL = ground.solids.reduce((sum, solid) => sum + (solid.piece?.fillMixId === mixId ? solid.fillL : 0), 0);
  const litres = (laid: "moist" | "dry") =>
    lifts.reduce((sum, { layer, level }) => sum + (layer.laid === laid ? level.volumeL : 0), 0);
  const [moistL, dryL] = [litres("moist") + fillL, litres("dry")];
  const looseL = lifts.reduce((sum, { level }) => sum + level.looseL, pouredFor(fillL, settlesPct));
  const depthCm = lifts.reduce(
    (sum, { level }) => sum + (level.areaCm2 > 0 ? (level.volumeL * 1000) / level.areaCm2 : 0),
    0,
  );
  return { laying: { looseL, moistL, dryL }, volumeL: moistL + dryL, depthCm };
}
