/** What suits whom: the box for the animal, plants, crew and tank mates for the habitat and the place; how plants grow and crowd. */
export { BOX_CODES, boxFit, leastBox } from "./boxFit";
export type { BoxCode, BoxReason } from "./boxFit";
export { SCORE_AT_EDGE, suits, suitsBand } from "./envelope";
export { FIT_CODES, fit, ranked, verdictOf } from "./reason";
export type { Fit, FitCode, FitReason, Verdict } from "./reason";
export { crewFit, headRoomCm, plantFit, rankPlants, seedCount } from "./fit";
export { foundAt, PLANTING_PLACES, placeNamed, plantFootCm, spotOf, usualPlace } from "./place";
export type { Found, Place, PlantingPlace } from "./place";
export { grownShare, sizeAfter } from "./growth";
export { calmSpot, grownPlants, lensCm2, MONTHS_AHEAD, overlapShare, troubles } from "./crowding";
export type { Grown, Planted, Trouble } from "./crowding";
export { matesFit } from "./mates";
export { lossesOf, plantWorks } from "./work";
export type { PlantWork } from "./work";
export { climatesOf } from "./climates";
