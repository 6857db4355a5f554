/** What an animal wants to find standing in its box. */
export { CREVICES_A_STACK, FURNISHING_CODES, furnishing, heightsApartCm } from "./furnishing";
export type { Furnishing, FurnishingCode, RefugeCode } from "./furnishing";
