/**
 * What can exist: the shape of every kind of entry, where its figures come from, and the rules of the trade. The
 * entries themselves are found through a library.
 */
import { tradeRuleValues, type TradeRuleId } from "./data/tradeRules";

export * from "./schema";
export * from "./gearSchema";
export * from "./ingredientSchema";
export * from "./ownSchema";
export { PlainTextSchema } from "./fields";
export * from "./structureSchema";
export { CHUNKED_KINDS } from "./chunks/chunk";
export type { CatalogEntry, CatalogKind } from "./stock";
export * from "./provenance";
export { mixTargets, BURROW_TARGET, EATEN_GROUND_TARGET, LIMED_GROUND, TUNNELLED_GROUND } from "./data/mixTargets";
export * from "./mixTargetSchema";
export { roomKinds } from "./data/rooms";
export { roomIn, RoomKindSchema } from "./roomSchema";
export { tradeRules } from "./data/tradeRuleSources";
export type { TradeRuleId };

/** The value of a trade rule. @example rule("drainageDepthCm") // 5 */
export const rule = (id: TradeRuleId): number => tradeRuleValues[id];
