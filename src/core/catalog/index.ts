/** What exists: materials, ingredients, animals, plants, crew, recipes, and where every figure comes from. */
import { animals } from "./data/animals";
import { boxBuilds, boxSizes } from "./data/boxes";
import { crew } from "./data/crew";
import { gear } from "./data/gear";
import { ingredients } from "./data/ingredients";
import { barriers, drainageMedia, dressings } from "./data/materials";
import { plants } from "./data/plants";
import { recipes } from "./data/recipes";
import { falseBottoms, pieceKinds, supplies, wallFinishes, wallTreatments } from "./data/structures";
import { tradeRules, type TradeRuleId } from "./data/tradeRules";

export * from "./schema";
export * from "./gearSchema";
export * from "./ingredientSchema";
export * from "./ownSchema";
export { PlainTextSchema } from "./fields";
export { CARSEL_PARRISH_MEANS, waterAt } from "./retention";
export type { Retention, Texture } from "./retention";
export * from "./structureSchema";
export * from "./provenance";
export { mixTargets, BURROW_TARGET } from "./data/mixTargets";
export * from "./mixTargetSchema";
export { tradeRules };
export type { TradeRuleId };

/** The shelves of the catalogue by kind. */
export const catalog = {
  animals,
  plants,
  crew,
  ingredients,
  drainageMedia,
  barriers,
  dressings,
  recipes,
  boxBuilds,
  boxSizes,
  falseBottoms,
  wallTreatments,
  wallFinishes,
  pieceKinds,
  supplies,
  gear,
} as const;
export type CatalogKind = keyof typeof catalog;
export type CatalogEntry<K extends CatalogKind> = (typeof catalog)[K][number];

const indexById = <T extends { id: string }>(entries: readonly T[]): ReadonlyMap<string, T> =>
  new Map(entries.map((entry) => [entry.id, entry]));

const byId = {
  animals: indexById(animals),
  plants: indexById(plants),
  crew: indexById(crew),
  ingredients: indexById(ingredients),
  drainageMedia: indexById(drainageMedia),
  barriers: indexById(barriers),
  dressings: indexById(dressings),
  recipes: indexById(recipes),
  boxBuilds: indexById(boxBuilds),
  boxSizes: indexById(boxSizes),
  falseBottoms: indexById(falseBottoms),
  wallTreatments: indexById(wallTreatments),
  wallFinishes: indexById(wallFinishes),
  pieceKinds: indexById(pieceKinds),
  supplies: indexById(supplies),
  gear: indexById(gear),
} as { [K in CatalogKind]: ReadonlyMap<string, CatalogEntry<K>> };

/** Looks an entry up. @example findEntry("animals", "rosyBoa")?.adultLengthCm // 85 */
export const findEntry = <K extends CatalogKind>(kind: K, id: string): CatalogEntry<K> | undefined =>
  byId[kind].get(id);

/**
 * Looks up an entry that must be there.
 *
 * @throws RangeError naming the shelf and the id
 * @example entry("drainageMedia", "clayPebbles").voidPct // 45
 */
export function entry<K extends CatalogKind>(kind: K, id: string): CatalogEntry<K> {
  const found = findEntry(kind, id);
  if (!found) throw new RangeError(`${kind}: no entry "${id}"`);
  return found;
}

/** The value of a trade rule. @example rule("drainageDepthCm") // 5 */
export const rule = (id: TradeRuleId): number => tradeRules[id].value;
