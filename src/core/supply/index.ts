/** What to buy: requirements, what is in the bins, the choice of whole packs. */
export { needs } from "./needs";
export type { Need } from "./needs";
export {
  BUYABLE,
  BinsSchema,
  EMPTY_BINS,
  PACK_FORMS,
  buyables,
  unitOf,
  withListed,
  withPack,
  withStock,
  withoutThing,
} from "./bins";
export type { Amount, Bins, Buyable, Pack } from "./bins";
export { kgALitre, litrePrices, litresInStock, mixPricePerL, unitPrice } from "./loose";
export { depthFrom, litresAtHand } from "./depthFrom";
export type { DepthFrom } from "./depthFrom";
export { standsIn } from "./interchange";
export { inBins, inStock } from "./covers";
export { looseSources, pouredL } from "./sources";
export type { Source } from "./sources";
export { usualStarter } from "./starters";
export { reservedBy, stairOf } from "./stair";
export type { Stair, Waiting } from "./stair";
export { wantsOf } from "./wants";
export { AIMS, packQuestion } from "./packModel";
export type { Aim } from "./packModel";
export { packChoice } from "./packs";
export type { Choice } from "./packs";
