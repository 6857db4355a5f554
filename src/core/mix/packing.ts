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
const HALVINGS = 40;
const DENSEST = 0.99;

/** The density at which a mixture's compaction index is that of poured stuff: it grows without end towards the best. */
function densityOf(held: readonly { own: SizeClass; density: number }[]): number {
  const index = (density: number) =>
    held.reduce((sum, { own, density: most }) => sum + own.share / own.packing / (1 / density - 1 / most), 0);
  let [low, high] = [0, Math.min(...held.map(({ density }) => density))];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (index(middle) < POURED) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * How densely a mixture lies when it is poured: the same model with its compaction index, K = Σ (yᵢ / βᵢ) / (1 / Φ − 1
 * / γᵢ). It is made for grains; for fibres and leaves it is an order of size.
 *
 * @param classes with the packing each has by itself when poured
 * @returns solid share of the volume, 0 to 1; of one class alone, its own
 * @example pouredDensity([{ grainMm: 10, packing: 0.55, share: 1 }]) // 0.55
 */
export const pouredDensity = (classes: readonly SizeClass[]): number =>
  densityOf(heldTo(classes.map((one) => ({ ...one, packing: Math.min(DENSEST, one.packing * (1 + 1 / POURED)) }))));

/** Quantiles of a standard normal in the middle of seven equal shares: classes of a lognormal spread of sizes. */
const SEVENTHS = [-1.4652, -0.7916, -0.3661, 0, 0.3661, 0.7916, 1.4652] as const;

/** What packing asks of an ingredient. */
export type Packs = Pick<Ingredient, "sizes" | "betweenPct" | "springiness">;

/** Seven classes of an ingredient's pieces, each the same share of its solids, lying at the density given. */
const spread = ({ medianMm, geometricDeviation }: Packs["sizes"], packing: number, share: number): SizeClass[] =>
  SEVENTHS.map((z) => ({ grainMm: medianMm * geometricDeviation ** z, packing, share: share / SEVENTHS.length }));

const fitted = new WeakMap<Packs["sizes"], { betweenPct: number; packing: number }>();

/**
 * How densely each of an ingredient's classes must lie by itself so that all together lie as the ingredient does when it
 * is poured: a spread of sizes packs more densely than any one of them.
 *
 * @example classPacking({ sizes: { medianMm: 1, geometricDeviation: 1 }, betweenPct: 42, springiness: 1 }) // 0.58
 */
export function classPacking({ sizes, betweenPct }: Packs): number {
  const known = fitted.get(sizes);
  if (known?.betweenPct === betweenPct) return known.packing;
  const lies = 1 - betweenPct / 100;
  let [low, high] = [lies / 3, lies];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (pouredDensity(spread(sizes, middle, 1)) < lies) low = middle;
    else high = middle;
  }
  fitted.set(sizes, { betweenPct, packing: high });
  return high;
}

const MOST_OF_THE_AIR = 0.9;

/**
 * What poured volume is lost when the parts are mixed, as fines fall into the gaps of coarse pieces. Stuff that springs
 * back loses less than rigid grains would: by its springiness, weighed by volume. What is lost is air, so never more
 * than most of the gaps there are.
 *
 * @param shares of the volume measured out, in all 1
 * @returns share of the poured volume, 0 to 1
 * @example lostInMixing([{ item: coarseBark, share: 0.5 }, { item: playSand, share: 0.5 }]) // about 0.19
 */
export function lostInMixing(shares: readonly { item: Packs; share: number }[]): number {
  const taken = shares.filter(({ share }) => share > 0);
  if (taken.length < 2) return 0;
  const solidOf = ({ item, share }: { item: Packs; share: number }): number => share * (1 - item.betweenPct / 100);
  const whole = taken.reduce((sum, one) => sum + solidOf(one), 0);
  const classes = taken.flatMap((one) => spread(one.item.sizes, classPacking(one.item), solidOf(one) / whole));
  const asGrains = Math.max(0, 1 - whole / pouredDensity(classes));
  const springs = taken.reduce((sum, { item, share }) => sum + share * item.springiness, 0);
  const gaps = 1 - whole;
  return Math.min(asGrains * springs, gaps * MOST_OF_THE_AIR);
}
