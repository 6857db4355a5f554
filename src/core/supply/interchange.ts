import type { Buyable } from "./bins";

/** Things that stand in for one another without changing what the habitat is: common practice. */
const GROUPS: readonly { shelf: Buyable; items: readonly string[] }[] = [
  { shelf: "drainageMedia", items: ["clayPebbles", "lavaRock", "pumiceGravel"] },
  { shelf: "ingredients", items: ["playSand", "redSand"] },
  { shelf: "ingredients", items: ["fineBark", "eucalyptBark"] },
  { shelf: "ingredients", items: ["pumice", "perlite", "lavaGrit"] },
  { shelf: "ingredients", items: ["wormCastings", "compost"] },
  { shelf: "dressings", items: ["oakLitter", "magnoliaLitter"] },
  { shelf: "barriers", items: ["insectScreen", "landscapeFabric"] },
];

/**
 * What may be taken for a thing, itself first.
 *
 * @example standsIn("ingredients", "playSand") // ["playSand", "redSand"]
 */
export function standsIn(shelf: Buyable, itemId: string): string[] {
  const group = GROUPS.find((other) => other.shelf === shelf && other.items.includes(itemId));
  return [itemId, ...(group?.items ?? []).filter((item) => item !== itemId)];
}
