import type { Animal } from "../catalog";

/**
 * How many of an animal a box is usually begun with, by how it lives: one that lives alone, a pair, or the least of a
 * group its box is told for.
 *
 * @example usualCount({ box: { company: "pair", mostTogether: 2, forCount: 1 } }) // 2
 */
export function usualCount({ box }: { box: Pick<Animal["box"], "company" | "mostTogether" | "forCount"> }): number {
  if (box.company === "alone") return 1;
  const wanted = box.company === "pair" ? 2 : Math.max(2, box.forCount);
  return Math.min(wanted, box.mostTogether);
}
