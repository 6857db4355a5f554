/** How a mineral soil holds water, by the van Genuchten equation: residual and saturated water, 1/cm, and the shape. */
export type Retention = { residual: number; saturated: number; alphaPerCm: number; n: number; ksCmPerDay: number };

/** Mean parameters by texture: Carsel & Parrish 1988, Water Resources Research 24, 755–769. */
export const CARSEL_PARRISH_MEANS = {
  sand: { residual: 0.045, saturated: 0.43, alphaPerCm: 0.145, n: 2.68, ksCmPerDay: 712.8 },
  loamySand: { residual: 0.057, saturated: 0.41, alphaPerCm: 0.124, n: 2.28, ksCmPerDay: 350.2 },
  sandyLoam: { residual: 0.065, saturated: 0.41, alphaPerCm: 0.075, n: 1.89, ksCmPerDay: 106.1 },
  loam: { residual: 0.078, saturated: 0.43, alphaPerCm: 0.036, n: 1.56, ksCmPerDay: 24.96 },
  clayLoam: { residual: 0.095, saturated: 0.41, alphaPerCm: 0.019, n: 1.31, ksCmPerDay: 6.24 },
} as const satisfies Record<string, Retention>;
export type Texture = keyof typeof CARSEL_PARRISH_MEANS;

/** Centimetres of water column in one kilopascal, at 9.80665 m/s². */
const CM_PER_KPA = 10.19716;

/**
 * Water a soil holds at a suction: θ = θr + (θs − θr) / (1 + (αh)ⁿ)^(1 − 1/n) (van Genuchten 1980, Soil Science Society
 * of America Journal 44).
 *
 * @returns share of the volume, 0 to 1
 * @throws RangeError when the suction is below 0
 * @example waterAt(CARSEL_PARRISH_MEANS.sand, 1) // 0.210
 */
export function waterAt({ residual, saturated, alphaPerCm, n }: Retention, suctionKPa: number): number {
  if (!(suctionKPa >= 0)) throw new RangeError("suctionKPa: below 0");
  return residual + (saturated - residual) / (1 + (alphaPerCm * suctionKPa * CM_PER_KPA) ** n) ** (1 - 1 / n);
}
