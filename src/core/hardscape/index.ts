/** What an animal wants to find standing in its box. */
export { FURNISHING_CODES, furnishing, heightsApartCm } from "./furnishing";
export type { Furnishing, FurnishingCode } from "./furnishing";
