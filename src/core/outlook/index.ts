/** What comes of all that is set up in a habitat: warmth, damp, air, light at the animal, water and electricity. */
export { lookedAtOn, outlookOf } from "./outlook";
export type { Outlook } from "./outlook";
export { energyTotal } from "./energy";
export { gearCautions, nearWater } from "./nearWater";
export { BESIDE_LAMP_CM, besideCm, standCm } from "./places";
export { wholeDays } from "./water";
export type { Days } from "./water";
export { backAt, MEETS, meetsOf, standsTo } from "./meets";
export type { Meets, MeetsId, Stand } from "./meets";
export { airNeed, sprayedL, underOtherTop } from "./needs";
