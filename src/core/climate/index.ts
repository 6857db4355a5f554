/** Moist air, and what the room gives against what the animal wants. */
export { humidityAfter, saturationKPa, vapourToAddGPerM3 } from "./psychrometrics";
export { bandField, overFloor, overGround, SOIL_MOISTURE } from "./field";
export type { ClimateField, Conditions, GroundConditions } from "./field";
export { roomGap } from "./room";
export type { RoomGap } from "./room";
