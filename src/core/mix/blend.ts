import { entry, rule } from "../catalog";
import type { Mix } from "../habitat";
import { lostInMixing } from "./packing";

/** One ingredient's share of a mix, 0 to 1. */
export type Share = { ingredientId: string; parts: number; share: number };

/** What a mix is, per litre as it lies loose. Percentages are of volume. */
export type Blend = {
  looseKgPerL: number;
  totalPorosityPct: number;
  waterHeldPct: number;
  airSpacePct: number;
  airDryWaterPct: number;
  settlesPct: number;
  peatPct: number;
  /** Loose volume lost in mixing, per cent of what was measured out. */
  lostPct: number;
};

/** What the parts add up to as they are told. @example toldTotal(mix.parts) // 110 for 70, 30 and 10 */
export const toldTotal = (parts: Mix["parts"]): number => parts.reduce((sum, part) => sum + part.parts, 0);

/**
 * Parts as shares of the whole, whatever they add up to. An empty mix has no shares.
 *
 * @example normalise([{ ingredientId: "topsoil", parts: 70 }, …30, …10]).map((s) => s.share) // [0.636, 0.273, 0.091]
 */
export function normalise(parts: Mix["parts"]): Share[] {
  const total = toldTotal(parts);
  return total > 0 ? parts.map((part) => ({ ...part, share: part.parts / total })) : [];
}

/**
 * The properties of a mix, a loose litre of it as it lies once mixed. Parts blend by loose volume; then the volume that fines lose
 * in the gaps of coarse pieces is taken off, which is air: the same matter, the same water held, in less room.
 *
 * @returns undefined for an empty mix
 * @example blend([{ ingredientId: "coir", parts: 1 }])?.waterHeldPct // 66
 */
export function blend(parts: Mix["parts"]): Blend | undefined {
  const shares = normalise(parts);
  if (shares.length === 0) return undefined;
  const mean = (pick: (ingredient: ReturnType<typeof ingredientOf>) => number) =>
    shares.reduce((sum, { ingredientId, share }) => sum + share * pick(ingredientOf(ingredientId)), 0);
  const [pores, held] = [mean((i) => i.totalPorosityPct), mean((i) => i.waterHeldPct)];
  const lost = lostInMixing(shares, (pores - held) / 100);
  const left = 1 - lost;
  const totalPorosityPct = 100 - (100 - pores) / left;
  const waterHeldPct = held / left;
  return {
    looseKgPerL: mean((i) => i.looseKgPerL) / left,
    totalPorosityPct,
    waterHeldPct,
    airSpacePct: totalPorosityPct - waterHeldPct,
    airDryWaterPct: mean((i) => i.airDryWaterPct) / left,
    settlesPct: mean((i) => i.settlesPct),
    peatPct: mean((i) => (i.peat ? 100 : 0)),
    lostPct: lost * 100,
  };
}

const ingredientOf = (id: string) => entry("ingredients", id);

/**
 * Litres of each ingredient to measure out for a loose volume of mix: more than the mix, by what is lost in mixing.
 *
 * @example litresFor(parts, 30)[0]?.litres
 */
export function litresFor(parts: Mix["parts"], looseL: number): { ingredientId: string; litres: number }[] {
  const measured = looseL / (1 - (blend(parts)?.lostPct ?? 0) / 100);
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
