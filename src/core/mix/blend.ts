import { entry, rule } from "../catalog";
import type { Mix } from "../habitat";

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
 * The properties of a mix, blended linearly by loose volume. Fines that fall into the gaps between coarse
 * pieces are not reckoned with yet, so a mix of sand and bark lies a little lower and tighter than this says.
 *
 * @returns undefined for an empty mix
 * @example blend([{ ingredientId: "coir", parts: 1 }])?.waterHeldPct // 66
 */
export function blend(parts: Mix["parts"]): Blend | undefined {
  const shares = normalise(parts);
  if (shares.length === 0) return undefined;
  const mean = (pick: (ingredient: ReturnType<typeof ingredientOf>) => number) =>
    shares.reduce((sum, { ingredientId, share }) => sum + share * pick(ingredientOf(ingredientId)), 0);
  const totalPorosityPct = mean((i) => i.totalPorosityPct);
  const waterHeldPct = mean((i) => i.waterHeldPct);
  return {
    looseKgPerL: mean((i) => i.looseKgPerL),
    totalPorosityPct,
    waterHeldPct,
    airSpacePct: totalPorosityPct - waterHeldPct,
    airDryWaterPct: mean((i) => i.airDryWaterPct),
    settlesPct: mean((i) => i.settlesPct),
    peatPct: mean((i) => (i.peat ? 100 : 0)),
  };
}

const ingredientOf = (id: string) => entry("ingredients", id);

/** Litres of each ingredient for a loose volume of mix. @example litresFor(parts, 30)[0]?.litres */
export const litresFor = (parts: Mix["parts"], looseL: number): { ingredientId: string; litres: number }[] =>
  normalise(parts).map(({ ingredientId, share }) => ({ ingredientId, litres: share * looseL }));

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
