import type { Library } from "../library";
import { PERCOLATIONS, rule, type Ingredient } from "../catalog";
import type { Mix } from "../habitat";
import { lostInMixing } from "./packing";

/** Where the figures of an ingredient are looked up. */
export type Pantry = (id: string) => Ingredient;
/** The ingredients of a library. @example pantryOf(library)("coir").matter // "coir" */
export const pantryOf =
  (library: Library): Pantry =>
  (id) =>
    library.get("ingredients", id);

export type Parts = Mix["parts"];

/** One ingredient's share of a mix, 0 to 1. */
export type Share = { ingredientId: string; parts: number; share: number };

/** What a mix is, per litre as it lies loose. Percentages are of volume; levels go from 0 to 5. */
export type Blend = {
  looseKgPerL: number;
  /** Holding all the water it can against gravity. */
  wetKgPerL: number;
  totalPorosityPct: number;
  waterHeldPct: number;
  /** Given up between 1 and 5 kPa. */
  easyWaterPct: number;
  airSpacePct: number;
  airDryWaterPct: number;
  settlesPct: number;
  /** Place among the classes of saturated conductivity, 0 very low to 5 very high. */
  percolation: number;
  pH: number;
  nutrients: number;
  saltMsPerCm: number;
  cohesionKPa: number;
  crewFood: number;
  dust: number;
  /** What rots of its volume in the first year. */
  rotsPctAYear: number;
  /** Months until half of it has gone; null when it never comes to that. */
  halvesInMonths: number | null;
  peatPct: number;
  /** Loose volume lost in mixing, per cent of what was measured out. */
  lostPct: number;
};

/** What the parts add up to as they are told. @example toldTotal(mix.parts) // 110 for 70, 30 and 10 */
export const toldTotal = (parts: Parts): number => parts.reduce((sum, part) => sum + part.parts, 0);

/**
 * Parts as shares of the whole, whatever they add up to. An empty mix has no shares.
 *
 * @example normalise([{ ingredientId: "topsoil", parts: 70 }, …30, …10]).map((s) => s.share) // [0.636, 0.273, 0.091]
 */
export function normalise(parts: Parts): Share[] {
  const total = toldTotal(parts);
  return total > 0 ? parts.map((part) => ({ ...part, share: part.parts / total })) : [];
}

const MONTHS_A_YEAR = 12;

/**
 * Share of an ingredient that is left after so many months: it halves again and again.
 *
 * @example leftAfter(coir, 48) // 0.5
 */
export const leftAfter = ({ halvesInMonths }: Pick<Ingredient, "halvesInMonths">, months: number): number =>
  halvesInMonths === null ? 1 : 0.5 ** (months / halvesInMonths);

const MOST_MONTHS = 1200;
const HALVINGS = 40;
const HAIR = 1e-9;

/** Months until half the volume is left: each part rots at its own pace. */
function halvesIn(shares: readonly { share: number; item: Ingredient }[]): number | null {
  const left = (months: number) => shares.reduce((sum, { share, item }) => sum + share * leftAfter(item, months), 0);
  if (left(MOST_MONTHS) > 0.5 - HAIR) return null;
  let [low, high] = [0, MOST_MONTHS];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (left(middle) > 0.5) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * The properties of a mix, a loose litre of it as it lies once mixed. Parts blend by loose volume; then the volume that
 * fines lose in the gaps of coarse pieces is taken off, which is air: the same matter, the same water held, in less
 * room. pH blends by what each part holds against change, as if all were linear buffers; conductivity by its classes,
 * which are powers of ten, so as the geometric mean (Matheron 1967, for a random medium; recalled).
 *
 * @returns undefined for an empty mix
 * @throws RangeError when an ingredient is not in the pantry
 * @example blend([{ ingredientId: "coir", parts: 1 }])?.waterHeldPct // 66
 */
export function blend(parts: Parts, pantry: Pantry): Blend | undefined {
  const shares = normalise(parts).map((part) => ({ ...part, item: pantry(part.ingredientId) }));
  if (shares.length === 0) return undefined;
  const mean = (pick: (ingredient: Ingredient) => number) =>
    shares.reduce((sum, { item, share }) => sum + share * pick(item), 0);
  const [pores, held, airDry] = [
    mean((i) => i.totalPorosityPct),
    mean((i) => i.waterHeldPct),
    mean((i) => i.airDryWaterPct),
  ];
  const lost = lostInMixing(shares, (pores - held) / 100);
  const left = 1 - lost;
  const totalPorosityPct = 100 - (100 - pores) / left;
  const waterHeldPct = held / left;
  const looseKgPerL = mean((i) => i.looseKgPerL) / left;
  return {
    looseKgPerL,
    wetKgPerL: looseKgPerL + (held - airDry) / left / 100,
    totalPorosityPct,
    waterHeldPct,
    easyWaterPct: mean((i) => i.waterHeldPct - i.heldAt5kPaPct) / left,
    airSpacePct: totalPorosityPct - waterHeldPct,
    airDryWaterPct: airDry / left,
    settlesPct: mean((i) => i.settlesPct),
    percolation: mean(percolationOf),
    pH: mean((i) => i.bufferMmolPerL * i.pH) / mean((i) => i.bufferMmolPerL),
    nutrients: mean((i) => i.nutrients),
    saltMsPerCm: mean((i) => i.saltMsPerCm),
    cohesionKPa: mean((i) => i.cohesionKPa),
    crewFood: mean((i) => i.crewFood),
    dust: mean((i) => i.dust),
    rotsPctAYear: mean(rotsPctAYear),
    halvesInMonths: halvesIn(shares),
    peatPct: mean((i) => (i.peat ? 100 : 0)),
    lostPct: lost * 100,
  };
}

export const percolationOf = (item: Ingredient): number => PERCOLATIONS.indexOf(item.percolation);
export const rotsPctAYear = (item: Ingredient): number => (1 - leftAfter(item, MONTHS_A_YEAR)) * 100;

/**
 * Litres of each ingredient to measure out for a loose volume of mix: more than the mix, by what is lost in mixing.
 *
 * @example litresFor(parts, 30)[0]?.litres
 */
export function litresFor(parts: Parts, looseL: number, pantry: Pantry): { ingredientId: string; litres: number }[] {
  const measured = looseL / (1 - (blend(parts, pantry)?.lostPct ?? 0) / 100);
  return normalise(parts).map(({ ingredientId, share }) => ({ ingredientId, litres: share * measured }));
}

/**
 * Water that brings air-dry mix to squeeze-ready: a squeezed handful keeps its shape and does not drip.
 *
 * @param volumeL litres of mix as it lies in the box
 * @returns litres of water, never below nothing
 */
export function firstWettingL(mixture: Blend, volumeL: number): number {
  const wantedPct = mixture.waterHeldPct * rule("squeezeReadyShare");
  return Math.max(0, ((wantedPct - mixture.airDryWaterPct) / 100) * volumeL);
}
