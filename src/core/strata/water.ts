import { entry, rule } from "../catalog";
import type { Habitat } from "../habitat";
import { floorAreaCm2 } from "./levels";

/** The drainage as a vessel. All litres are water between the pieces, not pebbles. */
export type WaterStore = {
  /** Top of the drainage, where the barrier lies, cm from the glass. */
  topCm: number;
  /** Litres it holds up to the barrier. */
  capacityL: number;
  /** Highest standing water that cannot climb into the soil, cm from the glass. */
  safeLineCm: number;
  /** Litres at the kept water line. */
  keptL: number;
};

type Store = { bottomCm: number; topCm: number; voidShare: number };

function stores(habitat: Habitat): Store[] {
  let bottomCm = 0;
  return habitat.strata.layers.flatMap((layer) => {
    if (layer.kind !== "drainage") return [];
    const store = { bottomCm, topCm: bottomCm + layer.depthCm, voidShare: entry("drainageMedia", layer.materialId).voidPct / 100 };
    bottomCm = store.topCm;
    return [store];
  });
}

/**
 * Litres of water in the drainage when it stands at a line.
 *
 * @param lineCm height of the water from the glass
 * @example waterAtL(habitat, 5) // 6.075 for pebbles of 45 % voids, 5 cm deep on 60 x 45 cm
 */
export function waterAtL(habitat: Habitat, lineCm: number): number {
  const area = floorAreaCm2(habitat.shell);
  return stores(habitat).reduce(
    (sum, { bottomCm, topCm, voidShare }) => sum + (area * Math.max(0, Math.min(lineCm, topCm) - bottomCm) * voidShare) / 1000,
    0,
  );
}

/** The drainage as a vessel, or undefined where there is none. */
export function waterStore(habitat: Habitat): WaterStore | undefined {
  const all = stores(habitat);
  const topCm = all.at(-1)?.topCm;
  if (topCm === undefined) return undefined;
  const drainage = habitat.strata.layers.filter((layer) => layer.kind === "drainage");
  const highestRise = Math.max(...drainage.map((layer) => entry("drainageMedia", layer.materialId).capillaryRiseCm));
  return {
    topCm,
    capacityL: waterAtL(habitat, topCm),
    safeLineCm: Math.max(0, topCm - highestRise - rule("safeGapCm")),
    keptL: waterAtL(habitat, habitat.strata.waterLineCm),
  };
}
