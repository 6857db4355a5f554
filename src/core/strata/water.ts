import { entry, rule } from "../catalog";
import type { Habitat } from "../habitat";
import { areaCm2, nodes } from "../shape";
import type { Solid } from "./solids";
import { terrainOf, type Patch, type Terrain } from "./terrain";

/** The drainage as a vessel. All litres are water between the pieces, not pebbles. */
export type WaterStore = {
  /** Top of the drainage, where the barrier lies, cm from the glass. */
  topCm: number;
  /** Litres it holds up to the barrier. */
  capacityL: number;
  /** Highest standing water that cannot climb into the soil, cm from the glass. */
  safeLineCm: number;
  /** Litres at the kept water line, and litres a centimetre there. */
  keptL: number;
  perCmL: number;
  /** Litres at any line, cm from the glass. */
  atL: (lineCm: number) => number;
};

const CM3_PER_L = 1000;

const isVessel = ({ layer }: Patch): boolean => layer.kind === "drainage" || layer.kind === "falseBottom";

/** Water between the pieces of a medium; under a plate there is nothing but its legs. */
const voidShare = ({ layer }: Patch): number =>
  layer.kind === "drainage" ? entry("drainageMedia", layer.materialId).voidPct / 100 : 1;

const riseCm = ({ layer }: Patch): number =>
  layer.kind === "drainage" ? entry("drainageMedia", layer.materialId).capillaryRiseCm : 0;

type Slice = { bottomCm: number; topCm: number; litresPerCm: number };

/** What stands in the drainage: its matter takes room, and inside a pump column there is water without any medium. */
function standingIn(solid: Solid, share: number, lowCm: number, highCm: number): number {
  const overlap = Math.min(highCm, solid.topCm) - Math.max(lowCm, solid.baseCm);
  if (overlap <= 0) return 0;
  const outer = areaCm2(solid.outline) * (solid.kind.hollow ? 1 : solid.share);
  const inner = solid.hole && solid.kind.hollow?.opensTo === "water" ? areaCm2(solid.hole) : 0;
  return ((inner - outer * share) * overlap) / CM3_PER_L;
}

/** The highest safe standing water, cm from the glass, or undefined where there is no drainage. @example safeWaterLineCm(habitat) // 4 */
export const safeWaterLineCm = (habitat: Habitat): number | undefined =>
  waterStore(habitat, terrainOf(habitat), [])?.safeLineCm;

/** The drainage as a vessel, or undefined where there is none. Legs' walls are taken off by the share of the floor they stand on. */
export function waterStore(
  habitat: Habitat,
  terrain: Terrain,
  standing: readonly Solid[],
  legShare: ReadonlyMap<string, number> = new Map(),
): WaterStore | undefined {
  const vessels = terrain.patches.filter(isVessel);
  if (vessels.length === 0) return undefined;
  const slices = vessels.flatMap((patch): (Slice & { share: number })[] => {
    const n = terrain.patches.indexOf(patch);
    const legs = legShare.get(patch.layer.id) ?? 0;
    const share = voidShare(patch) * (1 - legs);
    return nodes(patch.region).map(({ x, y, areaCm2: area }) => {
      const tops = terrain.topsAt(x, y);
      return { bottomCm: tops[n - 1] ?? 0, topCm: tops[n] ?? 0, litresPerCm: (area * share) / CM3_PER_L, share };
    });
  });
  const [lowCm, topCm] = [
    Math.min(...slices.map((slice) => slice.bottomCm)),
    Math.max(...slices.map((slice) => slice.topCm)),
  ];
  const share = slices[0]?.share ?? 1;
  const atL = (lineCm: number): number => {
    const between = slices.reduce(
      (sum, slice) => sum + Math.max(0, Math.min(lineCm, slice.topCm) - slice.bottomCm) * slice.litresPerCm,
      0,
    );
    return Math.max(
      0,
      standing.reduce((sum, solid) => sum + standingIn(solid, share, lowCm, Math.min(lineCm, topCm)), between),
    );
  };
  const line = Math.min(habitat.strata.waterLineCm, topCm);
  return {
    topCm: slices.length > 0 ? topCm : 0,
    capacityL: atL(topCm),
    safeLineCm: Math.max(0, topCm - Math.max(...vessels.map(riseCm)) - rule("safeGapCm")),
    keptL: atL(habitat.strata.waterLineCm),
    perCmL: atL(Math.min(topCm, line + 0.5)) - atL(Math.min(topCm, line + 0.5) - 1),
    atL,
  };
}
