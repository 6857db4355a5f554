import type { Habitat } from "../habitat";
import { heightAt, levels, type Level, type Slope } from "./levels";
import { waterStore, type WaterStore } from "./water";

/** The whole ground of a habitat, worked out from its layers. */
export type Ground = {
  levels: Level[];
  /** Top of everything, from the glass. */
  surface: Slope;
  /** Depth of all soil together. */
  soil: Slope;
  water: WaterStore | undefined;
  /** Room between the fill and the sill at the front; undefined without a sill. Negative: over it. */
  underSillCm: number | undefined;
  /** Room between the highest ground and the rim. Negative: above it. */
  underRimCm: number;
  soilVolumeL: number;
  dryKg: number;
  /** Soaked, with the kept water standing in the drainage; without the box itself. */
  wetKg: number;
};

const FLOOR: Slope = { frontCm: 0, backCm: 0 };

/** Works the ground out. @example ground(habitat).surface.frontCm // 14.5 */
export function ground(habitat: Habitat): Ground {
  const all = levels(habitat);
  const surface = all.at(-1)?.top ?? FLOOR;
  const water = waterStore(habitat);
  const sum = (pick: (level: Level) => number, from: readonly Level[] = all) => from.reduce((total, level) => total + pick(level), 0);
  const soils = all.filter((level) => level.kind === "soil");
  return {
    levels: all,
    surface,
    soil: {
      frontCm: sum((level) => level.top.frontCm - level.bottom.frontCm, soils),
      backCm: sum((level) => level.top.backCm - level.bottom.backCm, soils),
    },
    water,
    underSillCm: habitat.shell.sillCm > 0 ? habitat.shell.sillCm - surface.frontCm : undefined,
    underRimCm: habitat.shell.heightCm - Math.max(surface.frontCm, surface.backCm),
    soilVolumeL: sum((level) => level.volumeL, soils),
    dryKg: sum((level) => level.dryKg),
    wetKg: sum((level) => level.wetKg) + (water?.keptL ?? 0),
  };
}

/** Soil depth at a distance from the front glass. @example soilDepthAt(ground, 0, 45) */
export const soilDepthAt = (of: Ground, fromFrontCm: number, boxDepthCm: number): number => heightAt(of.soil, fromFrontCm, boxDepthCm);
