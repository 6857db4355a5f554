import type { Ingredient } from "../catalog";
import { DOES, percolationOf, rotsPctAYear, SCALES, type Does } from "../mix";
import type { Given } from "./question";

/**
 * A meter as the solver sees it: what each ingredient brings to it, and the range it should stand in, in the same unit.
 */
export type LinearMeter = { id: Does; bring: (item: Ingredient) => number; low: number; high: number; span: number };

/** Rot in the first year of stuff that halves in so many months, per cent. */
const rotOf = (months: number): number => 100 * (1 - 0.5 ** (12 / months));
const ROT_SPAN_PCT = 50;

/**
 * The meters that have aims, made linear in the shares of what is measured out. Water, air and weight are told for a
 * litre of the mixed, smaller volume; pH by the acid it would take; lasting by what rots in the first year, with no
 * lower limit where the aim reaches the end of the scale.
 */
export function linearMeters(
  aims: Partial<Record<string, readonly [number, number]>>,
  { lost, bufferMmolPerL }: Given,
): LinearMeter[] {
  const left = 1 - lost;
  return DOES.flatMap((id): LinearMeter[] => {
    const aim = aims[id];
    if (!aim) return [];
    const [low, high] = aim;
    const span = SCALES[id][1] - SCALES[id][0];
    const as = (bring: LinearMeter["bring"]): LinearMeter[] => [{ id, bring, low, high, span }];
    switch (id) {
      case "water":
        return as((i) => i.waterHeldPct / left);
      case "easyWater":
        return as((i) => (i.waterHeldPct - i.heldAt5kPaPct) / left);
      case "air":
        return as((i) => 100 - (100 - i.totalPorosityPct + i.waterHeldPct) / left);
      case "wetKg":
        return as((i) => (i.looseKgPerL + (i.waterHeldPct - i.airDryWaterPct) / 100) / left);
      case "drains":
        return as(percolationOf);
      case "acid":
        // Told from the middle of the range, so that the shares' sum of 1 does not carry a large constant.
        return [
          {
            id,
            bring: (i) => (i.bufferMmolPerL / bufferMmolPerL) * (i.pH - (low + high) / 2),
            low: (low - high) / 2,
            high: (high - low) / 2,
            span,
          },
        ];
      case "nutrients":
        return as((i) => i.nutrients);
      case "burrow":
        return as((i) => i.cohesionKPa);
      case "crewFood":
        return as((i) => i.crewFood);
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
