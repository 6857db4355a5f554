/** One row of a table by the sides' ratio. */
type FactorRow = readonly [ratio: number, factor: number];

/**
 * Stress in the middle of a rectangular plate simply supported all round, by the ratio of its sides
 * (Young & Budynas, Roark's Formulas for Stress and Strain, flat plates, rectangular, all edges simply supported;
 * factors recalled).
 */
const EVEN: readonly FactorRow[] = [
  [1, 0.2874],
  [1.2, 0.3762],
  [1.4, 0.453],
  [1.6, 0.5172],
  [1.8, 0.5688],
  [2, 0.6102],
  // Not in the table, by Navier's series: between 2 and 3 a straight line lies two parts in a hundred too low.
  [2.5, 0.6776],
  [3, 0.7134],
  [4, 0.741],
  [5, 0.7476],
  [10, 0.75],
];
/** The same plate under a load on a small round patch in its middle. */
const POINT: readonly FactorRow[] = [
  [1, 0.435],
  [1.2, 0.65],
  [1.4, 0.789],
  [1.6, 0.875],
  [1.8, 0.927],
  [2, 0.958],
  [10, 1],
];

/** Poisson's ratio the published factors are given for. */
const POISSON = 0.3;

function between(rows: readonly FactorRow[], ratio: number): number {
  const at = rows.findIndex(([r]) => r >= ratio);
  const [high, low] = [rows[at < 0 ? rows.length - 1 : at]!, rows[Math.max(0, (at < 0 ? rows.length : at) - 1)]!];
  if (high[0] === low[0]) return high[1];
  return low[1] + ((high[1] - low[1]) * (ratio - low[0])) / (high[0] - low[0]);
}

/**
 * Bending stress of a floor pane carried at its rim only, under an even load: β q b² / t².
 *
 * @param loadKPa load over the pane
 * @returns MPa
 * @example evenStressMPa({ longCm: 60, shortCm: 60, thickMm: 6 }, 1) // 2.87: 0.2874 × 1 kPa × (600 / 6)²
 */
export function evenStressMPa(
  { longCm, shortCm, thickMm }: { longCm: number; shortCm: number; thickMm: number },
  loadKPa: number,
): number {
  return (between(EVEN, longCm / shortCm) * (loadKPa / 1000) * (shortCm * 10) ** 2) / thickMm ** 2;
}

/**
 * Bending stress under a load on a round patch in the middle of the same pane: 3 W / (2 π t²) × ((1 + ν) ln(2 b / (π
 * r')) + β).
 *
 * @param newtons the load
 * @param patchCm radius of the patch it stands on; a very small one counts as a little larger, as the formula has it
 * @returns MPa
 * @example patchStressMPa({ longCm: 60, shortCm: 60, thickMm: 6 }, 100, 5)
 */
export function patchStressMPa(
  { longCm, shortCm, thickMm }: { longCm: number; shortCm: number; thickMm: number },
  newtons: number,
  patchCm: number,
): number {
  const r0 = patchCm * 10;
  const small = Math.sqrt(1.6 * r0 ** 2 + thickMm ** 2) - 0.675 * thickMm;
  const r = r0 < 0.5 * thickMm ? small : r0;
  const spread = Math.log((2 * shortCm * 10) / (Math.PI * r));
  return Math.max(
    0,
    ((3 * newtons) / (2 * Math.PI * thickMm ** 2)) * ((1 + POISSON) * spread + between(POINT, longCm / shortCm)),
  );
}
