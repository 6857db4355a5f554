import type { Ingredient } from "../catalog";

/**
 * One size class of a mixture of grains: its size, how densely it lies by itself, and its share of all solid volume.
 */
export type SizeClass = { grainMm: number; packing: number; share: number };

/**
 * How far fines push coarse pieces apart, and how far a coarse piece's wall loosens the fines beside it; 0 without, 1
 * for equal sizes.
 */
const loosening = (ratio: number): number => Math.sqrt(1 - (1 - ratio) ** 1.02);
const wall = (ratio: number): number => 1 - (1 - ratio) ** 1.5;

/** The density each class would hold the mixture to, coarsest first. */
function heldTo(classes: readonly SizeClass[]): { own: SizeClass; density: number }[] {
  const sorted = classes.filter((one) => one.share > 0).toSorted((a, b) => b.grainMm - a.grainMm);
  return sorted.map((own, i) => {
    const taken = sorted.reduce((sum, other, j) => {
      if (j === i) return sum;
      const b = own.packing;
      if (j < i) return sum + (1 - b + wall(own.grainMm / other.grainMm) * b * (1 - 1 / other.packing)) * other.share;
      return sum + (1 - loosening(other.grainMm / own.grainMm) * (b / other.packing)) * other.share;
    }, 0);
    return { own, density: own.packing / (1 - taken) };
  });
}

/**
 * How densely a mixture of size classes could lie at best, each piece set in its place: the least over the classes of
 * the density each would hold it to, between no interaction (fines run freely into the gaps) and total interaction
 * (equal sizes only take each other's place). Virtual packing density of the compressible packing model, de Larrard
 * 1999, Concrete Mixture Proportioning, chapter 1, after the linear model of Stovall, de Larrard & Buil 1986, Powder
 * Technology 48; recalled.
 *
 * @returns solid share of the volume, 0 to 1
 * @example bestDensity([{ grainMm: 10, packing: 0.6, share: 1 }]) // 0.6
 */
export const bestDensity = (classes: readonly SizeClass[]): number =>
  Math.min(...heldTo(classes).map(({ density }) => density));

/** Compaction index of stuff that is simply poured (de Larrard 1999). */
const POURED = 4.1;
const HALVINGS = 60;

/**
 * How densely a mixture lies when it is poured: the same model with its compaction index, K = Σ (yᵢ / βᵢ) / (1 / Φ − 1
 * / γᵢ). It is made for grains; for fibres and leaves it is an order of size.
 *
 * @param classes with the packing each has by itself when poured
 * @returns solid share of the volume, 0 to 1; of one class alone, its own
 * @example pouredDensity([{ grainMm: 10, packing: 0.55, share: 1 }]) // 0.55
 */
export function pouredDensity(classes: readonly SizeClass[]): number {
  const held = heldTo(classes.map((one) => ({ ...one, packing: Math.min(0.99, one.packing * (1 + 1 / POURED)) })));
  const index = (density: number) =>
    held.reduce((sum, { own, density: most }) => sum + own.share / own.packing / (1 / density - 1 / most), 0);
  let [low, high] = [0, Math.min(...held.map(({ density }) => density))];
  // The index grows with the density without end towards the best one, so halving finds it.
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (index(middle) < POURED) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * What loose volume is lost when the parts are mixed, as fines fall into the gaps of coarse pieces. What is lost is
 * air, so never more than most of the air there is.
 *
 * @param airShare air space of the parts as they lie loose, 0 to 1
 * @returns share of the loose volume, 0 to 1
 * @example lostInMixing([{ item: { grainMm: 8, betweenPct: 48 }, share: 0.7 }, { item: { grainMm: 0.4, betweenPct: 42 }, share: 0.3 }], 0.35) // about 0.1
 */
export function lostInMixing(
  shares: readonly { item: Pick<Ingredient, "grainMm" | "betweenPct">; share: number }[],
  airShare: number,
): number {
  const solids = shares.map(({ item, share }) => {
    const packing = 1 - item.betweenPct / 100;
    return { grainMm: item.grainMm, packing, share: share * packing };
  });
  const whole = solids.reduce((sum, { share }) => sum + share, 0);
  if (whole <= 0) return 0;
  const density = pouredDensity(solids.map((one) => ({ ...one, share: one.share / whole })));
  return Math.min(Math.max(0, 1 - whole / density), airShare * MOST_OF_THE_AIR);
}

const MOST_OF_THE_AIR = 0.9;
