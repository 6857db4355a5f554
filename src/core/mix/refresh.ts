import { rule } from "../catalog";
import { blend, heldPct, leftAfter, normalise, pouredFor, type Blend, type Pantry, type Parts } from "./blend";

/** Mix that was laid at one time: litres as it lay then, and months since. */
export type Laid = { volumeL: number; months: number };

/** What has become of a soil. */
export type Aged = {
  laidL: number;
  /** Litres as it lies now. */
  leftL: number;
  /** The soil as it was and as it is. */
  fresh: Blend;
  now: Blend;
};

/** What rots leaves crumbs like these behind: droppings of the crew. */
const HUMUS_ID = "wormCastings";

/**
 * How a soil has aged: each part halves at its own pace, a fifth of what goes stays as fine humus, and what is fine
 * falls into the gaps of what is coarse, by the same packing model as in mixing. The pace is that of a warm moist box;
 * dry or cool ones are slower.
 *
 * @param laid when it was laid, oldest first; top-ups each with their own age
 * @throws RangeError when an age or a volume is below 0
 * @example age(parts, [{ volumeL: 20, months: 24 }])!.leftL // 16.4
 */
export function age(parts: Parts, laid: readonly Laid[], pantry: Pantry): Aged | undefined {
  const fresh = blend(parts, pantry);
  if (laid.some(({ volumeL, months }) => !(volumeL >= 0) || !(months >= 0)))
    throw new RangeError("laid: an age or a volume is below 0");
  const laidL = laid.reduce((sum, { volumeL }) => sum + volumeL, 0);
  if (!fresh || laidL <= 0) return undefined;
  const remains = new Map<string, number>();
  for (const { volumeL, months } of laid) {
    for (const { ingredientId, share } of normalise(parts)) {
      const left = leftAfter(pantry(ingredientId), months);
      add(remains, ingredientId, volumeL * share * left);
      add(remains, HUMUS_ID, volumeL * share * (1 - left) * rule("humusShare"));
    }
  }
  const now = blend(
    [...remains].map(([ingredientId, litres]) => ({ ingredientId, parts: litres })),
    pantry,
  );
  if (!now) return undefined;
  const measuredL = [...remains.values()].reduce((sum, litres) => sum + litres, 0);
  return { laidL, leftL: (measuredL * liesOf(now)) / liesOf(fresh), fresh, now };
}

/** Share of what was measured out that is left as it lies. */
const liesOf = ({ lostPct, settlesPct }: Blend): number => (1 - lostPct / 100) * (1 - settlesPct / 100);

const add = (sums: Map<string, number>, id: string, litres: number): void =>
  void (litres > 0 && sums.set(id, (sums.get(id) ?? 0) + litres));

/** What to do about an aged soil. */
export type Refresh = {
  aged: Aged;
  /** How far its surface has sunk, and what fresh mix brings it back: litres as they lie, and to mix loose. */
  sunkCm: number;
  topUpVolumeL: number;
  topUpLooseL: number;
  /** Less than is worth it, a usual top-up, or so much that it goes in two rounds. */
  advice: "wait" | "topUp" | "twoRounds";
  /** Air space once the fresh mix is in, of the whole. */
  airAfterPct: number;
};

const MAKES_A_DIFFERENCE_CM = 0.05;

/** Air in a bed of so much depth once it has drained, per cent of its volume. */
export const airPct = (mixture: Blend, depthCm: number): number =>
  mixture.totalPorosityPct - heldPct(mixture, { footCm: 0, depthCm });

/**
 * How far a soil has sunk and what tops it up. Old soil is topped with 2.5 to 5 cm of fresh mix, not thrown out: crew
 * and microbes stay (common practice).
 *
 * @param depthCm depth it was laid at
 * @param measuredSunkCm what a ruler says; it goes before what is reckoned
 * @returns undefined for an empty mix or one never laid
 * @example refresh(parts, [{ volumeL: 20, months: 24 }], 9)?.sunkCm // 1.6
 */
export function refresh(
  parts: Parts,
  laid: readonly Laid[],
  depthCm: number,
  pantry: Pantry,
  measuredSunkCm?: number,
): Refresh | undefined {
  if (!(depthCm > 0)) return undefined;
  const aged = age(parts, laid, pantry);
  if (!aged) return undefined;
  // Top-ups bring the surface back to where it was at first; what was laid first is what the depth stands for.
  const wholeL = laid[0]?.volumeL ?? aged.laidL;
  const reckonedCm = Math.max(0, (1 - aged.leftL / wholeL) * depthCm);
  const sunkCm = Math.min(measuredSunkCm ?? reckonedCm, depthCm);
  const topUpVolumeL = (sunkCm / depthCm) * wholeL;
  const oldL = Math.max(0, wholeL - topUpVolumeL);
  return {
    aged,
    sunkCm,
    topUpVolumeL,
    topUpLooseL: pouredFor(topUpVolumeL, aged.fresh.settlesPct),
    advice:
      sunkCm < rule("topUpLeastCm") - MAKES_A_DIFFERENCE_CM
        ? "wait"
        : sunkCm > rule("topUpMostCm") + MAKES_A_DIFFERENCE_CM
          ? "twoRounds"
          : "topUp",
    airAfterPct: (airPct(aged.now, depthCm) * oldL + airPct(aged.fresh, depthCm) * topUpVolumeL) / wholeL,
  };
}
