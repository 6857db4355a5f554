import type { Derived } from "../derive";
import type { Finding, FindingCode } from "../findings";

/** What is left to a builder where no edit mends a finding without bringing another. */
export const CHOICES = [
  "otherAnimal",
  "fewerAnimals",
  "largerBox",
  "largerBoxLater",
  "higherSill",
  "higherBox",
  "otherSchool",
  "otherPlant",
  "otherCrew",
  "otherMix",
  "moreLamp",
  "coolerRoom",
  "warmerRoom",
  "coverMore",
  "moreMist",
  "moreAir",
  "strongerStand",
  "thickerPane",
  "lessSoil",
  "gentlerSlope",
  "fewerPieces",
  "tidyByHand",
  "seedCrew",
] as const;
export type Choice = (typeof CHOICES)[number];

/** By what is found. What depends on the box being bought or on a school is sorted out below. */
const LEFT: Partial<Record<FindingCode, readonly Choice[]>> = {
  boxTooSmall: ["largerBox", "fewerAnimals", "otherAnimal"],
  tooMany: ["fewerAnimals"],
  boxShape: ["largerBox", "otherAnimal"],
  farToFall: ["otherAnimal"],
  matesMisfit: ["otherAnimal"],
  aboveRim: ["lessSoil", "higherBox"],
  overSill: ["higherSill", "otherAnimal"],
  soilTooShallow: ["higherSill", "higherBox", "otherAnimal"],
  drainageMissing: ["higherSill", "higherBox"],
  soilMissing: ["higherSill", "higherBox"],
  waterOverSafeLine: ["lessSoil"],
  emptyMix: ["otherMix"],
  mixHurts: ["otherMix"],
  mixLimed: ["otherMix"],
  mixSeals: ["otherMix"],
  mixOff: ["otherMix"],
  slopeTooSteep: ["gentlerSlope"],
  roomTooHot: ["coolerRoom", "otherAnimal"],
  tooHot: ["coolerRoom", "largerBox", "otherAnimal"],
  tooCold: ["coverMore", "warmerRoom", "otherAnimal"],
  tooDry: ["moreMist", "otherAnimal"],
  tooDamp: ["moreAir", "otherAnimal"],
  standOverloaded: ["strongerStand"],
  paneOverloaded: ["thickerPane"],
  pieceTooLarge: ["fewerPieces"],
  pieceOverlaps: ["fewerPieces"],
  pieceBuried: ["fewerPieces"],
  stoneOnSoil: ["fewerPieces"],
  hideMissing: ["fewerPieces", "largerBox"],
  refugeMissing: ["fewerPieces", "largerBox"],
  humidHideMissing: ["fewerPieces", "largerBox"],
  bowlMissing: ["fewerPieces", "largerBox"],
  climbMissing: ["fewerPieces", "largerBox"],
  baskingMissing: ["fewerPieces", "largerBox"],
  plantOutgrows: ["otherPlant"],
  plantWantsWetter: ["otherPlant"],
  plantWantsDrier: ["otherPlant"],
  plantRootsShallow: ["otherPlant"],
  plantTooDim: ["moreLamp", "otherPlant"],
  plantWrongWarmth: ["otherPlant"],
  plantTooBright: ["otherPlant"],
  plantPricks: ["otherPlant"],
  crewWrongWarmth: ["otherCrew"],
  crewWrongAir: ["otherCrew"],
  crewHunted: ["otherCrew"],
  crewTooDry: ["otherCrew"],
  crewTooWet: ["otherCrew"],
  plantsMissing: ["otherPlant"],
  crewMissing: ["seedCrew", "tidyByHand"],
};

const CHANGES_THE_BOX: readonly Choice[] = ["largerBox", "higherSill", "higherBox", "thickerPane"];

/**
 * The choices left for a finding, most likely first: with a box that is bought as it is, none that changes it, but a
 * later move.
 *
 * @example choicesOf(overSill, derived) // ["higherSill", "otherAnimal"]
 */
export function choicesOf({ code, otherSchool }: Finding, { habitat }: Pick<Derived, "habitat">): Choice[] {
  const left = LEFT[code] ?? [];
  const { bought } = habitat.shell;
  const open = bought ? left.filter((choice) => !CHANGES_THE_BOX.includes(choice)) : left;
  const moves = bought && left.includes("largerBox") ? (["largerBoxLater"] as const) : [];
  const fewer = habitat.brief.count > 1 ? open : open.filter((choice) => choice !== "fewerAnimals");
  return [...(otherSchool ? (["otherSchool"] as const) : []), ...fewer, ...moves];
}
