/** Checks that read a habitat and its results and say what is wrong and why; and, when asked, what mends it. */
import { checkAir, checkBox, checkRoom, checkUv } from "./checks/box";
import { checkCrew, checkMates } from "./checks/living";
import { checkBasking, checkCold, checkDamp, checkHot, checkUvIndex } from "./checks/atAnimal";
import { checkGearPlaces } from "./checks/gearPlaces";
import { checkSockets, checkWiring } from "./checks/wiring";
import { checkFill, checkSoil } from "./checks/ground";
import { checkFurnishing, checkLoad, checkPieces } from "./checks/pieces";
import { checkStanding } from "./checks/inside";
import { checkOverlaps } from "./checks/overlaps";
import { checkGrowth, checkLosses, checkPlanted, checkPlants } from "./checks/planting";
import { checkMixesLaid } from "./checks/mixes";
import { checkReadings } from "./checks/readings";
import { checkSoilInWater, checkTerrain } from "./checks/terrain";
import { checkDrainage, checkWaterLine } from "./checks/water";
import { folded } from "./fold";
import { answeredTo } from "./answers";
import { weighed } from "./weigh";
import { WEIGHTS, type Assessed, type Check, type Finding } from "./types";

export { STEPS, WEIGHTS } from "./types";
export type { Assessed, Finding, FindingOf, Step, Weight } from "./types";
export { FINDING_CODES } from "./quantities";
export type { FindingCode, FindingQuantities } from "./quantities";
export type { GearCode } from "./gearQuantities";
export { causeOf, isOpen } from "./answers";
export { metersTold } from "./metersTold";
export { worstStep } from "./checks/terrain";
export { checkChemistry, DEEP_SHARE } from "./checks/ground";
export { isVessel } from "./checks/water";
export { checkFirst } from "./deciders";
export type { CheckFirst } from "./deciders";

const CHECKS: readonly Check[] = [
  checkBox,
  checkMates,
  checkAir,
  checkRoom,
  checkUv,
  checkPieces,
  checkOverlaps,
  checkLoad,
  checkFill,
  checkWaterLine,
  checkSoilInWater,
  checkDrainage,
  checkSoil,
  checkMixesLaid,
  checkTerrain,
  checkFurnishing,
  checkPlants,
  checkPlanted,
  checkStanding,
  checkGrowth,
  checkLosses,
  checkCrew,
  // UV counts where it basks: that place comes first.
  checkBasking,
  checkUvIndex,
  checkCold,
  checkHot,
  checkDamp,
  checkWiring,
  checkGearPlaces,
  checkSockets,
  checkReadings,
];

/** All findings, what weighs most first. @example findings(assessed)[0]?.weight // "harm" */
export function findings(assessed: Assessed): Finding[] {
  const { answers } = assessed.habitat;
  const each = CHECKS.flatMap((check) => check(assessed))
    .map((found) => weighed(found, assessed))
    .map((one) => ({ ...one, answered: answeredTo(one, answers) }) as Finding);
  const all = folded(each);
  return WEIGHTS.flatMap((weight) => all.filter((finding) => finding.weight === weight));
}
