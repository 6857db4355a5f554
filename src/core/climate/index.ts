/** Moist air, and what the room gives against what the animal wants. */
export { humidityAfter, saturationKPa, vapourToAddGPerM3 } from "./psychrometrics";
export { bandField, overFloor, overGround } from "./field";
export type { ClimateField, Conditions } from "./field";
export { roomGap } from "./room";
export type { RoomGap } from "./room";
