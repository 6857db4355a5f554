import { figuresOf, mixTargets, provenanceOf, tradeRules, type CatalogKind, type Provenance } from "@/core/catalog";
import { STOCK } from "@/core/library";

/** The shelves of the library, in the order builders look. */
export const SHELVES = [
  "animals",
  "plants",
  "crew",
  "ingredients",
  "gear",
  "drainageMedia",
  "barriers",
  "dressings",
  "recipes",
  "boxBuilds",
  "boxSizes",
  "falseBottoms",
  "wallTreatments",
  "wallFinishes",
  "pieceKinds",
] as const satisfies readonly CatalogKind[];

/** How many figures come from where; every kind must have been read. */
export function countShares(): Record<Provenance["kind"] | "total", number> {
  const shares = { published: 0, practice: 0, memory: 0, total: 0 };
  for (const entry of [
    ...SHELVES.flatMap((kind) => [...STOCK.all(kind)]),
    ...Object.values(tradeRules),
    ...Object.values(mixTargets),
  ]) {
    for (const figure of figuresOf(entry)) {
      shares[provenanceOf(entry, figure.path).kind] += 1;
      shares.total += 1;
    }
  }
  return shares;
}
