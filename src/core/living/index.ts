/**
 * What suits whom: the box for the animal, plants, crew and tank mates for the habitat and the place; how plants grow
 * and crowd.
 */
export { animalCautions, plantCautions } from "./cautions";
export { BOX_CODES, boxFit, leastBox } from "./boxFit";
export type { BoxReason } from "./boxFit";
export { suits, suitsBand } from "./envelope";
export { FIT_CODES, ranked } from "./reason";
export type { Fit, FitCode, FitReason, Verdict } from "./reason";
export { crewFit, seedCount } from "./crewFit";
export { plantFit, rankPlants } from "./plantFit";
export { grownHeightCm, grownSpreadCm, longestCm } from "../grown";
export { foundAt, hangsDown, PLANTING_PLACES, placeNamed, plantFootCm, spotOf, usualSite, usualStand } from "./place";
export type { PlantingPlace } from "./place";
export { canBeKept, grownShare, shareOfGrown, sizeAfter } from "./growth";
export { betterPlaces } from "./betterPlaces";
export { calmSpot, lensCm2, MONTHS_AHEAD, troubles } from "./crowding";
export type { Trouble } from "./crowding";
export { matesFit } from "./mates";
export { lossesOf, plantWorks } from "./work";
export { crewClimates, plantClimates } from "./climates";
export { suited } from "./suited";
export { stageEdits } from "./stageEdits";
export { usualCount } from "./usualCount";
export { worstStanding } from "./standing";
export { aquaticLineCm, waterBody, waterInBoxL } from "./waterBody";
