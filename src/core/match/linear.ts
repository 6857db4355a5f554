import type { Ingredient } from "../catalog";
import {
  conductivityOf,
  DOES,
  floodedShare,
  heldIn,
  MMOL_PER_G_LIME,
  rotsPctAYear,
  SCALES,
  surfaceOf,
  type Does,
} from "../mix";
import type { Given } from "./question";

/**
 * A meter as the solver sees it: what each ingredient brings to it, and the range it should stand in, in the same unit.
 */
export type LinearMeter = { id: Does; bring: (item: Ingredient) => number; low: number; high: number; span: number };

/** Rot in the first year of stuff that halves in so many months, per cent. */
const rotOf = (months: number): number => 100 * (1 - 0.5 ** (12 / months));
const ROT_SPAN_PCT = 50;

/** Lime brings a whole mix to its own pH and no further: told as this rise for each share of it. */
const MOST_RISE_A_SHARE = 40;

/** By how much a share of an ingredient's lime would raise the pH of the whole, for a share of 1. */
const limeRise = ({ pouredKgPerL, freeLimePct }: Ingredient, bufferMmolPerL: number): number =>
  Math.min(MOST_RISE_A_SHARE, (pouredKgPerL * freeLimePct * 10 * MMOL_PER_G_LIME) / bufferMmolPerL);

/**
 * The meters that have aims, made linear in the shares of what is measured out. Water, air and weight are told for a
 * litre of the mix as it lies, which is less than what was measured; pH by the acid it would take; conductivity by the
 * surface of the pieces; lasting by what rots in the first year, with no lower limit where the aim reaches the end of
 * the scale.
 */
export function linearMeters(
  aims: Partial<Record<string, readonly [number, number]>>,
  { lost, sunk, bufferMmolPerL, surface, depthCm }: Given,
): LinearMeter[] {
  const [poured, lies] = [1 - lost, 1 - sunk];
  /** Litres of an ingredient as it lies by itself, in a laid litre of the mix that is all of it. */
  const laidL = (i: Ingredient): number => (1 - i.settlesPct / 100) / lies;
  const flooded = floodedShare({ footCm: 0, depthCm });
  const held = (i: Ingredient): number => (laidL(i) * (heldIn(i.laid, 0, depthCm) - flooded) + flooded) * 100;
  return DOES.flatMap((id): LinearMeter[] => {
    const aim = aims[id];
    if (!aim) return [];
    const [low, high] = aim;
    const span = SCALES[id][1] - SCALES[id][0];
    const as = (bring: LinearMeter["bring"]): LinearMeter[] => [{ id, bring, low, high, span }];
    /** Told from the middle of the range, so that the shares' sum of 1 does not carry a large constant. */
    const aroundMiddle = (weight: LinearMeter["bring"], value: LinearMeter["bring"]): LinearMeter[] => [
      {
        id,
        bring: (i) => weight(i) * (value(i) - (low + high) / 2),
        low: (low - high) / 2,
        high: (high - low) / 2,
        span,
      },
    ];
    switch (id) {
      case "water":
        return as(held);
      case "easyWater":
        return as((i) => laidL(i) * (i.laid.at1kPaPct - i.laid.at5kPaPct));
      case "air":
        return as((i) => 100 - laidL(i) * (100 - i.laid.totalPorosityPct) - held(i));
      case "wetKg":
        return as((i) => i.pouredKgPerL / lies + held(i) / 100);
      case "drains":
        return aroundMiddle((i) => surfaceOf(i) / surface, conductivityOf);
      case "acid":
        return aroundMiddle(
          (i) => i.bufferMmolPerL / bufferMmolPerL,
          (i) => i.pH,
        ).map((meter) => ({ ...meter, bring: (i) => meter.bring(i) + limeRise(i, bufferMmolPerL) }));
      case "nutrients":
        return as((i) => i.nutrients / poured);
      case "burrow":
        return as((i) => i.cohesionKPa);
      case "crewFood":
        return as((i) => i.crewFood / poured);
      case "lasts":
        return [
          {
            id,
            bring: rotsPctAYear,
            low: high >= SCALES.lasts[1] ? 0 : rotOf(high),
            high: rotOf(Math.max(low, 1)),
            span: ROT_SPAN_PCT,
          },
        ];
    }
  });
}

/** How far shares are off by the linear meters, 0 to 1: what the solver makes small. */
export function linearOff(
  meters: readonly LinearMeter[],
  shares: readonly { item: Ingredient; share: number }[],
): number {
  const off = meters.map(({ bring, low, high, span }) => {
    const value = shares.reduce((sum, { item, share }) => sum + share * bring(item), 0);
    return Math.max(0, low - value, value - high) / span;
  });
  return off.reduce((sum, one) => sum + one, 0) / Math.max(1, meters.length);
}
