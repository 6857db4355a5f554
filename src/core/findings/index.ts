/** Checks that read a habitat and its results and say what is wrong and why; and, when asked, what mends it. */
import type { SchoolQuestion } from "../catalog";
import { checkAir, checkBox, checkRoom } from "./checks/box";
import { checkCrew, checkMates } from "./checks/living";
import { checkFill, checkSoil } from "./checks/ground";
import { checkFurnishing, checkLoad, checkPieces } from "./checks/pieces";
import { checkGrowth, checkLosses, checkPlants } from "./checks/planting";
import { checkReadings } from "./checks/readings";
import { checkSoilInWater, checkTerrain } from "./checks/terrain";
import { checkDrainage, checkWaterLine } from "./checks/water";
import type { FindingCode } from "./quantities";
import type { Assessed, Check, Finding, Found } from "./types";

export { STEPS } from "./types";
export type { Assessed, Finding, Mend, Step } from "./types";
export { FINDING_CODES } from "./quantities";
export type { FindingCode, FindingQuantities, MendableCode, MendQuantities } from "./quantities";
export { mendsOf } from "./mends";
export { checkFirst } from "./deciders";
export type { CheckFirst } from "./deciders";

const CHECKS: readonly Check[] = [
  checkBox,
  checkMates,
  checkAir,
  checkRoom,
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

/** Findings whose figures a school can change, and the question it answers. */
const ASKED: Partial<Record<FindingCode, SchoolQuestion>> = {
  boxTooSmall: "group",
  tooMany: "group",
  drainageMissing: "drainage",
  drainageInArid: "drainage",
  soilTooShallow: "soilDepth",
};

/** Says of a finding in which phase it was made, and which school's figures it went by. */
function placed<F extends Found>(found: F, { phase, habitat }: Assessed): F & Pick<Finding, "phase" | "follows"> {
  const question = ASKED[found.code];
  const view = question && habitat.brief.schools[question];
  return { ...found, phase, ...(view === undefined ? {} : { follows: question }) };
}

/** All findings, what harms first. @example findings(assessed)[0]?.severity // "harm" */
export function findings(assessed: Assessed): Finding[] {
  const all: Finding[] = CHECKS.flatMap((check) => check(assessed)).map((found) => placed(found, assessed));
  return [
    ...all.filter((finding) => finding.severity === "harm"),
    ...all.filter((finding) => finding.severity === "look"),
  ];
}
