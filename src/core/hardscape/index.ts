/** What an animal wants to find standing in its box. */
export { leastHideCm } from "./hideSize";
export { baskingOn, FURNISHING_CODES, crevicesOf, leavesToHideIn, furnishing, heightsApartCm } from "./furnishing";
export { isDampUnder, isHalfBuried, isLee } from "./shelters";
export type { Furnishing, FurnishingCode, RefugeCode } from "./furnishing";
