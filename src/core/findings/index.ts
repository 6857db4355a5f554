/** Checks that read a habitat and its results and say what is wrong and why; and, when asked, what mends it. */
import { checkAir, checkBox } from "./checks/box";
import { checkCrew, checkMates } from "./checks/living";
import { checkFill, checkSoil } from "./checks/ground";
import { checkFurnishing, checkLoad, checkPieces } from "./checks/pieces";
import { checkGrowth, checkLosses, checkPlants } from "./checks/planting";
import { checkReadings } from "./checks/readings";
import { checkSoilInWater, checkTerrain } from "./checks/terrain";
import { checkDrainage, checkWaterLine } from "./checks/water";
import type { Assessed, Check, Finding } from "./types";

export { STEPS } from "./types";
export type { Assessed, Finding, Mend, Step } from "./types";
export { FINDING_CODES } from "./quantities";
export type { FindingCode, FindingQuantities, MendableCode, MendQuantities } from "./quantities";
export { mendsOf } from "./mends";

const CHECKS: readonly Check[] = [
  checkBox,
  checkMates,
  checkAir,
  checkPieces,
  checkLoad,
  checkFill,
  checkWaterLine,
  checkSoilInWater,
  checkDrainage,
  checkSoil,
  checkTerrain,
  checkFurnishing,
  checkPlants,
  checkGrowth,
  checkLosses,
  checkCrew,
  checkReadings,
];

/** All findings, what harms first. @example findings(assessed)[0]?.severity // "harm" */
export function findings(assessed: Assessed): Finding[] {
  const all = CHECKS.flatMap((check) => check(assessed)).map((found) => ({ ...found, phase: assessed.phase }));
  return [
    ...all.filter((finding) => finding.severity === "harm"),
    ...all.filter((finding) => finding.severity === "look"),
  ];
}
