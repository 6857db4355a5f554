import { entry, rule } from "../catalog";
import { floorOutline, type Floor, type Habitat, type Layer, type Shell } from "../habitat";
import { blend, type Blend } from "../mix";
import { areaCm2, bounds, centroid } from "../shape";

/** Heights from the glass at the front and at the back, cm. */
export type Slope = { frontCm: number; backCm: number };

/** One layer as it lies in the box. */
export type Level = {
  layerId: string;
  kind: Layer["kind"];
  bottom: Slope;
  top: Slope;
  /** Litres as it lies. */
  volumeL: number;
  /** Litres to have at hand loose, before it beds down; 0 for a sheet. */
  looseL: number;
  dryKg: number;
  wetKg: number;
};

const CM3_PER_L = 1000;
const CM2_PER_M2 = 10_000;
const KG_PER_L_WATER = 1;

/** A floor in plan; a rectangle when nothing else is said. */
export type Plan = Pick<Shell, "widthCm" | "depthCm"> & { floor?: Floor };

/** Floor of the box, cm². @example floorAreaCm2({ widthCm: 60, depthCm: 45 }) // 2700 */
export const floorAreaCm2 = (plan: Plan): number => areaCm2(floorOutline(plan));

/**
 * Volume of a wedge with a flat bottom: one depth at the front, one at the back, straight between. Over any floor
 * it is the floor's area times the depth at its centre of area, exactly.
 *
 * @returns litres
 * @example wedgeL({ widthCm: 60, depthCm: 45 }, 8, 14) // 29.7
 */
export function wedgeL(plan: Plan, frontCm: number, backCm: number): number {
  const outline = floorOutline(plan);
  const [, fromFrontCm] = centroid(outline);
  return (areaCm2(outline) * (frontCm + ((backCm - frontCm) * fromFrontCm) / plan.depthCm)) / CM3_PER_L;
}

/** Depth that a loose volume makes on a floor. @example depthOfL({ widthCm: 30.48, depthCm: 30.48 }, 4.405) // 4.74 */
export const depthOfL = (plan: Plan, litres: number): number => (litres * CM3_PER_L) / floorAreaCm2(plan);

/** The sheet to cut the barrier from: larger than the floor by what is turned up the walls. */
export const barrierCut = (plan: Plan): { widthCm: number; depthCm: number } => {
  const turnUp = rule("barrierTurnUpCm");
  const { left, right, front, back } = bounds(floorOutline(plan));
  return { widthCm: right - left + 2 * turnUp, depthCm: back - front + 2 * turnUp };
};

const loose = (volumeL: number, settlesPct: number): number => volumeL * (1 + settlesPct / 100);

type Mass = Pick<Level, "looseL" | "dryKg" | "wetKg">;

function soilMass(volumeL: number, mixture: Blend | undefined): Mass {
  if (!mixture) return { looseL: volumeL, dryKg: 0, wetKg: 0 };
  const looseL = loose(volumeL, mixture.settlesPct);
  const dryKg = looseL * mixture.looseKgPerL;
  return { looseL, dryKg, wetKg: dryKg + ((mixture.waterHeldPct - mixture.airDryWaterPct) / 100) * volumeL * KG_PER_L_WATER };
}

function massOf(layer: Layer, volumeL: number, habitat: Habitat): Mass {
  switch (layer.kind) {
    case "drainage": {
      const medium = entry("drainageMedia", layer.materialId);
      const looseL = loose(volumeL, medium.settlesPct);
      const dryKg = looseL * medium.looseKgPerL;
      return { looseL, dryKg, wetKg: dryKg };
    }
    case "barrier": {
      const cut = barrierCut(habitat.shell);
      const kg = ((cut.widthCm * cut.depthCm) / CM2_PER_M2) * entry("barriers", layer.materialId).kgPerM2;
      return { looseL: 0, dryKg: kg, wetKg: kg };
    }
    case "soil":
      return soilMass(volumeL, blend(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? []));
    case "dressing": {
      const dressing = entry("dressings", layer.materialId);
      const looseL = volumeL * dressing.loosePerPressed;
      const dryKg = looseL * dressing.looseKgPerL;
      return { looseL, dryKg, wetKg: dryKg + (dressing.waterHeldPct / 100) * volumeL * KG_PER_L_WATER };
    }
  }
}

function thickness(layer: Layer): Slope {
  switch (layer.kind) {
    case "soil":
      return { frontCm: layer.frontCm, backCm: layer.backCm };
    case "barrier": {
      const { thicknessCm } = entry("barriers", layer.materialId);
      return { frontCm: thicknessCm, backCm: thicknessCm };
    }
    default:
      return { frontCm: layer.depthCm, backCm: layer.depthCm };
  }
}

/**
 * Every layer of a habitat as it lies, from the glass up: where it starts and ends, how much it is, what it weighs.
 *
 * @example levels(habitat)[0] // the pebbles: bottom 0, top 5, 13.5 L in a 60 x 45 cm floor
 */
export function levels(habitat: Habitat): Level[] {
  let bottom: Slope = { frontCm: 0, backCm: 0 };
  return habitat.strata.layers.map((layer) => {
    const thick = thickness(layer);
    const top = { frontCm: bottom.frontCm + thick.frontCm, backCm: bottom.backCm + thick.backCm };
    const volumeL = wedgeL(habitat.shell, thick.frontCm, thick.backCm);
    const level: Level = { layerId: layer.id, kind: layer.kind, bottom, top, volumeL, ...massOf(layer, volumeL, habitat) };
    bottom = top;
    return level;
  });
}

/**
 * Height of a slope at a distance from the front glass.
 *
 * @example heightAt({ frontCm: 8, backCm: 14 }, 22.5, 45) // 11
 */
export const heightAt = (slope: Slope, fromFrontCm: number, boxDepthCm: number): number =>
  slope.frontCm + (slope.backCm - slope.frontCm) * Math.min(Math.max(fromFrontCm / boxDepthCm, 0), 1);
