import type { Share } from "@/core/mix";

/** One part standing in a jar: from where to where, as shares of its height from the bottom. */
export type Band = { part: Share; from: number; to: number };

/** Stacks shares from the bottom up. @example bandsOf(normalise(parts))[0]?.to // 0.3 */
export const bandsOf = (shares: readonly Share[]): Band[] =>
  shares.reduce<Band[]>((stack, part) => {
    const from = stack.at(-1)?.to ?? 0;
    return [...stack, { part, from, to: from + part.share }];
  }, []);
