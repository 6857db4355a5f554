import { toldTotal, type Parts } from "./blend";

/** Shares are kept to a ten-thousandth of the whole: finer than a scoop can tell. */
const rounded = (parts: number): number => Math.max(LEAST, Math.round(parts * 10_000) / 10_000);
const LEAST = 0.01;

/** The most a part may come to beside those that are locked, and something left for each other one. */
export function mostShare(parts: Parts, ingredientId: string, locked: ReadonlySet<string>): number {
  const total = toldTotal(parts);
  const held = parts.reduce(
    (sum, part) => (part.ingredientId !== ingredientId && locked.has(part.ingredientId) ? sum + part.parts : sum),
    0,
  );
  const others = parts.filter((part) => part.ingredientId !== ingredientId && !locked.has(part.ingredientId)).length;
  return others === 0 ? shareOf(parts, ingredientId) : Math.max(0, 1 - held / total - (others * LEAST) / total);
}

const shareOf = (parts: Parts, ingredientId: string): number =>
  (parts.find((part) => part.ingredientId === ingredientId)?.parts ?? 0) / toldTotal(parts);

/**
 * Gives one part another share. What is locked keeps its share, the rest makes room or fills up in its own proportions;
 * the told total stays.
 *
 * @throws RangeError naming the part when it is locked, not there, or nothing else may give way
 * @example withShare([{ ingredientId: "coir", parts: 3 }, { ingredientId: "peat", parts: 1 }], "coir", 0.5, new Set()) // 2 and 2
 */
export function withShare(parts: Parts, ingredientId: string, share: number, locked: ReadonlySet<string>): Parts {
  if (locked.has(ingredientId)) throw new RangeError(`${ingredientId}: is locked`);
  const before = parts.find((part) => part.ingredientId === ingredientId);
  if (!before) throw new RangeError(`${ingredientId}: is not in the mix`);
  const giving = parts.filter((part) => part.ingredientId !== ingredientId && !locked.has(part.ingredientId));
  if (giving.length === 0) throw new RangeError(`${ingredientId}: every other part is locked`);
  const total = toldTotal(parts);
  const to = Math.min(share, mostShare(parts, ingredientId, locked)) * total;
  const had = toldTotal(giving);
  const left = had + before.parts - to;
  return parts.map((part) => {
    if (part.ingredientId === ingredientId) return { ...part, parts: rounded(to) };
    return locked.has(part.ingredientId) ? part : { ...part, parts: rounded((part.parts / had) * left) };
  });
}

/**
 * Moves the boundary above one part up by a share of the whole: what the part gains, the next one above that is not
 * locked loses. A locked part below the boundary passes the move on to the next one below.
 *
 * @param at place of the part under the boundary, from the bottom
 * @returns the parts as they were when nothing on one side may move
 * @example shifted(parts, 0, 0.1, new Set())
 */
export function shifted(parts: Parts, at: number, by: number, locked: ReadonlySet<string>): Parts {
  const free = (part: Parts[number] | undefined): part is Parts[number] =>
    part !== undefined && !locked.has(part.ingredientId);
  const under = parts.slice(0, at + 1).findLast(free);
  const over = parts.slice(at + 1).find(free);
  if (!under || !over) return parts;
  const want = by * toldTotal(parts);
  const move = Math.min(over.parts - LEAST, Math.max(LEAST - under.parts, want));
  return parts.map((part) =>
    part === under
      ? { ...part, parts: rounded(part.parts + move) }
      : part === over
        ? { ...part, parts: rounded(part.parts - move) }
        : part,
  );
}

/**
 * Parts told as per cent, to a tenth; told so they come to 100.
 *
 * @example asPercent([{ ingredientId: "a", parts: 1 }, { ingredientId: "b", parts: 3 }])[1]?.parts // 75
 */
export function asPercent(parts: Parts): Parts {
  const total = toldTotal(parts);
  const told = parts.map((part) => ({ ...part, parts: Math.max(LEAST, Math.round((part.parts / total) * 1000) / 10) }));
  const over = toldTotal(told) - 100;
  const largest = told.reduce(
    (most, part) => (part.parts > most.parts ? part : most),
    told[0] ?? { ingredientId: "", parts: 0 },
  );
  return told.map((part) => (part === largest ? { ...part, parts: Math.round((part.parts - over) * 10) / 10 } : part));
}
