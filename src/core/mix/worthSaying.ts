import { distance, standing, type Aims, type Does, type Readings } from "./meters";

/** Meters that do harm when they are off, and which way; the rest is only told: a lean or a long-lasting mix hurts nobody. */
const MATTERS = {
  air: ["below"],
  burrow: ["below"],
  drains: ["below"],
  water: ["below", "above"],
} as const satisfies Partial<Record<Does, readonly ("below" | "above")[]>>;
type Matters = typeof MATTERS;
/** Which meter is off, and which way. @example "airBelow" */
export type OffCode = { [M in keyof Matters]: `${M}${Capitalize<Matters[M][number]>}` }[keyof Matters];
export type OffMeter = { meter: keyof Matters; code: OffCode };

/** Off by less than this share of its scale it reads as it should. */
const READS_ALIKE = 0.01;

const WAYS = { below: "Below", above: "Above" } as const;

/** A meter as it stands, where that is worth a word. */
function offOf(meter: keyof Matters, readings: Readings, aims: Aims): OffMeter | undefined {
  const stands = standing(readings[meter], aims[meter]);
  const ways: readonly string[] = MATTERS[meter];
  if (stands === "in" || stands === "free" || !ways.includes(stands)) return undefined;
  return { meter, code: `${meter}${WAYS[stands]}` as OffCode };
}

/**
 * What is wrong with a mix where it lies: its meters that are off and matter, the furthest first.
 *
 * @example worthSaying(readings, aims)[0]?.code // "airBelow": it closes up when it is soaked
 */
export function worthSaying(readings: Readings, aims: Aims): OffMeter[] {
  const { by } = distance(readings, aims);
  return (Object.keys(MATTERS) as (keyof Matters)[])
    .filter((meter) => (by[meter] ?? 0) > READS_ALIKE)
    .toSorted((a, b) => (by[b] ?? 0) - (by[a] ?? 0))
    .flatMap((meter) => offOf(meter, readings, aims) ?? []);
}
