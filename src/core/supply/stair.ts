import type { Bins, Pack } from "./bins";
import { covers, inBins } from "./covers";
import type { Need } from "./needs";
import type { Source } from "./sources";

/** One step of the way from what lies in the box to what is bought. Litres; what is taken off is below nothing. */
type Step = { code: "lies" | "settles" | "lost" | "other" | "stock"; litres: number };

/** Whole packs of one kind that cover an amount, and what is left over. */
type WholePacks = { pack: Pack; count: number; leftL: number };

/** Why so much is bought: the steps add up to what is short, and packs of one kind cover that. */
export type Stair = {
  steps: readonly Step[];
  needL: number;
  shortL: number;
  sources: readonly Source[];
  packs: WholePacks | undefined;
};

const HAIR_L = 1e-6;
const sum = (sources: readonly Source[], pick: (source: Source) => number): number =>
  sources.reduce((total, source) => total + pick(source), 0);

/** The packs of one kind that cost least for an amount; without prices those that leave least. */
function wholePacks({ shelf, id }: Need, shortL: number, bins: Bins): WholePacks | undefined {
  if (shortL <= HAIR_L) return undefined;
  const choices = bins.packs.flatMap((pack): WholePacks[] => {
    if (pack.shelf !== shelf || pack.itemId !== id || pack.holds.kind !== "loose" || pack.holds.looseL <= 0) return [];
    const count = Math.ceil(shortL / pack.holds.looseL - HAIR_L);
    return [{ pack, count, leftL: count * pack.holds.looseL - shortL }];
  });
  const cost = ({ pack, count }: WholePacks): number => (pack.price === null ? Infinity : pack.price * count);
  return choices.toSorted((a, b) => (cost(a) === cost(b) ? a.leftL - b.leftL : cost(a) - cost(b)))[0];
}

/**
 * Why so much of a loose thing is bought: what of it lies in the box, what settling and mixing ask on top, what is in
 * the bins.
 *
 * @returns undefined for what is not poured
 * @example stairOf(need, looseSources(scene), bins)?.steps // [{ code: "lies", litres: 10 }, { code: "settles", litres: 1.8 }, …]
 */
export function stairOf(need: Need, sources: readonly Source[], bins: Bins): Stair | undefined {
  if (need.amount.kind !== "loose") return undefined;
  const own = sources.filter(({ shelf, id }) => shelf === need.shelf && id === need.id);
  const needL = need.amount.looseL;
  const stockL = Math.min(needL, inBins(need, bins));
  const [liesL, settlesL, lostL] = [
    sum(own, (one) => one.liesL),
    sum(own, (one) => one.settlesL),
    sum(own, (one) => one.lostL),
  ];
  const steps: Step[] = [
    { code: "lies", litres: liesL },
    { code: "settles", litres: settlesL },
    { code: "lost", litres: lostL },
    // Fibre pressed into a wall, paint: what is poured and lies in no layer.
    { code: "other", litres: needL - liesL - settlesL - lostL },
    { code: "stock", litres: -stockL },
  ];
  const shortL = Math.max(0, needL - stockL);
  return {
    steps: steps.filter(({ litres }) => Math.abs(litres) > HAIR_L),
    needL,
    shortL,
    sources: own,
    packs: wholePacks(need, shortL, bins),
  };
}

/** A habitat that is not built yet, and what it is to be built from. */
export type Waiting = { name: string; needs: readonly Need[] };

/**
 * What other habitats want of a thing that is in the bins, in its own unit.
 *
 * @example reservedBy(need, [{ name: "Dry Wash", needs }]) // [{ name: "Dry Wash", amount: 4.2 }]
 */
export const reservedBy = (need: Need, others: readonly Waiting[]): { name: string; amount: number }[] =>
  others.flatMap(({ name, needs }) => {
    const amount = needs
      .filter(({ shelf, id }) => shelf === need.shelf && id === need.id)
      .reduce((total, other) => total + (other.amount.kind === "sheet" ? 1 : covers(other.amount, other.amount)), 0);
    return amount > HAIR_L ? [{ name, amount }] : [];
  });
