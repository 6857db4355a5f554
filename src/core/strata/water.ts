import { rule } from "../catalog";
import type { Library } from "../library";
import { areaCm2, plainNodes } from "../shape";
import type { Solid } from "./solids";
import type { GroundPlan, Patch, Terrain } from "./terrain";

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
const voidShare = ({ layer }: Patch, library: Library): number =>
  layer.kind === "drainage" ? library.get("drainageMedia", layer.materialId).voidPct / 100 : 1;

const riseCm = ({ layer }: Patch, library: Library): number =>
  layer.kind === "drainage" ? library.get("drainageMedia", layer.materialId).capillaryRiseCm : 0;

/** A small part of the vessel's floor as a column: its foot and head, and what a centimetre of it holds. */
type Slice = { bottomCm: number; topCm: number; litresPerCm: number; share: number };

/** What stands in the drainage: its matter takes room, and inside a pump column there is water without any medium. */
function standingIn(solid: Solid, share: number, lowCm: number, highCm: number): number {
  const inner = solid.hole && solid.kind.hollow?.opensTo === "water" ? areaCm2(solid.hole) : 0;
  return solid.bodies.reduce((sum, body) => {
    const overlap = Math.min(highCm, solid.baseCm + body.toCm) - Math.max(lowCm, solid.baseCm + body.fromCm);
    const outer = areaCm2(body.outline) * body.share;
    return overlap > 0 ? sum + ((inner - outer * share) * overlap) / CM3_PER_L : sum;
  }, 0);
}

/** A vessel in slices: its own foot and head over each part of its floor. */
function slicesOf(patch: Patch, terrain: Terrain, share: number): Slice[] {
  return plainNodes(patch.region).map(({ x, y, areaCm2: area }) => {
    const slab = terrain.columnAt(x, y).find((other) => other.patch === patch);
    const litresPerCm = (area * share) / CM3_PER_L;
    return { bottomCm: slab?.bottomCm ?? 0, topCm: slab?.topCm ?? 0, litresPerCm, share };
  });
}

/**
 * The drainage as a vessel, or undefined where there is none. Legs' walls are taken off by the share of the floor they
 * stand on.
 *
 * @param legShare by layer id
 */
export function waterStore(
  habitat: Pick<GroundPlan, "strata">,
  terrain: Terrain,
  standing: readonly Solid[],
  library: Library,
  legShare: ReadonlyMap<string, number> = new Map(),
): WaterStore | undefined {
  const vessels = terrain.patches.filter(isVessel);
  if (vessels.length === 0) return undefined;
  const slices = vessels.flatMap((patch) => {
    const legs = legShare.get(patch.layer.id) ?? 0;
    return slicesOf(patch, terrain, voidShare(patch, library) * (1 - legs));
  });
  const lowCm = Math.min(...slices.map((slice) => slice.bottomCm));
  const topCm = slices.length > 0 ? Math.max(...slices.map((slice) => slice.topCm)) : 0;
  const share = slices[0]?.share ?? 1;

  const between = (lineCm: number): number =>
    slices.reduce(
      (sum, slice) => sum + Math.max(0, Math.min(lineCm, slice.topCm) - slice.bottomCm) * slice.litresPerCm,
      0,
    );
  const inStanding = (lineCm: number): number =>
    standing.reduce((sum, solid) => sum + standingIn(solid, share, lowCm, Math.min(lineCm, topCm)), 0);
  const atL = (lineCm: number): number => Math.max(0, between(lineCm) + inStanding(lineCm));

  const { waterLineCm } = habitat.strata;
  const aroundCm = Math.min(topCm, Math.min(waterLineCm, topCm) + 0.5);
  const climbsCm = Math.max(...vessels.map((patch) => riseCm(patch, library)));
  return {
    topCm,
    capacityL: atL(topCm),
    safeLineCm: Math.max(0, topCm - climbsCm - rule("safeGapCm")),
    keptL: atL(waterLineCm),
    perCmL: atL(aroundCm) - atL(aroundCm - 1),
    atL,
  };
}

const HALVINGS = 40;

/**
 * The line at which so much water stands: {@link WaterStore.atL} the other way round.
 *
 * @returns cm from the glass, at most the top of the drainage
 * @example lineAtL(water, water.atL(3)) // 3
 */
export function lineAtL({ atL, topCm }: Pick<WaterStore, "atL" | "topCm">, litres: number): number {
  let [low, high] = [0, topCm];
  for (let n = 0; n < HALVINGS; n += 1) {
    const middle = (low + high) / 2;
    if (atL(middle) < litres) low = middle;
    else high = middle;
  }
  return high;
}
