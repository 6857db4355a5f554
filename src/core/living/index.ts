/** What suits whom: the box for the animal, plants and crew for the habitat. */
export { BOX_CODES, boxFit, leastBox } from "./boxFit";
export type { BoxCode, BoxReason } from "./boxFit";
export { SCORE_AT_EDGE, suits, suitsBand } from "./envelope";
export { FIT_CODES, bandOf, crewFit, headRoomCm, plantFit, ranked, seedCount, verdictOf } from "./fit";
export type { Fit, FitCode, FitReason, Verdict } from "./fit";
export { FURNISHING_CODES, furnishing, heightsApartCm } from "./furnishing";
export type { Furnishing, FurnishingCode } from "./furnishing";
