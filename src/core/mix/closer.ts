import { blend, toldTotal, type Bed, type Pantry, type Parts } from "./blend";
import { distance, readMeters, type Aims } from "./meters";

/**
 * One change that brings a mix nearer: so much more of something, or something left out; and how far it is off then.
 */
export type Closer = { ingredientId: string; change: "add" | "leaveOut"; parts: number; off: number };

/** As tenths, fifths and thirds of what there is: a builder adds a scoop or two, not a hair. */
const ADDED = [0.05, 0.1, 0.2, 0.35] as const;
const WORTH_IT = 0.005;

/**
 * What would bring a mix nearer to where its meters should stand: single changes, each tried by the full blend, the
 * best for each ingredient, the best first.
 *
 * @param from what may be added
 * @example closers(parts, aims, ["peat", "coir"], { pantry, bed })[0] // { ingredientId: "peat", change: "add", parts: 1, off: 0.03 }
 */
export function closers(
  parts: Parts,
  aims: Aims,
  from: readonly string[],
  { pantry, bed }: { pantry: Pantry; bed: Bed },
  most = 3,
): Closer[] {
  const offOf = (told: Parts): number | undefined => {
    const mixture = blend(told, pantry);
    return mixture && distance(readMeters(mixture, bed), aims).whole;
  };
  const now = offOf(parts);
  if (now === undefined) return [];
  const total = toldTotal(parts);
  const added = from.flatMap((ingredientId) =>
    ADDED.map((share): Closer => {
      const more = share * total;
      const had = parts.some((part) => part.ingredientId === ingredientId);
      const told = had
        ? parts.map((part) => (part.ingredientId === ingredientId ? { ...part, parts: part.parts + more } : part))
        : [...parts, { ingredientId, parts: more }];
      return { ingredientId, change: "add", parts: more, off: offOf(told) ?? now };
    }),
  );
  const without =
    parts.length < 2
      ? []
      : parts.map((part): Closer => ({
          ingredientId: part.ingredientId,
          change: "leaveOut",
          parts: part.parts,
          off: offOf(parts.filter((other) => other !== part)) ?? now,
        }));
  const sorted = [...added, ...without].filter(({ off }) => off < now - WORTH_IT).toSorted((a, b) => a.off - b.off);
  return sorted
    .filter((one, at) => sorted.findIndex((other) => other.ingredientId === one.ingredientId) === at)
    .slice(0, most);
}
