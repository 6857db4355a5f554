import type { Animal } from "../catalog";
import type { Design, Layer } from "../habitat";
import { pouredFor, type Bed, type Laying } from "../mix";
import type { Ground } from "./ground";
import type { Level } from "./levels";

/** Where lifts of a mix lie one over the other: in a zone, on what no zone takes, or all over. */
export type Bedded = { zoneId: string | undefined; volumeL: number; depthCm: number };

type Lift = { layer: Layer; level: Level };
const meanCm = ({ level }: Lift): number => (level.areaCm2 > 0 ? (level.volumeL * 1000) / level.areaCm2 : 0);

/** Beds of a mix, each place by itself; what lies all over counts in each. @example bedsOf(lifts).map((bed) => bed.depthCm) */
function bedsOf(lifts: readonly Lift[]): Bedded[] {
  const under = ({ layer: { over } }: Lift): string => (over.on === "zone" ? over.zoneId : over.on);
  const everywhere = lifts.filter((lift) => under(lift) === "floor");
  const places = [...new Set(lifts.map(under))].filter((place) => place !== "floor");
  return (places.length > 0 ? places : everywhere.length > 0 ? ["floor"] : []).map((place) => {
    const own = lifts.filter((lift) => under(lift) === place);
    const all = place === "floor" ? own : [...everywhere, ...own];
    return {
      zoneId: place === "rest" || place === "floor" ? undefined : place,
      volumeL: own.reduce((sum, { level }) => sum + level.volumeL, 0),
      depthCm: all.reduce((sum, lift) => sum + meanCm(lift), 0),
    };
  });
}

/**
 * How much of a mix a habitat wants: its lifts, laid moist or dry, and what hollow pieces are filled with.
 *
 * @param settlesPct of the mix
 * @returns litres loose and as they lie, its beds place by place, and how deep the deepest of them is, in the mean
 * @example mixWanted(habitat, ground, "mix-1", 18).laying.looseL // 28.7
 */
export function mixWanted(
  habitat: Design,
  ground: Ground,
  mixId: string,
  settlesPct: number,
): { laying: Laying; volumeL: number; depthCm: number; beds: Bedded[] } {
  const lifts = ground.levels.flatMap((level) => {
    const layer = habitat.strata.layers.find((other) => other.id === level.layerId);
    return layer?.kind === "soil" && layer.mixId === mixId ? [{ layer, level }] : [];
  });
  const fillL = ground.solids.reduce((sum, solid) => sum + (solid.piece?.fillMixId === mixId ? solid.fillL : 0), 0);
  const litres = (laid: "moist" | "dry") =>
    lifts.reduce((sum, { layer, level }) => sum + (layer.laid === laid ? level.volumeL : 0), 0);
  const [moistL, dryL] = [litres("moist") + fillL, litres("dry")];
  const looseL = lifts.reduce((sum, { level }) => sum + level.looseL, pouredFor(fillL, settlesPct));
  const beds = bedsOf(lifts);
  const depthCm = Math.max(0, ...beds.map((bed) => bed.depthCm));
  return { laying: { looseL, moistL, dryL }, volumeL: moistL + dryL, depthCm, beds };
}

const LEAST_BED_CM = 5;

/**
 * The bed the meters of a mix speak of: as deep as it lies, or where it is not laid as deep as is good for the animal.
 *
 * @param depthCm of the deepest bed of it; 0 where it is not laid
 */
export const bedOf = (depthCm: number, { soil }: Pick<Animal, "soil">): Bed => ({
  footCm: 0,
  depthCm: depthCm > 0 ? depthCm : Math.max(soil.goodDepthCm, LEAST_BED_CM),
});
