/**
 * A small seeded generator (mulberry32): the core has no chance of its own, whoever wants some passes a seed.
 *
 * @param seed any whole number; the same one always gives the same run
 * @returns numbers from 0 up to 1
 * @example seeded(7)() === seeded(7)() // true
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A seed from a name (FNV-1a). @example seedOf("fern") === seedOf("fern") // true */
export const seedOf = (name: string): number =>
  [...name].reduce((hash, char) => Math.imul(hash ^ char.charCodeAt(0), 16777619), 2166136261);
